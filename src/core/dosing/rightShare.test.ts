import fc from 'fast-check';
import { rightShare, type TankWater } from './index';

const feed = { ecMsPerCm: 1.4, tempC: 25, water: { kind: 'inUse' } as TankWater };
const fresh = { ...feed, water: { kind: 'fresh', alkalinityMmolPerL: 2 } as TankWater };

/*
 * By a program of its own (charge balance with pK 6.352, 10.329, 2.148, 7.198, 12.35, 9.245, 13.995,
 * Davies at I 0.0182, 0.7 mmol/L phosphate, 0.42 ammonium, 2.1 calcium, 1.05 magnesium with their pairs,
 * carbon as the air gives it at each pH): to 6.0 it takes 0.3731 meq/L from 7.0, 0.1848 from 6.6 and
 * 0.2514 from 6.75, 0.3232 from 6.9.
 */
test.each([
  [7.0, 6.6, 0.4954],
  [6.9, 6.75, 0.7777],
  [6.6, 7.0, 2.0185],
])('a dose made on %p where %p was true: %p of it', (shownPh, truePh, share) => {
  const right = rightShare(feed, { shownPh, truePh, aimPh: 6 });
  expect(right).toBeCloseTo(share, 2);
});

test('fresh hard water asks for its alkalinity, whatever the pen said of its pH', () => {
  expect(rightShare(fresh, { shownPh: 7.9, truePh: 7.5, aimPh: 5.8 })).toBeGreaterThan(0.9);
  // Near the aim the way left counts.
  expect(rightShare(fresh, { shownPh: 6.6, truePh: 6.4, aimPh: 6.3 })).toBeCloseTo(0.412, 2);
});

test('nothing was asked for, or the chemistry has no answer: no share', () => {
  expect(rightShare(feed, { shownPh: 6, truePh: 6.4, aimPh: 6 })).toBeUndefined();
  const hot = { ...feed, tempC: 60 };
  expect(rightShare(hot, { shownPh: 7, truePh: 6.6, aimPh: 6 })).toBeUndefined();
});

test('an honest pen was right; beyond the aim the other way was needed; less off, less to pour', () => {
  const ph = (min: number, max: number) => fc.double({ min, max, noNaN: true });
  fc.assert(
    fc.property(ph(6.3, 8), ph(4.5, 8), ph(0.3, 3), (shownPh, truePh, ecMsPerCm) => {
      const facts = { ...feed, ecMsPerCm };
      const share = rightShare(facts, { shownPh, truePh, aimPh: 6 })!;
      expect(rightShare(facts, { shownPh, truePh: shownPh, aimPh: 6 })).toBeCloseTo(1, 9);
      expect(Math.sign(share)).toBe(Math.sign(truePh - 6));
      if (truePh !== shownPh) expect(share < 1).toBe(truePh < shownPh);
    }),
  );
});
