import {
  findRoot,
  lineFit,
  medianOf,
  normalCdf,
  normalDraw,
  robustSigma,
  rootSumSquare,
  seededRandom,
  theilSen,
} from './index';

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

describe('Theil and Sen', () => {
  test('one wild value does not bend the slope', () => {
    const calm = [0, 1, 2, 3, 4, 5, 6, 7].map((x) => ({ x, y: 1 + 0.5 * x }));
    const fit = theilSen(calm.map((p) => (p.x === 3 ? { ...p, y: 40 } : p)));
    expect(fit.slope).toBeCloseTo(0.5, 12);
    expect(fit.intercept).toBeCloseTo(1, 12);
  });

  /* By hand, y = 2, 3, 5, 4 at x = 0…3: slopes 1, 1.5, 2/3, 2, 0.5, −1; sorted −1 … 2; median 5/6. */
  test('a worked median, without an interval from so few', () => {
    const fit = theilSen([2, 3, 5, 4].map((y, x) => ({ x, y })));
    expect(fit.slope).toBeCloseTo(5 / 6, 12);
    expect(fit.slopeInterval).toBeUndefined();
  });

  test('the interval holds the true slope about 95 times in 100 (200 seeds from 1)', () => {
    const held = Array.from({ length: 200 }, (_, at) => {
      const random = seededRandom(1 + at);
      const pairs = Array.from({ length: 12 }, (_unused, x) => ({ x, y: x + normalDraw(random) }));
      const { low, high } = theilSen(pairs).slopeInterval!;
      return low <= 1 && high >= 1;
    }).filter(Boolean).length;
    expect(held).toBeGreaterThanOrEqual(182);
    expect(held).toBeLessThan(200);
  });
});

describe('a root in a bracket', () => {
  test('is found to the tolerance, with its count and residual', () => {
    const root = findRoot((x) => x ** 3 - 2, { low: 0, high: 14, tolerance: 1e-12 });
    expect(root.converged).toBe(true);
    expect(root.x).toBeCloseTo(Math.cbrt(2), 11);
    expect(Math.abs(root.residual)).toBeLessThan(1e-10);
    expect(root.iterations).toBeLessThan(20);
  });

  test('steep ends are no trouble, no change of sign is refused, and running out is said', () => {
    const steep = (x: number) => 10 ** -x - 10 ** (x - 14);
    expect(findRoot(steep, { low: 0, high: 14, tolerance: 1e-10 }).x).toBeCloseTo(7, 9);
    expect(() => findRoot((x) => x * x + 1, { low: -1, high: 1, tolerance: 1e-9 })).toThrow();
    const cut = findRoot((x) => x ** 3 - 2, {
      low: 0,
      high: 14,
      tolerance: 1e-9,
      maxIterations: 2,
    });
    expect(cut.converged).toBe(false);
  });
});

test('a straight line with its errors (Draper and Smith; by hand: slope 0.6, s² 0.8, Σ 10)', () => {
  const fit = lineFit([2, 4, 5, 4, 5].map((y, at) => ({ x: at + 1, y })));
  expect(fit.slope).toBeCloseTo(0.6, 12);
  expect(fit.residualStd).toBeCloseTo(Math.sqrt(0.8), 12);
  expect(fit.slopeStdU).toBeCloseTo(Math.sqrt(0.08), 12);
});
