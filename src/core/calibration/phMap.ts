import { requireFinite } from '../result';
import { ISOPOTENTIAL_PH } from './constants';

/** How a pen maps true pH to shown pH: d = 7 + offset + gain·(p − 7). */
export interface PhMap {
  /** Error at pH 7, pH. Positive: the pen shows too much. */
  readonly offsetPh: number;
  /** 1 = exact; below 1 the pen understates distances from 7. */
  readonly gain: number;
}

/** The map of a pen without error. */
export const EXACT_PH_MAP: PhMap = { offsetPh: 0, gain: 1 };

/**
 * What the pen shows for a true pH. Any finite pH.
 * `shownPhFor(4, { offsetPh: 0.1, gain: 0.95 }) // => 4.25`
 */
export function shownPhFor(truePh: number, { offsetPh, gain }: PhMap): number {
  return ISOPOTENTIAL_PH + offsetPh + gain * (requireFinite('truePh', truePh) - ISOPOTENTIAL_PH);
}
