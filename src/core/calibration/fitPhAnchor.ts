import { EXACT_PH_MAP, shownPhFor, type PhMap } from './phMap';
import { ISOPOTENTIAL_PH } from './constants';
import type { PhPoint } from './phPoint';

/** What a check found: the map through its points, and the points for the budget. */
export interface PhAnchor {
  readonly map: PhMap;
  readonly points: readonly PhPoint[];
  /** Root mean square of what the line leaves over; 0 with one or two points, pH. */
  readonly residualRmsPh: number;
  /** Temperature of the cups, °C. */
  readonly tempC: number;
}

/** The least-squares line through at least two points with different true pH. */
function lineThrough(points: readonly PhPoint[]): PhMap {
  const meanTrue = points.reduce((sum, p) => sum + p.truePh, 0) / points.length;
  const meanShown = points.reduce((sum, p) => sum + p.shownPh, 0) / points.length;
  const spread = points.reduce((sum, p) => sum + (p.truePh - meanTrue) ** 2, 0);
  const joint = points.reduce((sum, p) => sum + (p.truePh - meanTrue) * (p.shownPh - meanShown), 0);
  if (!(spread > 0)) throw new RangeError('two points of the same buffer give no gain');
  const gain = joint / spread;
  return { gain, offsetPh: meanShown - ISOPOTENTIAL_PH - gain * (meanTrue - ISOPOTENTIAL_PH) };
}

/**
 * Offset and gain from one or more points: one gives the offset and keeps `knownGain`; two give
 * both; more give least squares with a residual. Throws `RangeError` without points.
 */
export function fitPhAnchor(
  points: readonly PhPoint[],
  { tempC, knownGain = EXACT_PH_MAP.gain }: { tempC: number; knownGain?: number },
): PhAnchor {
  const [first, second] = points;
  if (!first) throw new RangeError('a check needs at least one point');
  const onePoint = { gain: knownGain, offsetPh: 0 };
  const map = second
    ? lineThrough(points)
    : { gain: knownGain, offsetPh: first.shownPh - shownPhFor(first.truePh, onePoint) };
  const squares = points.map((p) => (p.shownPh - shownPhFor(p.truePh, map)) ** 2);
  const degrees = points.length - 2;
  const sum = squares.reduce((total, square) => total + square, 0);
  return { map, points, tempC, residualRmsPh: degrees > 0 ? Math.sqrt(sum / degrees) : 0 };
}
