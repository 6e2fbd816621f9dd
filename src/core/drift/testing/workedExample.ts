import { DAY_MS } from '../../units';
import type { Dip } from '../../calibration';
import { type PenCheck, type PenEvent } from '../index';

/** A cup at 25 °C: buffer, its slope per °C, a display of 0.01, a lot of ±0.02. */
function cup(truePh: number, shownPh: number, slopePerC: number): Dip {
  const lever = truePh - 7;
  return {
    lever,
    difference: shownPh - 7 - lever,
    variance: 0.01 ** 2 / 12 + (slopePerC / Math.sqrt(3)) ** 2,
    bends: false,
    lot: { key: String(truePh), value: String(truePh), stdU: 0.02 / Math.sqrt(3) },
  };
}
const seven = (shown: number) => cup(7, shown, -0.003);
const four = (shown: number) => cup(4.008, shown, 0.0013);
const check = (day: number, more: Partial<PenCheck>): PenEvent => ({
  kind: 'check',
  atMs: day * DAY_MS,
  found: [],
  left: [],
  afterCleaning: false,
  ...more,
});
const BOTH = { offset: true, gain: true, bend: false };
/**
 * Three checks of a pen in two cups at 25 °C: adjusted on day 10, one cup on day 24, both on day 38.
 * Worked by hand and by a dense solution written apart from this one.
 */
export const EXAMPLE_EVENTS = [
  check(10, { found: [seven(7.06), four(4.18)], adjusted: BOTH, left: [seven(7), four(4.01)] }),
  check(24, { found: [seven(7.05)] }),
  check(38, { found: [seven(7.08), four(4.09)] }),
];
