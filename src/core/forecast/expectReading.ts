import { DAY_MS } from '../units';
import { requireFinite } from '../result';
import { rootSumSquare } from '../statistics';
import {
  DAILY_MOVE_EC_REL,
  DAILY_MOVE_PH,
  SURPRISE_FLOOR_EC_REL,
  SURPRISE_FLOOR_PH,
  SURPRISE_SIGMAS,
} from './constants';
import { tankTrend, trendAt, type TankPoint } from './trend';

/** What a tank is expected to show at a moment. */
export interface Expectation {
  readonly value: number;
  readonly stdU: number;
  /** From its trend, or only from its last reading. */
  readonly basis: 'trend' | 'last';
}

type Quantity = 'ph' | 'ec';

/**
 * What a tank's next reading should be, from its readings since the last addition: the trend where
 * there is one, else the last reading widened by what a tank moves in a day. Undefined without any.
 */
export function expectReading(
  points: readonly TankPoint[],
  quantity: Quantity,
  atMs: number,
): Expectation | undefined {
  const last = [...points].sort((a, b) => a.atMs - b.atMs).at(-1);
  if (!last) return undefined;
  const days = Math.max(0, (atMs - last.atMs) / DAY_MS);
  const dailyMove = quantity === 'ph' ? DAILY_MOVE_PH : DAILY_MOVE_EC_REL * Math.abs(last.value);
  const trend = tankTrend(points);
  if (!trend.ok) {
    const stdU = rootSumSquare([last.stdU, dailyMove * Math.sqrt(days)]);
    return { value: last.value, stdU, basis: 'last' };
  }
  const { fit, scatter } = trend.value;
  const { low, high } = fit.slopeInterval ?? { low: fit.slope, high: fit.slope };
  const slopeStdU = (high - low) / 4;
  // A trend may end any day: half of a tank's usual movement stays possible.
  const change = (dailyMove / 2) * Math.sqrt(days);
  const stdU = rootSumSquare([last.stdU, scatter, slopeStdU * days, change]);
  return { value: trendAt(trend.value, atMs), stdU, basis: 'trend' };
}

/** Whether a value is far enough from what was expected to be worth one precise question. */
export function isSurprising(
  { value, stdU }: { readonly value: number; readonly stdU: number },
  expected: Expectation,
  quantity: Quantity,
): boolean {
  const distance = Math.abs(requireFinite('value', value) - expected.value);
  const floor =
    quantity === 'ph' ? SURPRISE_FLOOR_PH : SURPRISE_FLOOR_EC_REL * Math.abs(expected.value);
  return distance > Math.max(floor, SURPRISE_SIGMAS * rootSumSquare([stdU, expected.stdU]));
}
