import { careDue } from './index';
import { utcDays } from './testing';

const DAY_MS = 86_400_000;
const facts = { days: utcDays, cleanedMs: 0, soakedMs: 0, readingsPerWeek: 8 };

test('by use: monthly in light use without a soak, weekly above twenty readings a week with one', () => {
  expect(careDue({ ...facts, policy: 'byUse' })).toEqual({
    heavyUse: false,
    cleanAtMs: 30 * DAY_MS,
    soakAtMs: undefined,
  });
  expect(careDue({ ...facts, policy: 'byUse', readingsPerWeek: 21 })).toEqual({
    heavyUse: true,
    cleanAtMs: 7 * DAY_MS,
    soakAtMs: 30 * DAY_MS,
  });
});

test('the fixed schools', () => {
  expect(careDue({ ...facts, policy: 'weekly' }).cleanAtMs).toBe(7 * DAY_MS);
  expect(careDue({ ...facts, policy: 'monthly', readingsPerWeek: 90 }).cleanAtMs).toBe(30 * DAY_MS);
  expect(careDue({ ...facts, policy: 'beforeEachCheck' }).cleanAtMs).toBeUndefined();
});
