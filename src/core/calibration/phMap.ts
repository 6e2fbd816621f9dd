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

/** What the pen shows for a true pH. Any finite pH. */
export function shownPhFor(truePh: number, { offsetPh, gain }: PhMap): number {
  return ISOPOTENTIAL_PH + offsetPh + gain * (requireFinite('truePh', truePh) - ISOPOTENTIAL_PH);
}

/** The true pH behind a shown one; inverse of `shownPhFor`. Gain must not be 0. */
export function truePhFor(shownPh: number, { offsetPh, gain }: PhMap): number {
  if (!(Math.abs(gain) > 0)) throw new RangeError('a pen with gain 0 shows nothing');
  return ISOPOTENTIAL_PH + (requireFinite('shownPh', shownPh) - ISOPOTENTIAL_PH - offsetPh) / gain;
}

/** How far off the pen is at a true pH: shown − true, pH. */
export function phErrorAt(truePh: number, map: PhMap): number {
  return shownPhFor(truePh, map) - truePh;
}
