import { lotState, type LotFacts } from './lotState';
import { isSameNominal } from './sameNominal';

/**
 * How many whole calibrations a set of cups still allows: the scarcest liquid decides. Lots past
 * their date do not count; undefined when no amount is known.
 */
export function calibrationsLeft(
  cups: readonly { readonly kind: LotFacts['kind']; readonly nominal: number }[],
  lots: readonly LotFacts[],
  nowMs: number,
): number | undefined {
  const counts = cups.map(({ kind, nominal }) => {
    const fitting = lots.filter((lot) => lot.kind === kind && isSameNominal(lot.nominal, nominal));
    const states = fitting
      .map((lot) => lotState(lot, nowMs))
      .filter(({ word }) => word === 'good' || word === 'soon');
    return states.some((state) => state.portionsLeft === undefined)
      ? Infinity
      : states.reduce((sum, state) => sum + (state.portionsLeft ?? 0), 0);
  });
  const least = Math.min(...counts);
  return Number.isFinite(least) ? least : undefined;
}
