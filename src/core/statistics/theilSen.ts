import { medianSorted } from 'simple-statistics';
import { requireFinite } from '../result';
import type { XY } from './lineFit';

/** A slope that one wild pair cannot bend, with a 95 % interval where there is enough to carry it. */
export interface TheilSenFit {
  readonly slope: number;
  /** Median of y − slope·x. */
  readonly intercept: number;
  /** Absent with five pairs or fewer: so few carry no 95 % interval. */
  readonly slopeInterval?: { readonly low: number; readonly high: number } | undefined;
  readonly count: number;
}

/** Fewer pairs than this carry no interval. */
const INTERVAL_FROM_PAIRS = 6;

/** Two-sided 95 % point of the normal distribution. */
const Z_95 = 1.959964;

/**
 * Median of all pairwise slopes (pairs of equal x are skipped), with Sen's interval from the
 * variance of Kendall's statistic. At least two different x, else `RangeError`. O(n²): give it a
 * recent window, not a lifetime.
 * @source P. K. Sen, Journal of the American Statistical Association 63 (1968) 1379–1389.
 */
export function theilSen(pairs: readonly XY[]): TheilSenFit {
  const n = pairs.length;
  const xs = Float64Array.from(pairs, ({ x }) => requireFinite('x', x));
  const ys = Float64Array.from(pairs, ({ y }) => y);
  const slopes = pairwiseSlopes(xs, ys).sort();
  if (slopes.length === 0) throw new RangeError('a slope needs two different x');
  const slope = middleOf(slopes);
  const intercept = middleOf(ys.map((y, at) => y - slope * xs[at]!).sort());
  if (n < INTERVAL_FROM_PAIRS) return { slope, intercept, count: n };
  const reach = Z_95 * Math.sqrt((n * (n - 1) * (2 * n + 5)) / 18);
  const at = (index: number) => slopes[Math.min(Math.max(index, 0), slopes.length - 1)]!;
  const low = at(Math.floor((slopes.length - reach) / 2) - 1);
  const high = at(Math.ceil((slopes.length + reach) / 2));
  return { slope, intercept, slopeInterval: { low, high }, count: n };
}

/** The slope from every pair to every later one, without pairs of equal x. */
function pairwiseSlopes(xs: Float64Array, ys: Float64Array): Float64Array {
  const slopes = new Float64Array((xs.length * (xs.length - 1)) / 2);
  let count = 0;
  for (let i = 0; i < xs.length; i += 1)
    for (let j = i + 1; j < xs.length; j += 1) {
      const run = xs[j]! - xs[i]!;
      if (run !== 0) slopes[count++] = (ys[j]! - ys[i]!) / run;
    }
  return slopes.subarray(0, count);
}

/** The median of at least one number in ascending order. */
const middleOf = (sorted: Float64Array): number =>
  // The package reads places and length alone, which both kinds of array have.
  medianSorted(sorted as unknown as readonly number[]);
