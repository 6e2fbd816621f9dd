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
