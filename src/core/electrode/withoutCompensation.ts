import { requireFinite } from '../result';
import { nernstSlopeMvPerPh } from './nernstSlope';

/** The isopotential point of glass electrodes, where temperature changes nothing, pH. IUPAC 2002. */
const ISOPOTENTIAL_PH = 7;

/** Where a pen without temperature compensation was calibrated and where it is used, °C. */
export interface WithoutCompensation {
  readonly calibratedC: number;
  readonly usedC: number;
}

/**
 * The true pH behind what a pen without temperature compensation shows:
 * (d − 7)·S(calibrated) = (p − 7)·S(used). At pH 5.5 and 10 °C away it is 0.05.
 * `compensatedPh(5.5, { calibratedC: 15, usedC: 25 }) // => 5.55`
 */
export function compensatedPh(
  shownPh: number,
  { calibratedC, usedC }: WithoutCompensation,
): number {
  const ratio = nernstSlopeMvPerPh(calibratedC) / nernstSlopeMvPerPh(usedC);
  return ISOPOTENTIAL_PH + (requireFinite('shownPh', shownPh) - ISOPOTENTIAL_PH) * ratio;
}

/**
 * What such a pen shows for a true pH; inverse of `compensatedPh`.
 * `uncompensatedPh(5.55, { calibratedC: 15, usedC: 25 }) // => 5.50`
 */
export function uncompensatedPh(
  truePh: number,
  { calibratedC, usedC }: WithoutCompensation,
): number {
  return compensatedPh(truePh, { calibratedC: usedC, usedC: calibratedC });
}
