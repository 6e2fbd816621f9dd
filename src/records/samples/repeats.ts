/** One side of a reading as displayed, perhaps dipped again. */
interface Displayed {
  readonly shown: number;
  readonly repeats?: readonly number[] | undefined;
}

/** Every dip of one sample, in the order they were made. */
export const dipsShown = ({ shown, repeats = [] }: Displayed): readonly number[] => [
  shown,
  ...repeats,
];

/** The mean of everything displayed for one sample; the raw values stay as they are. */
export function meanShown(side: Displayed): number {
  if (!side.repeats?.length) return side.shown;
  const values = dipsShown(side);
  return values.reduce((sum, value) => sum + value, 0) / values.length;
}
