import { normalCdf } from '../statistics';
import { WIDE } from './constants';

/** A mixture of normals: weights that sum to one, means and standard deviations. */
export interface Mixture {
  readonly count: number;
  readonly weight: Float64Array;
  readonly mean: Float64Array;
  readonly stdU: Float64Array;
}

/** Beyond so many standard deviations a normal is all or nothing. */
const FAR = 5;

/** What lies below a value. */
function belowIn({ count, weight, mean, stdU }: Mixture, value: number): number {
  let sum = 0;
  for (let node = 0; node < count; node += 1) {
    const z = (value - mean[node]!) / stdU[node]!;
    if (z > FAR) sum += weight[node]!;
    else if (z > -FAR) sum += weight[node]! * normalCdf(z);
  }
  return sum;
}

/** The mean of a mixture. */
export function meanIn({ count, weight, mean }: Mixture): number {
  let sum = 0;
  for (let node = 0; node < count; node += 1) sum += weight[node]! * mean[node]!;
  return sum;
}

/** Halvings of the bracket; and how close is close enough, of its beginning. */
const HALVINGS = 60;
const CLOSE = 1e-4;

/**
 * The value below which so much of a mixture lies, by halves. Infinite where that much of it lies at infinity.
 */
export function quantileIn(mixture: Mixture, share: number): number {
  const { count, mean, stdU } = mixture;
  let [low, high] = [Infinity, -Infinity];
  for (let node = 0; node < count; node += 1) {
    if (!Number.isFinite(mean[node]!)) continue;
    low = Math.min(low, mean[node]! - FAR * stdU[node]!);
    high = Math.max(high, mean[node]! + FAR * stdU[node]!);
  }
  if (!(high >= low) || belowIn(mixture, high) < share) return Infinity;
  const enough = CLOSE * (high - low) + 1e-15;
  for (let step = 0; step < HALVINGS && high - low > enough; step += 1) {
    const middle = (low + high) / 2;
    if (belowIn(mixture, middle) < share) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

/**
 * The parts of a mixture that weigh something, for drawings: what is left out is a hundredth or
 * two.
 */
export function coarse({ count, weight, mean, stdU }: Mixture): Mixture {
  let top = 0;
  for (let node = 0; node < count; node += 1) top = Math.max(top, weight[node]!);
  const kept: number[] = [];
  let sum = 0;
  for (let node = 0; node < count; node += 1) {
    if (weight[node]! < COARSE_SHARE * top) continue;
    kept.push(node);
    sum += weight[node]!;
  }
  const of = (column: Float64Array, by = 1) => Float64Array.from(kept, (at) => column[at]! / by);
  return { count: kept.length, weight: of(weight, sum), mean: of(mean), stdU: of(stdU) };
}

/** Parts lighter than this beside the heaviest are left out of drawings. */
const COARSE_SHARE = 0.02;

/**
 * How much of a mixture lies on the side of a value that is further from its middle, each normal
 * with the wide one that stands for what nobody thought of.
 */
export function tailBeyond(mixture: Mixture, value: number): number {
  const { count, weight, mean, stdU } = mixture;
  let below = 0;
  for (let node = 0; node < count; node += 1) {
    const away = value - mean[node]!;
    const wide = Math.sqrt(stdU[node]! ** 2 + WIDE.variance);
    below +=
      weight[node]! *
      ((1 - WIDE.share) * normalCdf(away / stdU[node]!) + WIDE.share * normalCdf(away / wide));
  }
  return Math.min(below, 1 - below);
}

/** Several mixtures as one, each by its weight. */
export function joined(parts: readonly { readonly mixture: Mixture; readonly weight: number }[]) {
  const count = parts.reduce((sum, { mixture }) => sum + mixture.count, 0);
  const all = {
    count,
    weight: new Float64Array(count),
    mean: new Float64Array(count),
    stdU: new Float64Array(count),
  };
  let from = 0;
  for (const { mixture, weight } of parts) {
    for (let node = 0; node < mixture.count; node += 1) {
      all.weight[from + node] = weight * mixture.weight[node]!;
      all.mean[from + node] = mixture.mean[node]!;
      all.stdU[from + node] = mixture.stdU[node]!;
    }
    from += mixture.count;
  }
  return all as Mixture;
}
