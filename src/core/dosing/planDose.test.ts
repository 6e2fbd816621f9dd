import { conditionsAt, molPerLToReach, solutionFrom, type Product } from '../chemistry';
import { amountsTo, beliefsOf, type Told } from '../tank-belief';
import { doseCurve, planDose, type DoseInput } from './index';

const nowMs = Date.UTC(2026, 4, 20, 10);
const nitric: Product = {
  reagent: 'nitric',
  strength: { kind: 'percentByMass', percent: 38, densityGPerMl: 1.235 },
};
const koh: Product = {
  reagent: 'koh',
  strength: { kind: 'percentByMass', percent: 45, densityGPerMl: 1.45 },
};
const unknown: Product = { reagent: 'strongAcid', strength: { kind: 'unknown' } };
const conditions = conditionsAt({ tempC: 20, ecMsPerCm: 2 });
if (!conditions.ok) throw new Error('conditions');
const at = conditions.value;
const inUse: Told = {
  kind: 'inUse',
  feedMsPerCm: 2,
  factor: { median: 0.6, sigma: 0.8 },
  co2Sigma: 0.9,
};
/** What is believed of a tank that was read once. */
const believed = (ph: number, stdU = 0.03, plannedUnknownId?: string) =>
  beliefsOf(
    [
      {
        told: inUse,
        events: [{ kind: 'reading', atMs: 0, ph, stdU, digitPh: 0.01, penId: 'P', at }],
        plannedUnknownId,
      },
    ],
    2,
  )!;

const input = (more: Partial<DoseInput> = {}): DoseInput => ({
  beliefs: believed(6.7),
  volumeL: 400,
  band: { low: 5.8, high: 6.4 },
  product: nitric,
  digitPh: 0.01,
  rereadMinutes: 30,
  verdict: 'high',
  nowMs,
  ...more,
});
const planned = (more: Partial<DoseInput> = {}) => {
  const plan = planDose(input(more));
  if (!plan.ok) throw new Error(plan.refusal.reason);
  return plan.value;
};

describe('a dose', () => {
  test('is smaller than what reaches the aim, and says what it does and what holds it', () => {
    const plan = planned();
    expect(plan).toMatchObject({ unit: 'mL', limitedBy: 'farEdge', aimPh: 6.1 });
    expect(plan.firstAmount).toBeGreaterThan(0.5);
    expect(plan.firstAmount).toBeLessThan(0.7 * plan.fullAmount);
    expect(plan.afterPh).toBeLessThan(6.7);
    expect(plan.afterPh).toBeGreaterThan(6.1);
    expect(plan.afterLowPh).toBeGreaterThan(5.7);
    expect(plan.afterHighPh).toBeGreaterThan(plan.afterPh);
    // 7.448 mmol in a mL, all of it given off.
    expect(plan.acidMmol! / plan.firstAmount).toBeCloseTo(7.448, 2);
    expect(plan.fullAiredPh).toBeLessThan(plan.airedPh);
    expect(plan.nutrients.N).toBeCloseTo((plan.acidMmol! / 400) * 14.007, 1);
  });

  test('twice the tank takes twice as much; a surer pen pours more, a farther aim takes more', () => {
    expect(planned({ volumeL: 800 }).fullAmount).toBeCloseTo(2 * planned().fullAmount, 6);
    const vague = planned({ beliefs: believed(6.7, 0.12) });
    expect(vague.firstAmount).toBeLessThan(planned().firstAmount);
    expect(planned({ aimPh: 5.9 }).fullAmount).toBeGreaterThan(planned().fullAmount);
  });

  test('base upward, grams of a powder, a product nobody knows', () => {
    const low = { beliefs: believed(5.3), verdict: 'low' } as const;
    const up = planned({ ...low, product: koh });
    expect(up.acidMmol).toBeLessThan(0);
    expect(up.afterPh).toBeGreaterThan(5.3);
    const powder: Product = { reagent: 'khco3', strength: { kind: 'dry' } };
    expect(planned({ ...low, product: powder })).toMatchObject({
      unit: 'g',
      pour: { kind: 'asIs' },
    });
    const strange = planned({ product: unknown, beliefs: believed(6.7, 0.03, 'n') });
    expect(strange).toMatchObject({ unit: 'mL', acidMmol: undefined, nutrients: {} });
    // Of 3 mol/L, perhaps 18: less is poured first than of the nitric acid that is known.
    expect(strange.firstAmount * 3).toBeLessThan(planned().firstAmount * 7.448);
  });

  test('a small vessel gets drops of a dilution, rounded down', () => {
    const plan = planned({ volumeL: 1 });
    expect(plan.pour).toMatchObject({ kind: 'diluted', drops: expect.any(Number) });
    expect(plan.firstAmount).toBeLessThanOrEqual(planned({ volumeL: 400 }).firstAmount / 400);
    expect(planDose(input({ volumeL: 0.01 }))).toMatchObject({ refusal: { reason: 'tooSmall' } });
  });

  test('its curve begins where the tank stands, passes the aim at the whole amount, and widens', () => {
    const curve = doseCurve(input());
    expect(curve[0]!.ph).toBeCloseTo(6.7, 1);
    const { fullAmount } = planned();
    const near = curve.reduce((a, b) =>
      Math.abs(b.amount - fullAmount) < Math.abs(a.amount - fullAmount) ? b : a,
    );
    expect(Math.abs(near.ph - 6.1)).toBeLessThan(0.06);
    curve.forEach(({ ph, low, high }) => {
      expect(low).toBeLessThanOrEqual(ph + 1e-9);
      expect(high).toBeGreaterThanOrEqual(ph - 1e-9);
    });
    expect(near.high - near.low).toBeGreaterThan(2 * (curve[1]!.high - curve[1]!.low));
  });
});

/* The first row of the worked example of the tank's belief: 100 L told 4.3 meq/L, read 7.60. */
test('fresh hard water, nitric 38 %: 8.70 mL now, 6.99 (6.76 to 7.19) then, 42.7 mL in all', () => {
  const cold = conditionsAt({ tempC: 20, ecMsPerCm: 0.6 });
  if (!cold.ok) throw new Error('conditions');
  const told: Told = {
    kind: 'fresh',
    water: { alkalinityMolPerL: 4.3e-3, calciumMolPerL: 1.5e-3, magnesiumMolPerL: 0.5e-3 },
    alkalinitySigma: 0.223,
    feedMsPerCm: 0,
    factor: { median: 1, sigma: 0 },
  };
  const read = {
    kind: 'reading',
    atMs: 0,
    ph: 7.6,
    stdU: 0.045,
    digitPh: 0.01,
    penId: 'P',
  } as const;
  const plan = planned({
    beliefs: beliefsOf([{ told, events: [{ ...read, at: cold.value }] }], 0.6)!,
    volumeL: 100,
    band: { low: 5.5, high: 6.2 },
    rereadMinutes: 15,
  });
  expect(plan.limitedBy).toBe('stepPh');
  expect(Math.abs(plan.firstAmount / 8.7 - 1)).toBeLessThan(0.015);
  expect(Math.abs(plan.fullAmount / 42.7 - 1)).toBeLessThan(0.015);
  expect(plan.aimPh).toBeCloseTo(5.85, 9);
  const told95 = [plan.afterPh, plan.afterLowPh, plan.afterHighPh];
  [6.99, 6.76, 7.19].forEach((ph, at) => expect(Math.abs(told95[at]! - ph)).toBeLessThan(0.02));
  // 14 g of nitrogen in a mole of the acid: 8.70 mL · 7.448 mmol over 100 L.
  expect(plan.nutrients.N).toBeCloseTo((8.7 * 7.448 * 14.007) / 100, 0);
  expect(plan.acidMmol! / (8.7 * 7.448)).toBeCloseTo(1, 1);
  expect(plan.onePh.low).toBeLessThan(plan.onePh.amount);
  expect(plan.onePh.high).toBeGreaterThan(plan.onePh.amount);
  // Down one pH takes somewhat more than the step that was held to 0.9 with a chance of 1 %.
  expect(plan.onePh.amount).toBeGreaterThan(plan.firstAmount);
  expect(plan.onePh.amount).toBeLessThan(2.5 * plan.firstAmount);
});

describe('the curve of a tank that is known well', () => {
  const sure: Told = {
    kind: 'inUse',
    feedMsPerCm: 2,
    factor: { median: 1, sigma: 0.001 },
    co2Sigma: 0.01,
  };
  const event = {
    kind: 'reading',
    atMs: 0,
    ph: 6.8,
    stdU: 0.022,
    digitPh: 0.01,
    penId: 'P',
    at,
  } as const;
  const beliefs = beliefsOf([{ told: sure, events: [event] }], 2)!;
  // The same tank for the chemistry's own solver: carbon dioxide at twice the air's, 420 µatm.
  const metals = { calciumMolPerL: 3e-3, magnesiumMolPerL: 1.5e-3 };
  const totals = { phosphate: 1e-3, ammonium: 0.6e-3 };
  const solution = solutionFrom(at, {
    ph: 6.8,
    totals,
    metals,
    known: { kind: 'aired', co2Uatm: 840 },
  });
  if (!solution.ok) throw new Error(solution.refusal.reason);
  const mlTo = (ph: number) => (400 * molPerLToReach(solution.value, 'nitric', ph)) / 0.007448;
  const curve = doseCurve(input({ beliefs }));

  test('has at each pH what the solver pours there, from nothing to a third beyond the aim', () => {
    // 22 values, the first of them a hair above where it stands and left out.
    expect(curve).toHaveLength(21);
    expect(curve[0]!.ph).toBeCloseTo(6.8 - (0.7 * 1.35) / 21, 2);
    expect(curve.at(-1)!.ph).toBeCloseTo(6.1 - 0.35 * 0.7, 2);
    for (const { ph, amount } of curve.slice(4))
      expect(Math.abs(amount / mlTo(ph) - 1)).toBeLessThan(0.03);
  });

  test('one pH takes what the solver pours for it', () => {
    const { onePh } = planned({ beliefs });
    expect(Math.abs(onePh.amount / mlTo(5.8) - 1)).toBeLessThan(0.03);
    expect(Math.abs(onePh.low / mlTo(5.8) - 0.85)).toBeLessThan(0.1);
    expect(Math.abs(onePh.high / mlTo(5.8) - 1.15)).toBeLessThan(0.1);
  });

  test('its bounds lie where the amount is the least, and the most, that is believed to lead there', () => {
    const wanted = { reagent: 'nitric', band: { low: 5.8, high: 6.4 }, aimPh: 6.1 } as const;
    const mlOf = (molPerL: number) => (400 * molPerL) / 0.007448;
    for (const { amount, low, high } of curve.slice(4, 18)) {
      const [least] = amountsTo(beliefs, wanted, low);
      const [, , most] = amountsTo(beliefs, wanted, high);
      expect(Math.abs(mlOf(least) / amount - 1)).toBeLessThan(0.03);
      expect(Math.abs(mlOf(most) / amount - 1)).toBeLessThan(0.03);
      expect(low).toBeLessThan(high);
    }
  });
});

describe('refusals', () => {
  const second = { why: 'afterDose', firstPh: 6.5, firstMs: 0, notBeforeMs: 1 } as const;
  const mixing = { what: 'other', atMs: nowMs - 60_000, mixedMs: nowMs + 60_000 } as const;
  test.each<[string, Partial<DoseInput>]>([
    ['cannotTell', { verdict: 'cantTell' }],
    ['tooPure', { verdict: 'tooPure' }],
    ['inBand', { verdict: 'probablyIn' }],
    ['wrongWay', { product: koh }],
    ['stillMixing', { lastDose: mixing }],
    ['chasing', { lastDose: { what: 'base', atMs: nowMs - 30 * 60_000, mixedMs: nowMs } }],
    ['secondReading', { second }],
    ['contradicted', { contradicted: true }],
    ['noRoom', { band: { low: 6.64, high: 6.66 } }],
    [
      'outOfRange',
      {
        product: {
          reagent: 'nitric',
          strength: { kind: 'percentByMass', percent: 120, densityGPerMl: 1.3 },
        },
      },
    ],
  ])('%s', (reason, more) => {
    expect(planDose(input(more))).toMatchObject({ ok: false, refusal: { reason } });
  });

  test('stock that was mixed within the hour is no chasing', () => {
    const lastDose = { what: 'other', atMs: nowMs - 40 * 60_000, mixedMs: nowMs } as const;
    expect(planDose(input({ lastDose })).ok).toBe(true);
  });
});
