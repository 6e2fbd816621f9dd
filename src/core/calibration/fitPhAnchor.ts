import { lineFit } from '../statistics';
import { EXACT_PH_MAP, shownPhFor, type PhMap } from './phMap';
import { ISOPOTENTIAL_PH } from './constants';
import type { PhPoint } from './phPoint';
import { pointVariance, type QuadraticVariance } from './quadraticVariance';

/** What a check found: the map through its points, and what those points leave uncertain. */
export interface PhAnchor {
  readonly map: PhMap;
  readonly points: readonly PhPoint[];
  /** Root mean square of what the line leaves over; 0 with one or two points, pH. */
  readonly residualRmsPh: number;
  /** Temperature of the cups, °C. */
  readonly tempC: number;
  /** How the points' own errors come through the line, as functions of the true pH. */
  readonly variance: {
    readonly standards: QuadraticVariance;
    readonly cupDigit: QuadraticVariance;
    readonly cupTemperature: QuadraticVariance;
  };
  /**
   * For a pen that adjusts in two straight pieces: the piece above the middle buffer, which rules
   * from that display value on. The anchor itself is then the piece below.
   */
  readonly above?: { readonly fromShownPh: number; readonly anchor: PhAnchor } | undefined;
}

/** How a check's points become a map. */
export interface PhAnchorOptions {
  readonly tempC: number;
  /** The gain kept with a single point. */
  readonly knownGain?: number | undefined;
  /** Three points as two straight pieces meeting at the middle one, not one fitted line. */
  readonly pieces?: boolean | undefined;
}

/** The least-squares line through at least two points with different true pH. */
function lineThrough(points: readonly PhPoint[]): PhMap {
  const fit = lineFit(points.map(({ truePh, shownPh }) => ({ x: truePh, y: shownPh })));
  const offsetPh = fit.meanY + fit.slope * (ISOPOTENTIAL_PH - fit.meanX) - ISOPOTENTIAL_PH;
  return { gain: fit.slope, offsetPh };
}

/** One straight piece through all points given. */
function straightAnchor(
  points: readonly PhPoint[],
  { tempC, knownGain = EXACT_PH_MAP.gain }: PhAnchorOptions,
): PhAnchor {
  const [first, second] = points;
  if (!first) throw new RangeError('a check needs at least one point');
  const onePoint = { gain: knownGain, offsetPh: 0 };
  // The same buffer twice tells no gain: its mean error is all there is.
  const offBy = points.map((p) => p.shownPh - shownPhFor(p.truePh, onePoint));
  const bracketed = second !== undefined && points.some((p) => p.truePh !== first.truePh);
  const map = bracketed
    ? lineThrough(points)
    : { gain: knownGain, offsetPh: offBy.reduce((sum, off) => sum + off, 0) / points.length };
  const squares = points.map((p) => (p.shownPh - shownPhFor(p.truePh, map)) ** 2);
  const degrees = points.length - 2;
  const sum = squares.reduce((total, square) => total + square, 0);
  const truePhs = points.map((point) => point.truePh);
  return {
    map,
    points,
    tempC,
    residualRmsPh: degrees > 0 ? Math.sqrt(sum / degrees) : 0,
    variance: {
      standards: pointVariance(truePhs, (at) => points[at]!.standardStdU),
      cupDigit: pointVariance(truePhs, (at) => points[at]!.digitStdU),
      cupTemperature: pointVariance(truePhs, (at) => points[at]!.temperatureStdU),
    },
  };
}

/**
 * Offset and gain from one or more points: one gives the offset and keeps `knownGain`; two give
 * both; more give least squares with a residual, or, for a pen that adjusts in pieces, two straight
 * pieces meeting at the middle buffer. Throws `RangeError` without points.
 */
export function fitPhAnchor(points: readonly PhPoint[], options: PhAnchorOptions): PhAnchor {
  if (!options.pieces || points.length !== 3) return straightAnchor(points, options);
  const [low, middle, high] = [...points].sort((a, b) => a.truePh - b.truePh);
  const anchor = straightAnchor([middle!, high!], options);
  const above = { fromShownPh: middle!.shownPh, anchor };
  return { ...straightAnchor([middle!, low!], options), above };
}
