import { UNKNOWN_GAIN_STD_U, type AddPart, type BudgetPart } from '../uncertainty';
import type { PhAnchor } from './fitPhAnchor';
import { varianceAt } from './quadraticVariance';

/**
 * What a check's own points leave uncertain at a true pH, told part by part: tolerances of the
 * buffers, digits read at the cups, temperature of the cups, the gain when there was one point, the
 * residual when more than two.
 */
export function eachPhAnchorPart(anchor: PhAnchor, ph: number, add: AddPart): void {
  const { points, residualRmsPh, variance } = anchor;
  add('standards', Math.sqrt(varianceAt(variance.standards, ph)));
  add('cupDigit', Math.sqrt(varianceAt(variance.cupDigit, ph)));
  add('cupTemperature', Math.sqrt(varianceAt(variance.cupTemperature, ph)));
  // The same buffer twice is one point.
  if (points.every((point) => point.truePh === points[0]!.truePh))
    add('gainUnknown', UNKNOWN_GAIN_STD_U * Math.abs(ph - points[0]!.truePh));
  add('residual', residualRmsPh);
}

/** The same as a list. */
export function phAnchorParts(anchor: PhAnchor, ph: number): readonly BudgetPart[] {
  const parts: BudgetPart[] = [];
  eachPhAnchorPart(anchor, ph, (source, stdU) => parts.push({ source, stdU }));
  return parts;
}
