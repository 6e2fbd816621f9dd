import { expectReading, isSurprising } from './expectReading';
import type { TankPoint } from './trend';

/** So many of the newest readings are held against the trend before each of them. */
const HELD_AGAINST_TREND = 8;

/**
 * The readings of a tank, oldest first, from its newest surprise on: a value that nobody expected and
 * that was kept all the same is what the tank is now. What came before it says nothing any more of
 * where it goes, so that the same question is never asked twice. Readings without one stay whole.
 */
export function sinceSurprise(
  points: readonly TankPoint[],
  quantity: 'ph' | 'ec',
): readonly TankPoint[] {
  let from = 0;
  for (let at = 1; at < points.length; at += 1) {
    const point = points[at]!;
    const near = at >= points.length - HELD_AGAINST_TREND;
    // Far back the reading just before it is enough to tell a jump by.
    const before = near ? points.slice(from, at) : [points[at - 1]!];
    const expected = expectReading(before, quantity, point.atMs);
    if (expected && isSurprising(point, expected, quantity)) from = at;
  }
  return points.slice(from);
}
