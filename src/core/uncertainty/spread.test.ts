import { OUTSIDE_SHARE, expandedUOf, probabilityBelow } from './index';

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

test('by hand: half and half of 0.1 and 0.2 at 0.2 is (Φ(2) + Φ(1))/2', () => {
  const spread = { stdU: 0.1, jump: { probability: 0.5, stdU: 0.2 } };
  expect(probabilityBelow(0.2, spread)).toBeCloseTo((0.97725 + 0.841345) / 2, 5);
  expect(probabilityBelow(-0.2, spread)).toBeCloseTo(1 - (0.97725 + 0.841345) / 2, 5);
});
