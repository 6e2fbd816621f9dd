import { choleskyOf, solveCholesky } from '../statistics';
import type { Layout } from './filter';
import type { Snapshot } from './bank';
import type { LevelVariance } from './penState';

/** Weights of the filters, summing to 1, from their log weights. */
export function weightsOf(filters: readonly Pick<Snapshot, 'logWeight'>[]): readonly number[] {
  const top = Math.max(...filters.map(({ logWeight }) => logWeight));
  const raw = filters.map(({ logWeight }) => Math.exp(logWeight - top));
  const sum = raw.reduce((total, weight) => total + weight, 0);
  return raw.map((weight) => weight / sum);
}

/** Mean and covariance of a mixture: within plus between. */
export function mixed(
  parts: readonly { readonly mean: Float64Array; readonly cov: Float64Array }[],
  weights: readonly number[],
  size: number,
): { readonly mean: Float64Array; readonly cov: Float64Array } {
  const mean = new Float64Array(size);
  parts.forEach((part, at) => {
    for (let row = 0; row < size; row += 1) mean[row]! += weights[at]! * part.mean[row]!;
  });
  const cov = new Float64Array(size * size);
  parts.forEach((part, at) => {
    const weight = weights[at]!;
    for (let row = 0; row < size; row += 1) {
      const away = part.mean[row]! - mean[row]!;
      for (let column = 0; column < size; column += 1) {
        cov[row * size + column]! +=
          weight * (part.cov[row * size + column]! + away * (part.mean[column]! - mean[column]!));
      }
    }
  });
  return { mean, cov };
}

/** The levels' part of a covariance. */
export function levelVariance(cov: Float64Array, { levels, size }: Layout): LevelVariance {
  return levels > 1
    ? { level: cov[0]!, shared: cov[1]!, gain: cov[size + 1]! }
    : { level: cov[0]!, shared: 0, gain: 0 };
}

/** How a level hangs together with each bottle. */
function towardsLots(cov: Float64Array, { firstLot, size }: Layout, level: number): Float64Array {
  return cov.slice(level * size + firstLot, (level + 1) * size);
}

function product(a: Float64Array, b: Float64Array): number {
  let sum = 0;
  for (let at = 0; at < a.length; at += 1) sum += a[at]! * b[at]!;
  return sum;
}

/** What knowing the bottles exactly would take off the levels' variance: B·L⁻¹·Bᵀ. */
export function standardsShare(cov: Float64Array, layout: Layout): LevelVariance {
  const { levels, firstLot, size } = layout;
  const lots = size - firstLot;
  if (lots === 0) return { level: 0, shared: 0, gain: 0 };
  const block = new Float64Array(lots * lots);
  for (let row = 0; row < lots; row += 1)
    for (let column = 0; column < lots; column += 1)
      block[row * lots + column] = cov[(firstLot + row) * size + firstLot + column]!;
  const factor = choleskyOf(block, lots);
  const first = towardsLots(cov, layout, 0);
  const solved = first.slice();
  solveCholesky(factor, lots, solved);
  if (levels === 1) return { level: product(first, solved), shared: 0, gain: 0 };
  const second = towardsLots(cov, layout, 1);
  const solvedSecond = second.slice();
  solveCholesky(factor, lots, solvedSecond);
  return {
    level: product(first, solved),
    shared: product(second, solved),
    gain: product(second, solvedSecond),
  };
}
