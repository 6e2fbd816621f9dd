import { waterBalance } from './index';

const DAY_MS = 86_400_000;
const level = (days: number, volumeL: number, ecMsPerCm: number) => ({
  atMs: days * DAY_MS,
  volumeL,
  ecMsPerCm,
});

/* By hand: 100 + 20 − 90 = 30 L in three days; 200 + 10 − 189 = 21 mS/cm·L. */
test('water poured in counts as water, and its salt as salt', () => {
  const balance = waterBalance(level(0, 100, 2), level(3, 90, 2.1), {
    volumeL: 20,
    ecMsPerCm: 0.5,
  });
  expect(balance.waterLPerDay).toBeCloseTo(10, 9);
  expect(balance.saltPerDay).toBeCloseTo(7, 9);
  expect(balance.faster).toBe('water');
});

/* A tenth of the larger share parts alike from faster: 10 % of water beside 9.2 or 8.8 % of salt. */
test.each([
  [level(1, 90, (200 * (1 - 0.092)) / 90), 'alike'],
  [level(1, 90, (200 * (1 - 0.088)) / 90), 'water'],
  [level(1, 90, (200 * (1 - 0.108)) / 90), 'alike'],
  [level(1, 90, (200 * (1 - 0.115)) / 90), 'salts'],
  [level(1, 100, 2), 'alike'],
  [level(1, 110, 2), 'alike'],
] as const)('%#: %p is %s', (to, faster) => {
  expect(waterBalance(level(0, 100, 2), to).faster).toBe(faster);
});

test('pure water has no salt to lose; without time or volume there is nothing to tell', () => {
  expect(waterBalance(level(0, 100, 0), level(1, 90, 0))).toEqual({
    waterLPerDay: 10,
    saltPerDay: 0,
    faster: 'water',
  });
  expect(() => waterBalance(level(1, 100, 2), level(1, 90, 2))).toThrow(RangeError);
  expect(() => waterBalance(level(0, 0, 2), level(1, 90, 2))).toThrow(RangeError);
  expect(() => waterBalance(level(0, 100, 2), level(1, 0, 2))).toThrow(RangeError);
});
