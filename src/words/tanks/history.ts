import { inGroups } from '../counted';
import type { Told } from '../told';

/** The history of a tank. */
export const historySays = {
  loadingTheHistory: 'Loading the history',
  history: 'History',
  drawingNote: (from: string, to: string) =>
    `${from} to ${to}. Corrected values, bars 95 %; shaded: the band as it then was.`,
  chartKeys: (name: string) =>
    `History of ${name}: arrow keys move in time, + and − scale, Home shows all`,
  svgPicture: 'SVG picture',
  pngPicture: 'PNG picture',
  shaded: 'Shaded: the target band at that time.',
  noBand: 'No band is set for this sample.',
  hollow: 'Hollow: what the pen showed, before it was corrected.',
  flags: 'Flags: doses.',
  diamond: 'Diamond: the stage changed.',
  chartSaid: ({
    quantity,
    name,
    readings,
  }: Told<'quantity' | 'name' | 'readings', string | number>) =>
    `${quantity} of ${name}, ${readings} readings in this span; the table below has them.`,
  ecIn: (ecUnit: string) => `EC, ${ecUnit}`,
  newestOf: (count: number, total: number) =>
    `The newest ${inGroups(count)} of ${inGroups(total)}. `,
  allOf: (total: number) => `All ${total}. `,
  correctedValues: (howMany: string) =>
    `${howMany}Corrected values with their ±; what the pens showed is kept.`,
  older: 'Older',
  earlier: 'Earlier',
  later: 'Later',
  closer: 'Closer',
  wider: 'Wider',
  drops: 'Drops: water.',
} as const;
