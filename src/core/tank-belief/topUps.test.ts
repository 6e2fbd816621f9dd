import { conditionsAt } from '../chemistry';
import { afterTopUps, beliefOf, type Belief, type Told } from './index';

const conditions = conditionsAt({ tempC: 20, ecMsPerCm: 0.1 });
if (!conditions.ok) throw new Error('conditions');
const at = conditions.value;

const readAt = (told: Told, ph: number): Belief =>
  beliefOf({
    told,
    events: [{ kind: 'reading', atMs: 0, ph, stdU: 0.03, digitPh: 0.01, penId: 'P', at }],
  })!;
const unfed = (alkalinityMolPerL: number): Told => ({
  kind: 'fresh',
  water: { alkalinityMolPerL },
  alkalinitySigma: 0.05,
  feedMsPerCm: 0,
  factor: { median: 1, sigma: 0 },
});
const fed: Told = {
  kind: 'inUse',
  feedMsPerCm: 1.5,
  factor: { median: 1, sigma: 0.1 },
  co2Sigma: 0.3,
};
const water = { alkalinityMolPerL: 4e-3 };

test('water that holds bicarbonate alone gains log10 of two where its alkalinity doubles', () => {
  // With carbon dioxide at rest, [HCO3−] = K·CO2/[H+]: twice the alkalinity, half the [H+].
  const belief = readAt(unfed(0.5e-3), 7.4);
  const week = afterTopUps(belief, { perDayRel: 0.125 / 7, days: 7, water });
  expect(week.broughtMolPerL).toBeCloseTo(0.5e-3, 9);
  // 6.38 + log10(0.5e-3 / (2 · 420e-6 · 10^-1.41)) = 7.56
  expect(week.fromPh).toBeCloseTo(7.56, 1);
  expect(week.toPh.mean - week.fromPh).toBeCloseTo(0.301, 1);
  expect(week.toPh.low).toBeLessThan(week.toPh.mean);
  expect(week.toPh.high).toBeGreaterThan(week.toPh.mean);
});

test('twice the days bring twice the alkalinity; none leaves the tank where it is', () => {
  const belief = readAt(fed, 5.8);
  const brought = (days: number) => afterTopUps(belief, { perDayRel: 0.03, days, water });
  expect(brought(14).broughtMolPerL).toBeCloseTo(2 * brought(7).broughtMolPerL, 12);
  expect(brought(14).toPh.mean).toBeGreaterThan(brought(7).toPh.mean);
  expect(brought(0).toPh.mean).toBeCloseTo(brought(0).fromPh, 6);
});

test('a strong feed gives way less than a weak one, and rain water moves neither', () => {
  const weak = readAt({ ...fed, factor: { median: 0.3, sigma: 0.1 } }, 5.8);
  const week = { perDayRel: 0.02, days: 7, water };
  const moved = (belief: Belief, by = week) => {
    const { fromPh, toPh } = afterTopUps(belief, by);
    return toPh.mean - fromPh;
  };
  expect(moved(readAt(fed, 5.8))).toBeGreaterThan(0.2);
  expect(moved(weak)).toBeGreaterThan(moved(readAt(fed, 5.8)) + 0.2);
  expect(moved(weak, { ...week, water: { alkalinityMolPerL: 0 } })).toBeCloseTo(0, 6);
});
