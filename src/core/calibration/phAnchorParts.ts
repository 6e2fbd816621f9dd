import { rootSumSquare } from '../statistics';
import { UNKNOWN_GAIN_STD_U, type BudgetPart } from '../uncertainty';
import type { PhAnchor } from './fitPhAnchor';

/** Weight of each point in the line's value at `ph`; Lagrange's weights when there are two. */
export function lineWeights(truePhs: readonly number[], ph: number): readonly number[] {
  const mean = truePhs.reduce((sum, x) => sum + x, 0) / truePhs.length;
  const spread = truePhs.reduce((sum, x) => sum + (x - mean) ** 2, 0);
  if (truePhs.length === 1) return [1];
  return truePhs.map((x) => 1 / truePhs.length + ((ph - mean) * (x - mean)) / spread);
}

/**
 * What a check's own points leave uncertain at a true pH: tolerances of the buffers, digits read at
 * the cups, temperature of the cups, the gain when there was one point, the residual when more than
 * two. Each point is propagated with its weight in the line (JCGM 100:2008, 5.1.2).
 */
export function phAnchorParts(anchor: PhAnchor, ph: number): readonly BudgetPart[] {
  const { points, residualRmsPh } = anchor;
  const weights = lineWeights(
    points.map((point) => point.truePh),
    ph,
  );
  const through = (stdU: (at: number) => number) =>
    rootSumSquare(weights.map((weight, at) => weight * stdU(at)));
  const only = points.length === 1 ? points[0] : undefined;
  return [
    { source: 'standards', stdU: through((at) => points[at]!.standardStdU) },
    { source: 'cupDigit', stdU: through((at) => points[at]!.digitStdU) },
    { source: 'cupTemperature', stdU: through((at) => points[at]!.temperatureStdU) },
    { source: 'gainUnknown', stdU: only ? UNKNOWN_GAIN_STD_U * Math.abs(ph - only.truePh) : 0 },
    { source: 'residual', stdU: residualRmsPh },
  ];
}
