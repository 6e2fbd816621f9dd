import { checkDueAtMs } from './index';

const DAY_MS = 86_400_000;

test('weekly falls due seven days after the check, before every use at once', () => {
  expect(checkDueAtMs('weekly', 5 * DAY_MS)).toBe(12 * DAY_MS);
  expect(checkDueAtMs('everyUse', 5 * DAY_MS)).toBe(5 * DAY_MS);
});

test('no check yet, or a policy without a date, gives no date', () => {
  expect(checkDueAtMs('weekly', undefined)).toBeUndefined();
  expect(checkDueAtMs('onlyWhenDoubted', 5 * DAY_MS)).toBeUndefined();
});
