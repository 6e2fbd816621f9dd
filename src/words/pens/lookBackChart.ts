/** The chart of a look-back. */
export const lookBackChartSays = {
  chartSaid: (errorFrom: string, errorTo: string) =>
    `The pen’s error between the two checks, from ${errorFrom} to ${errorTo}.`,
} as const;
