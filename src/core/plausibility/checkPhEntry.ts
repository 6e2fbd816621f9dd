import { requireFinite } from '../result';
import { PH_DISPLAY_RANGE } from './constants';

/** What is wrong with a typed pH, with the value probably meant. */
export type PhEntryIssue =
  | { readonly reason: 'decimalPointLost'; readonly meantPh: number }
  | { readonly reason: 'outsideDisplay'; readonly min: number; readonly max: number };

/**
 * Checks a typed pH against what a display can show (0–14). 65 or 652 is most likely 6.5 or 6.52
 * with the point lost: says so and offers it. Undefined when nothing is wrong.
 */
export function checkPhEntry(shownPh: number): PhEntryIssue | undefined {
  requireFinite('shownPh', shownPh);
  const { min, max } = PH_DISPLAY_RANGE;
  if (shownPh >= min && shownPh <= max) return undefined;
  const meantPh = [shownPh / 10, shownPh / 100].find((ph) => ph > min && ph <= max);
  if (meantPh !== undefined && Number.isInteger(shownPh)) {
    return { reason: 'decimalPointLost', meantPh };
  }
  return { reason: 'outsideDisplay', min, max };
}
