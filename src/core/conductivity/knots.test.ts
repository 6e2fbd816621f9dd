import golden from './knots.golden.json';
import {
  FEED_ALPHA_PER_C,
  FEED_ALPHA_STD_U_PER_C,
  KCL_EC_MS_PER_CM,
  KCL_KNOTS_C,
  LINEARITY_BOUND,
  COMPENSATION_FACTOR_RANGE,
  COMPENSATION_RANGE_C,
  REFERENCE_TEMP_C,
  STANDARD_ALPHA_PER_C,
  STANDARD_MAX_MS_PER_CM,
  STANDARD_MIN_MS_PER_CM,
  STANDARD_TOLERANCE_REL,
} from './constants';

test('every knot of every standard is as its source has it', () => {
  const { source, tempC, ...columns } = golden;
  expect(source).toMatch(/ISO 7888/);
  expect(KCL_KNOTS_C).toEqual(tempC);
  expect(KCL_EC_MS_PER_CM).toEqual(columns);
});

test('coefficients: a feed 2.0 ± 0.12 %, KCl 1.91 %, a label’s 1 %', () => {
  expect([FEED_ALPHA_PER_C, FEED_ALPHA_STD_U_PER_C]).toEqual([0.02, 0.0012]);
  expect([STANDARD_ALPHA_PER_C, STANDARD_TOLERANCE_REL]).toEqual([0.0191, 0.01]);
});

test('the bound of linear compensation covers KCl itself at its ends', () => {
  const kcl = KCL_EC_MS_PER_CM['kcl-0.01'];
  const at25 = kcl[KCL_KNOTS_C.indexOf(25)]!;
  for (const [away, tempC] of [
    [20, 5],
    [25, 0],
  ] as const) {
    const line = 1 + STANDARD_ALPHA_PER_C * (tempC - 25);
    const off = Math.abs(kcl[KCL_KNOTS_C.indexOf(tempC)]! / at25 / line - 1);
    const bound = LINEARITY_BOUND.find((row) => row.tempC === away)!.value;
    expect(bound).toBeGreaterThanOrEqual(off);
    expect(bound).toBeLessThan(off + 0.002);
  }
  expect(LINEARITY_BOUND.map(({ tempC, value }) => [tempC, value])).toEqual([
    [0, 0],
    [10, 0.01],
    [20, 0.027],
    [25, 0.052],
  ]);
});

test('where compensation and standards end', () => {
  expect(COMPENSATION_RANGE_C).toEqual({ min: 0, max: 50 });
  expect(COMPENSATION_FACTOR_RANGE).toEqual({ min: 0.2, max: 5 });
  expect([STANDARD_MIN_MS_PER_CM, STANDARD_MAX_MS_PER_CM, REFERENCE_TEMP_C]).toEqual([
    0.001, 50, 25,
  ]);
});
