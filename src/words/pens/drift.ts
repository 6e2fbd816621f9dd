/** How a pen drifts and its probe ages. */
export const driftSays = {
  title: (name: string) => `How its ${name} drifts`,
  chartSaid: (name: string, sentence: string) =>
    `${name} error of this pen at its checks. ${sentence}`,
  triangle: ' Triangle: something happened to the pen.',
  dueMark: ' Dashed line, “due”: the day it is due by its own drift.',
  chartKey: (triangle: string, dueMark: string) =>
    `Shaded: the tolerance. Line with its margin: the pen’s error and ±, as known now. A step is an adjustment.${triangle}${dueMark}`,
  hideTheTable: 'Hide the table',
  showAsATable: 'Show as a table',
  hideTableOf: (name: string) => `Hide the table of ${name}`,
  showTableOf: (name: string) => `Show as a table: ${name}`,
  errorAtEachCheck: (name: string) => `${name} error at each check`,
  howItsProbeAges: 'How its probe ages',
  gainSaid: (gain: string, wornGain: string) =>
    `Gain left through all adjustments, now ${gain}; worn out below ${wornGain}.`,
  settleSaid: (settleS: string) => `Time to stand still at each check, now ${settleS}.`,
  gainKey: 'Above: gain left through all adjustments, worn out below 90 %. ',
  settleKey: 'Dotted: how long it took to stand still.',
  gainLeft: 'Gain left',
  stillAfter: 'Still after',
  error: 'Error',
} as const;
