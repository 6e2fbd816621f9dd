import { medianOf, normalCdf, normalDraw, robustSigma, rootSumSquare, seededRandom } from './index';

test.each([
  // Abramowitz & Stegun, Handbook of Mathematical Functions, table 26.1.
  [0, 0.5],
  [0.5, 0.6914624613],
  [1, 0.8413447461],
  [1.96, 0.9750021049],
  [3, 0.998650102],
  [-2.5, 0.0062096653],
])('Φ(%p) = %p', (z, expected) => {
  expect(Math.abs(normalCdf(z) - expected)).toBeLessThan(2e-7);
});

test('the robust spread ignores one dry-out that an ordinary spread would not', () => {
  const calm = [0.01, -0.01, 0.02, 0, -0.02, 0.01, -0.01];
  expect(robustSigma([...calm, 3])).toBeLessThan(0.03);
  expect(medianOf([...calm, 3])).toBeCloseTo(0.005, 12);
  expect(() => medianOf([])).toThrow(RangeError);
});

test('independent parts add in squares', () => {
  expect(rootSumSquare([0.03, 0.04])).toBeCloseTo(0.05, 12);
  expect(rootSumSquare([])).toBe(0);
});

test('the same seed gives the same path, with the mean and spread of a normal draw', () => {
  const one = seededRandom(7);
  const two = seededRandom(7);
  const draws = Array.from({ length: 4000 }, () => normalDraw(one));
  expect(draws.slice(0, 5)).toEqual(Array.from({ length: 5 }, () => normalDraw(two)));
  const mean = draws.reduce((sum, x) => sum + x, 0) / draws.length;
  const variance = draws.reduce((sum, x) => sum + (x - mean) ** 2, 0) / draws.length;
  expect(Math.abs(mean)).toBeLessThan(0.05);
  expect(Math.abs(variance - 1)).toBeLessThan(0.08);
});
