import { DAY_MS } from '../units';
import { answer, type Result } from '../result';
import { COVERAGE_FACTOR } from '../uncertainty';
import type { Band } from '../verdict';
import { tankTrend, trendAt, type TankPoint, type TrendRefusal } from './trend';

/** When a tank leaves its band, if it goes on as it did. */
export interface Leaving {
  /** Per day. */
  readonly slopePerDay: number;
  readonly scatter: number;
  /** The edge it moves towards, or none when it stands still. */
  readonly edge: 'low' | 'high' | 'none';
  /** Absent when it does not move, or lies outside already. */
  readonly atMs?: number | undefined;
  /** The near end of the 95 % interval; absent with five readings or fewer. */
  readonly earliestMs?: number | undefined;
  /** The far end; absent too when it may as well not move at all. */
  readonly latestMs?: number | undefined;
}

/** A robust line seen from the middle of its readings, turned so that it rises towards the edge. */
interface Way {
  readonly slope: number;
  /** From the middle of the line to the edge. */
  readonly gap: number;
  /** Half widths (95 %) of the slope and of the line's middle. */
  readonly slopeHalf: number;
  readonly levelHalf: number;
}

/**
 * Where the 95 % bounds of the line reach the edge, days from its middle: roots of
 * (slope·t − gap)² = levelHalf² + slopeHalf²·t² (Fieller's theorem). Without a latest when the slope
 * may as well be none.
 */
function boundsOf({ slope, gap, slopeHalf, levelHalf }: Way): { early: number; late?: number } {
  const a = slope ** 2 - slopeHalf ** 2;
  const c = gap ** 2 - levelHalf ** 2;
  const root = Math.sqrt(Math.max(0, (slope * gap) ** 2 - a * c));
  const early = c / (slope * gap + root);
  return a > 0 ? { early, late: (slope * gap + root) / a } : { early };
}

/**
 * When a tank leaves its band by the robust trend of its readings since the last addition, with the
 * interval that the slope and the scatter leave. Refuses with too little to go by.
 */
export function forecastLeaving(
  points: readonly TankPoint[],
  band: Band,
  nowMs: number,
): Result<Leaving, TrendRefusal> {
  const trend = tankTrend(points);
  if (!trend.ok) return trend;
  const { fit, scatter, middleMs } = trend.value;
  const { slope, slopeInterval, count } = fit;
  const level = trendAt(trend.value, nowMs);
  const edge = slope > 0 ? 'high' : slope < 0 ? 'low' : 'none';
  const base = { slopePerDay: slope, scatter, edge } as const;
  if (edge === 'none' || level < band.low || level > band.high) return answer(base);
  const sign = Math.sign(slope);
  const gap = sign * ((sign > 0 ? band.high : band.low) - trendAt(trend.value, middleMs));
  const atMs = middleMs + (gap / Math.abs(slope)) * DAY_MS;
  if (!slopeInterval) return answer({ ...base, atMs });
  const { early, late } = boundsOf({
    slope: Math.abs(slope),
    gap,
    slopeHalf: (slopeInterval.high - slopeInterval.low) / 2,
    levelHalf: (COVERAGE_FACTOR * scatter) / Math.sqrt(count),
  });
  const earliestMs = Math.max(nowMs, middleMs + early * DAY_MS);
  return answer({
    ...base,
    atMs,
    earliestMs,
    latestMs: late === undefined ? undefined : middleMs + late * DAY_MS,
  });
}
