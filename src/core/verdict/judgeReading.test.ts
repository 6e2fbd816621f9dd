import fc from 'fast-check';
import { judgeReading } from './index';

const band = { low: 5.5, high: 6.5 };

test.each([
  // Probabilities from the normal table; band 5.5–6.5.
  [6.0, 0.04, 'in'], // 12.5 standard deviations from either edge
  [5.35, 0.04, 'low'], // z = 3.75, P = 0.9999
  [5.45, 0.04, 'probablyLow'], // z = 1.25, P = 0.894
  [5.55, 0.04, 'probablyIn'], // P_in = 0.894
  [6.52, 0.04, 'probablyHigh'], // z = 0.5, P = 0.691
  [6.7, 0.04, 'high'],
  [6.0, 0.26, 'cantTell'], // U = 0.52 exceeds half the band
  [4.0, 0.2, 'low'], // U = 0.4, yet 4.0 is 7.5 deviations low
] as const)('%p with u %p is %s', (value, stdU, verdict) => {
  expect(judgeReading(value, { stdU }, band).verdict).toBe(verdict);
});

test('by the table: 5.55 with u 0.04 is in with 0.8944', () => {
  expect(judgeReading(5.55, { stdU: 0.04 }, band).pIn).toBeCloseTo(0.8944, 4);
});

test('a jump that may have been widens what is said, by hand', () => {
  const jump = { probability: 0.1, stdU: 0.2 };
  // P_in = 0.9·Φ(5) + 0.1·(Φ(1) − Φ(−9)) = 0.9 + 0.1·0.8413 to four digits.
  const one = judgeReading(6.3, { stdU: 0.04, jump }, band);
  expect(one.pIn).toBeCloseTo(0.9841, 4);
  expect(one.pHigh).toBeCloseTo(0.0159, 4);
  expect(judgeReading(6.3, { stdU: 0.04 }, band).pHigh).toBeLessThan(1e-5);
});

test('probabilities sum to one and follow the value', () => {
  const value = fc.double({ min: 3, max: 9, noNaN: true });
  const u = fc.double({ min: 0.005, max: 1, noNaN: true });
  fc.assert(
    fc.property(value, u, (x, stdU) => {
      const one = judgeReading(x, { stdU }, band);
      expect(one.pLow + one.pIn + one.pHigh).toBeCloseTo(1, 6);
      expect(judgeReading(x + 0.1, { stdU }, band).pHigh).toBeGreaterThanOrEqual(one.pHigh - 1e-9);
    }),
  );
});

test('a certain reading or an empty band is a programmer’s mistake', () => {
  expect(() => judgeReading(6, { stdU: 0 }, band)).toThrow(RangeError);
  expect(() => judgeReading(6, { stdU: 0.1 }, { low: 6, high: 6 })).toThrow(RangeError);
});
