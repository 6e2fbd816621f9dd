import { DAY_MS, HOUR_MS } from '../units';
import { answer, refuse, type Result } from '../result';
import { robustSigma, theilSen, type TheilSenFit } from '../statistics';
import { FORECAST_FROM_HOURS, FORECAST_FROM_READINGS, FORECAST_READINGS_MAX } from './constants';

/** A corrected value of a tank at a moment. */
export interface TankPoint {
  readonly atMs: number;
  readonly value: number;
  /** Standard uncertainty of the reading. */
  readonly stdU: number;
}

/** Why no trend can be told. */
export type TrendRefusal =
  | { readonly reason: 'tooFewReadings'; readonly count: number; readonly needed: number }
  | { readonly reason: 'tooShort'; readonly hours: number; readonly neededHours: number };

/** Where a tank goes. */
export interface Trend {
  /** Per day, with its interval from six readings on. */
  readonly fit: TheilSenFit;
  /** Days of the fit count from here. */
  readonly originMs: number;
  /** The mean moment of the readings, where the line is known best. */
  readonly middleMs: number;
  /** Robust scatter of the readings about the line (standard). */
  readonly scatter: number;
}

/**
 * The robust trend of a tank's readings since its last addition: needs four over 36 hours. Order of
 * the points does not matter; the newest 60 count.
 */
export function tankTrend(points: readonly TankPoint[]): Result<Trend, TrendRefusal> {
  const recent = [...points].sort((a, b) => a.atMs - b.atMs).slice(-FORECAST_READINGS_MAX);
  const count = recent.length;
  const first = recent[0];
  const newest = recent[count - 1];
  if (!first || !newest || count < FORECAST_FROM_READINGS)
    return refuse({ reason: 'tooFewReadings', count, needed: FORECAST_FROM_READINGS });
  const hours = (newest.atMs - first.atMs) / HOUR_MS;
  if (hours < FORECAST_FROM_HOURS)
    return refuse({ reason: 'tooShort', hours, neededHours: FORECAST_FROM_HOURS });
  const pairs = recent.map(({ atMs, value }) => ({ x: (atMs - first.atMs) / DAY_MS, y: value }));
  const fit = theilSen(pairs);
  const scatter = robustSigma(pairs.map(({ x, y }) => y - fit.intercept - fit.slope * x));
  const middleMs = recent.reduce((sum, { atMs }) => sum + atMs / count, 0);
  return answer({ fit, originMs: first.atMs, middleMs, scatter });
}

/** The trend's value at a moment. */
export function trendAt({ fit, originMs }: Trend, atMs: number): number {
  return fit.intercept + (fit.slope * (atMs - originMs)) / DAY_MS;
}
