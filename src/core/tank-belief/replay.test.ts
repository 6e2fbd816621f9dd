import { conditionsAt } from '../chemistry';
import {
  alkalinityOf,
  amountsToMove,
  beliefOf,
  beliefsOf,
  carriedFactor,
  carriedStrength,
  contradicts,
  expectedNow,
  factorOf,
  meanIn,
  priorFrom,
  quantileIn,
  strengthOf,
  tailBeyond,
  tellingsOf,
  type Belief,
  type Mixture,
  type Session,
  type TankEvent,
  type Told,
} from './index';

const MINUTE_MS = 60_000;
const conditions = conditionsAt({ tempC: 20, ecMsPerCm: 1.5 });
if (!conditions.ok) throw new Error('conditions');
const at = conditions.value;
const reading = (minutes: number, ph: number, more: object = {}): TankEvent => ({
  kind: 'reading',
  atMs: minutes * MINUTE_MS,
  ph,
  stdU: 0.05,
  digitPh: 0.01,
  penId: 'P',
  at,
  ...more,
});
const dose = (minutes: number, meqPerL: number): TankEvent => ({
  kind: 'dose',
  atMs: minutes * MINUTE_MS,
  reagent: 'nitric',
  perL: meqPerL / 1000,
});
const inUse: Told = {
  kind: 'inUse',
  feedMsPerCm: 1.5,
  factor: { median: 0.6, sigma: 0.8 },
  co2Sigma: 0.9,
};
const fresh: Told = {
  kind: 'fresh',
  water: { alkalinityMolPerL: 4.3e-3 },
  alkalinitySigma: 0.223,
  feedMsPerCm: 0,
  factor: { median: 0.6, sigma: 0.8 },
};
const believe = (told: Told, events: readonly TankEvent[], more: Partial<Session> = {}): Belief =>
  beliefOf({ told, events, ...more })!;

test('before any reading nothing is believed; an alkalinity no carbon gives that pH cannot be', () => {
  expect(beliefOf({ told: inUse, events: [dose(0, 0.1)] })).toBeUndefined();
  const alkaline = { ...fresh, water: { alkalinityMolPerL: 1e-5 }, alkalinitySigma: 0.01 } as Told;
  const impossible = { told: alkaline, events: [reading(0, 10.5)] };
  expect(beliefOf(impossible)).toBeUndefined();
  // Fallback: the recorded alkalinity is impossible at this pH; a feed in use is assumed, so that
  // a dose can be planned.
  expect(beliefsOf([impossible], 1.5)![0]!.belief.session.told.kind).toBe('inUse');
});

test('a feed that moves more than usual is believed weak, one that moves less strong', () => {
  const factor = (read: number) =>
    factorOf(believe(inUse, [reading(0, 6.8), dose(1, 0.1), reading(31, read)]))!;
  const [weak, strong] = [factor(6.2), factor(6.7)];
  expect(weak.mean).toBeLessThan(0.6 * strong.mean);
  expect(weak.low).toBeLessThan(weak.mean);
  expect(weak.high).toBeGreaterThan(weak.mean);
});

test('a lone reading counts for less than one a second agrees with, another pen for its whole ±', () => {
  const spread = (more: object) => {
    const { nodes } = believe(inUse, [reading(0, 6.8), dose(1, 0.15), reading(31, 6.4, more)]);
    return priorFrom(nodes, nodes.factor).sigma;
  };
  expect(spread({})).toBeLessThan(spread({ lone: true }));
  expect(spread({})).toBeLessThan(spread({ penId: 'Q', stdU: 0.12 }));
});

test('a report told anew moves the alkalinity, a top-up of its water raises the charge', () => {
  const told = (alkalinityMolPerL: number): TankEvent => ({
    kind: 'told',
    atMs: MINUTE_MS,
    alkalinityMolPerL,
    sigma: 0.05,
  });
  const before = alkalinityOf(believe(fresh, [reading(0, 7.6)]))!;
  const after = alkalinityOf(believe(fresh, [reading(0, 7.6), told(3.3e-3)]))!;
  expect(Math.abs(1000 * after.mean - 3.35)).toBeLessThan(0.1);
  expect(after.high - after.low).toBeLessThan(0.4 * (before.high - before.low));
  const water: TankEvent = {
    kind: 'water',
    atMs: MINUTE_MS,
    share: 0.2,
    water: { alkalinityMolPerL: 4e-3, ph: 7.6 },
  };
  const charge = ({ nodes }: Belief) => nodes.mean((node) => nodes.charge[node]!);
  const dry = believe(inUse, [reading(0, 6)]);
  const wet = believe(inUse, [reading(0, 6), water]);
  // By volume: 0.8 of what it was and a fifth of 4 mmol/L.
  expect(charge(wet)).toBeCloseTo(0.8 * charge(dry) + 0.2 * 4e-3, 9);
  expect(meanIn(expectedNow([{ belief: wet, weight: 1 }], 0.01))).toBeGreaterThan(6.2);
});

test('feed given brings its phosphate and takes its ammonium, in the tank’s own measure', () => {
  const feed: TankEvent = { kind: 'feed', atMs: MINUTE_MS, ecMsPerCm: 1 };
  const { nodes } = believe(fresh, [reading(0, 7.6), feed]);
  const plain = believe(fresh, [reading(0, 7.6), { ...feed, ecMsPerCm: 0 }]);
  const middle = (column: Float64Array, all: Belief['nodes']) => all.mean((node) => column[node]!);
  const factor = middle(nodes.factor, nodes);
  // 0.5 phosphate less 0.3 ammonium mmol/L for each mS/cm.
  expect(middle(nodes.charge, nodes) - middle(plain.nodes.charge, plain.nodes)).toBeCloseTo(
    (factor * 0.2) / 1000,
    6,
  );
});

test('tellings side by side: a fill nobody witnessed, what fits once readings contradict', () => {
  const session: Session = { told: fresh, events: [reading(0, 7.6)] };
  const kinds = (telling: object) =>
    tellingsOf(session, telling, 0.6).map(({ told, logWeight }) => [told.kind, logWeight]);
  expect(kinds({})).toEqual([['fresh', undefined]]);
  expect(kinds({ unwitnessed: true })).toEqual([
    ['fresh', undefined],
    ['inUse', -1],
  ]);
  expect(kinds({ wider: true })).toEqual([
    ['fresh', undefined],
    ['fresh', -2],
    ['inUse', -3],
  ]);
  const beliefs = beliefsOf(tellingsOf(session, { unwitnessed: true }, 0.6), 0.6)!;
  expect(beliefs.map(({ weight }) => weight)).toEqual([
    expect.closeTo(1 / (1 + Math.exp(-1)), 6),
    expect.closeTo(1 / (1 + Math.exp(1)), 6),
  ]);
});

test('from day to day the factor is carried, less sure by the days, never less than before', () => {
  const events = [reading(0, 6.8), dose(1, 0.1), reading(31, 6.3)];
  const beliefs = beliefsOf([{ told: inUse, events }], 1.5)!;
  const prior = { median: 0.6, sigma: 0.8 };
  const [now, week, year] = [0, 7, 400].map((days) => carriedFactor(beliefs, { days, prior }));
  expect(now!.sigma).toBeLessThan(0.7);
  expect(week!.sigma).toBeCloseTo(Math.min(0.8, Math.hypot(now!.sigma, 0.2 * Math.sqrt(7))), 9);
  expect(year).toEqual({ median: now!.median, sigma: 0.8 });
});

test('a product nobody knows: its doses tell its strength, which goes on to its next tank', () => {
  const unknown: TankEvent = {
    kind: 'dose',
    atMs: MINUTE_MS,
    reagent: 'strongAcid',
    perL: 5e-5,
    unknownId: 'X',
  };
  const strength = (read: number) => {
    const events = [reading(0, 6.8), unknown, reading(31, read)];
    return strengthOf(believe(inUse, events))!;
  };
  expect(strength(6.2).mean).toBeGreaterThan(1.5 * strength(6.7).mean);
  const events = [reading(0, 6.8), unknown, reading(31, 6.3)];
  const beliefs = beliefsOf([{ told: inUse, events }], 1.5)!;
  const carried = carriedStrength(beliefs)!;
  expect(carried.sigma).toBeLessThan(0.9);
  expect(carried.sigma).toBeGreaterThanOrEqual(0.05);
  const next = believe(inUse, [reading(0, 6.8)], {
    plannedUnknownId: 'X',
    strengths: new Map([['X', carried]]),
  });
  expect(strengthOf(next)!.mean).toBeCloseTo(carried.median * Math.exp(carried.sigma ** 2 / 2), 0);
});

test('what moves it by one pH lies inside its own 95 %', () => {
  const beliefs = beliefsOf([{ told: inUse, events: [reading(0, 6.8)] }], 1.5)!;
  const wanted = { reagent: 'nitric', band: { low: 5.5, high: 6.2 }, aimPh: 5.85 } as const;
  const [low, middle, high] = amountsToMove(beliefs, wanted, -1);
  expect(low).toBeGreaterThan(0);
  expect(middle).toBeGreaterThan(1.5 * low);
  expect(high).toBeGreaterThan(1.5 * middle);
});

describe('mixtures by hand', () => {
  const one: Mixture = {
    count: 1,
    weight: Float64Array.of(1),
    mean: Float64Array.of(6),
    stdU: Float64Array.of(0.1),
  };
  test('quantiles of one normal, and nothing at infinity', () => {
    expect(quantileIn(one, 0.975)).toBeCloseTo(6.196, 3);
    expect(quantileIn(one, 0.5)).toBeCloseTo(6, 3);
    expect(quantileIn({ ...one, mean: Float64Array.of(Infinity) }, 0.5)).toBe(Infinity);
  });
  test('a tail has 5 % of a normal a third wider: 0.05·Φ(−2·0.1/0.316) + 0.95·Φ(−2)', () => {
    expect(tailBeyond(one, 6.2)).toBeCloseTo(0.95 * 0.02275 + 0.05 * 0.2635, 3);
    expect(contradicts(one, 6.2)).toBe(false);
    expect(contradicts(one, 6.8)).toBe(true);
    expect(contradicts(one, 5.2)).toBe(true);
  });
});
