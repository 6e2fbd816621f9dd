import {
  COVERAGE_FACTOR,
  CUP_TEMP_BOUND_C,
  EC_PER_C_COMPENSATED,
  EC_PER_C_UNCOMPENSATED,
  JUNCTION_STD_U_PH,
  LABORATORY_STD_U,
  OUTSIDE_SHARE,
  REPEAT_PRIOR_DIPS,
  REPEAT_STD_U,
  THERMOMETER_BOUND_C,
  expandedUOf,
  isWiderThan,
  probabilityBelow,
} from './index';

test('one normal: U is twice the standard uncertainty', () => {
  expect(expandedUOf({ stdU: 0.03 })).toBe(0.06);
  expect(expandedUOf({ stdU: 0.03, jump: { probability: 0, stdU: 0.2 } })).toBe(0.06);
});

test.each([0.001, 0.02, 0.1, 0.5, 0.999])(
  'two normals, the wide one with chance %p: 4.55 %% lie outside U',
  (probability) => {
    const spread = { stdU: 0.02, jump: { probability, stdU: 0.125 } };
    const u = expandedUOf(spread);
    expect(2 * probabilityBelow(-u, spread)).toBeCloseTo(OUTSIDE_SHARE, 5);
    expect(u).toBeGreaterThanOrEqual(0.04);
    expect(u).toBeLessThanOrEqual(0.25);
  },
);

test('the numbers of uncertainty', () => {
  expect(REPEAT_STD_U).toEqual({ ph: 0.015, ec: 0.008 });
  expect(LABORATORY_STD_U).toEqual({ ph: 0.05, ec: 0.015 });
  expect([REPEAT_PRIOR_DIPS, JUNCTION_STD_U_PH, CUP_TEMP_BOUND_C]).toEqual([10, 0.02, 1]);
  expect([EC_PER_C_UNCOMPENSATED, EC_PER_C_COMPENSATED]).toEqual([0.019, 0.0095]);
  expect([THERMOMETER_BOUND_C, COVERAGE_FACTOR, OUTSIDE_SHARE]).toEqual([0.5, 2, 0.0455]);
});

test('by hand: half and half of 0.1 and 0.2 at 0.2 is (Φ(2) + Φ(1))/2', () => {
  const spread = { stdU: 0.1, jump: { probability: 0.5, stdU: 0.2 } };
  expect(probabilityBelow(0.2, spread)).toBeCloseTo((0.97725 + 0.841345) / 2, 5);
  expect(probabilityBelow(-0.2, spread)).toBeCloseTo(1 - (0.97725 + 0.841345) / 2, 5);
});

test.each([
  { stdU: 0.02 },
  { stdU: 0.02, jump: { probability: 0.001, stdU: 0.125 } },
  { stdU: 0.02, jump: { probability: 0.1, stdU: 0.125 } },
  { stdU: 0.02, jump: { probability: 0.9, stdU: 0.125 } },
])('wider than a limit is what U is, for %j', (spread) => {
  const u = expandedUOf(spread);
  expect(isWiderThan(u * 0.999, spread)).toBe(true);
  expect(isWiderThan(u * 1.001, spread)).toBe(false);
  expect(isWiderThan(0.039, spread)).toBe(true);
  expect(isWiderThan(0.251, spread)).toBe(false);
});

test('far from its answer the search neither leaves its bounds nor gives up', () => {
  for (let probability = 0.02; probability < 1; probability += 0.07)
    for (const wide of [1.5, 4, 20, 100]) {
      const spread = { stdU: 0.02, jump: { probability, stdU: 0.02 * wide } };
      expect(2 * probabilityBelow(-expandedUOf(spread), spread)).toBeCloseTo(OUTSIDE_SHARE, 3);
    }
});
