import { erasableFromMs, mayErase } from './index';

test('a calibration of 1 March 2026 is kept at least to 1 March 2029', () => {
  const madeMs = Date.UTC(2026, 2, 1);
  expect(erasableFromMs(madeMs)).toBeGreaterThanOrEqual(Date.UTC(2029, 2, 1));
  expect(mayErase(madeMs, Date.UTC(2029, 1, 28))).toBe(false);
  expect(mayErase(madeMs, Date.UTC(2029, 2, 2))).toBe(true);
  expect(mayErase(madeMs, Date.UTC(2027, 2, 2), 1)).toBe(true);
});
