import { expandedUOf, makeBudget, type Budget, type BudgetPart } from '../uncertainty';
import { errorSpread } from './dueByDrift';
import { varianceAt, type PenState } from './penState';

/**
 * A pen's share of an uncertainty told in parts: what its bottles leave open (standards), what its
 * checks do (check), what grew since or between (drift, an unseen jump included). `penVariance` is the
 * whole share; `perError` turns the pen's error into the unit of the value.
 */
export function penParts(
  state: PenState,
  { lever, perError, penVariance }: { lever: number; perError: number; penVariance: number },
): readonly BudgetPart[] {
  if (state.standing === 'unverified')
    return [{ source: 'makersAccuracy', stdU: Math.sqrt(penVariance) }];
  const square = perError ** 2;
  const check = Math.min(square * varianceAt(state.atCheck, lever), penVariance);
  const standards = Math.min(square * varianceAt(state.standards, lever), check);
  return [
    { source: 'standards', stdU: Math.sqrt(standards) },
    { source: 'check', stdU: Math.sqrt(check - standards) },
    { source: 'drift', stdU: Math.sqrt(penVariance - check) },
  ];
}

/** The ± of a pen's own error at a lever and what makes it: pH, or relative for EC. */
export function errorBudget(state: PenState, lever: number): Budget {
  const half = expandedUOf(errorSpread(state, lever)) / 2;
  const perError = state.quantity === 'ph' ? 1 : Math.exp(state.level);
  return makeBudget(penParts(state, { lever, perError, penVariance: (perError * half) ** 2 }));
}
