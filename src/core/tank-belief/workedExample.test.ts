import { conditionsAt } from '../chemistry';
import {
  afterStep,
  alkalinityOf,
  beliefOf,
  meanIn,
  quantileIn,
  stepOf,
  type Belief,
  type TankEvent,
} from './index';
import { repeatVarianceOf } from './observe';

const MINUTE_MS = 60_000;
const NITRIC_MOL_PER_L = 7.448;
const VOLUME_L = 100;

const conditions = conditionsAt({ tempC: 20, ecMsPerCm: 0.6 });
if (!conditions.ok) throw new Error('conditions');
const at = conditions.value;

const reading = (minutes: number, ph: number): TankEvent => ({
  kind: 'reading',
  atMs: minutes * MINUTE_MS,
  ph,
  stdU: 0.045,
  digitPh: 0.01,
  penId: 'P1',
  at,
});
const dose = (minutes: number, ml: number): TankEvent => ({
  kind: 'dose',
  atMs: minutes * MINUTE_MS,
  reagent: 'nitric',
  perL: (ml * NITRIC_MOL_PER_L) / 1000 / VOLUME_L,
});

const wanted = { reagent: 'nitric', band: { low: 5.5, high: 6.2 }, aimPh: 5.85 } as const;

const believed = (events: readonly TankEvent[]): Belief =>
  beliefOf({
    told: {
      kind: 'fresh',
      water: { alkalinityMolPerL: 4.3e-3, calciumMolPerL: 1.5e-3, magnesiumMolPerL: 0.5e-3 },
      alkalinitySigma: 0.223,
      feedMsPerCm: 0,
      factor: { median: 1, sigma: 0 },
    },
    events,
  })!;

const ml = (perL: number) => (1000 * perL * VOLUME_L) / NITRIC_MOL_PER_L;

function row(events: readonly TankEvent[]) {
  const belief = believed(events);
  const step = stepOf(belief, wanted);
  const next = afterStep(belief, wanted, {
    perL: step.perL,
    airedMs: 15 * MINUTE_MS,
    reader: { variance: repeatVarianceOf(0.01), withOffset: true },
  });
  const alkalinity = alkalinityOf(belief)!;
  return {
    limitedBy: step.limitedBy,
    ml: ml(step.perL),
    inAll: ml(step.inAllPerL),
    expected: [meanIn(next), quantileIn(next, 0.025), quantileIn(next, 0.975)],
    alkalinity: [alkalinity.mean, alkalinity.low, alkalinity.high].map((mol) => 1000 * mol),
  };
}

/**
 * Doses and totals to 1.5 %, pH to 0.02, means to 1 %, intervals to 4 % and 0.04 pH: the rate at which
 * carbon dioxide leaves is a part of each tank here, where the prototype forgot it after each dose.
 */
function near(found: ReturnType<typeof row>, told: ReturnType<typeof row>) {
  expect(found.limitedBy).toBe(told.limitedBy);
  for (const key of ['ml', 'inAll'] as const)
    expect(Math.abs(found[key] / told[key] - 1)).toBeLessThan(0.015);
  found.expected.forEach((ph, at) => {
    expect(Math.abs(ph - told.expected[at]!)).toBeLessThan(at === 0 ? 0.02 : 0.04);
  });
  found.alkalinity.forEach((meq, at) => {
    expect(Math.abs(meq / told.alkalinity[at]! - 1)).toBeLessThan(at === 0 ? 0.01 : 0.04);
  });
}

/*
 * Fresh, unfed; told 4.30 meq/L (true 3.44), 100 L, 20 °C, EC 0.60, nitric 38 %, band 5.5 to 6.2. The
 * numbers come from a prototype written apart, in another language.
 */
test('a report a quarter too high, dose by dose', () => {
  const unread = [reading(0, 7.6)];
  near(row(unread), {
    limitedBy: 'stepPh',
    ml: 8.7,
    inAll: 42.7,
    expected: [6.99, 6.76, 7.19],
    alkalinity: [4.408, 2.78, 6.66],
  });
  const once = [...unread, dose(0, 8.7), reading(15, 6.89)];
  near(row(once), {
    limitedBy: 'stepPh',
    ml: 16.56,
    inAll: 27.7,
    expected: [6.3, 6.05, 6.51],
    alkalinity: [3.7, 2.84, 4.77],
  });
  const twice = [...once, dose(15, 16.56), reading(30, 6.25)];
  near(row(twice), {
    limitedBy: 'farEdge',
    ml: 9.72,
    inAll: 10.05,
    expected: [5.89, 5.65, 6.07],
    alkalinity: [3.53, 3.01, 4.13],
  });
  const thrice = [...twice, dose(30, 9.72), reading(45, 5.86)];
  const { mean, low, high } = alkalinityOf(believed(thrice))!;
  expect(Math.abs(1000 * mean - 3.47)).toBeLessThan(0.035);
  expect(Math.abs(1000 * low - 3.13)).toBeLessThan(0.1);
  expect(Math.abs(1000 * high - 3.84)).toBeLessThan(0.12);
});
