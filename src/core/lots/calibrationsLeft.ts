import { lotState, type LotFacts } from './lotState';
import { fitsNeed, type Liquid } from './fitsNeed';

/**
 * How many whole calibrations a set of cups still allows: the scarcest liquid decides. Lots past
 * their date do not count; undefined when no amount is known.
 */
export function calibrationsLeft(
  cups: readonly Liquid[],
  lots: readonly LotFacts[],
  nowMs: number,
): number | undefined {
  const counts = cups.map((cup) => {
    const fitting = lots.filter((lot) => fitsNeed(lot, cup));
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
