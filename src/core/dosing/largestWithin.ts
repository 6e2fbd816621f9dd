/** Bisection steps: they narrow the amount to 0.1 % of the whole, finer than any measuring jug. */
const HALVINGS = 10;

/**
 * The largest share of `whole` for which `keeps` still holds, given that it holds for nothing and,
 * once broken, stays broken. 0 when nothing keeps it.
 */
export function largestWithin(whole: number, keeps: (amount: number) => boolean): number {
  if (keeps(whole)) return whole;
  let [low, high] = [0, whole];
  for (let i = 0; i < HALVINGS; i += 1) {
    const middle = (low + high) / 2;
    if (keeps(middle)) low = middle;
    else high = middle;
  }
  return low;
}
