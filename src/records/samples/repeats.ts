/** One side of a reading as displayed, perhaps dipped again. */
interface Displayed {
  readonly shown: number;
  readonly repeats?: readonly number[] | undefined;
}

const all = ({ shown, repeats = [] }: Displayed) => [shown, ...repeats];

/** The mean of everything displayed for one sample; the raw values stay as they are. */
export function meanShown(side: Displayed): number {
  const values = all(side);
  return values.reduce((sum, value) => sum + value, 0) / values.length;
}

/**
 * Standard uncertainty of that mean from the spread of at least three dips (type A, s/√n);
 * undefined for fewer: two dips tell too little of a spread.
 */
export function repeatStdU(side: Displayed): number | undefined {
  const values = all(side);
  if (values.length < 3) return undefined;
  const mean = meanShown(side);
  const sumSquares = values.reduce((sum, value) => sum + (value - mean) ** 2, 0);
  return Math.sqrt(sumSquares / (values.length - 1) / values.length);
}

/** A pH side as the core takes it: the mean of its dips, their spread where there are enough. */
export const phShownOf = (side: Displayed) => ({
  shownPh: meanShown(side),
  repeatStdUPh: repeatStdU(side),
});

/** The same for an EC side; its spread relative to the mean. */
export function ecShownOf(side: Displayed) {
  const shown = meanShown(side);
  const spread = repeatStdU(side);
  return {
    shown,
    repeatStdURel: spread === undefined ? undefined : spread / Math.max(shown, 1e-9),
  };
}
