import { type Product } from '../chemistry';
import { seededRandom } from '../statistics';
import {
  CAP_UNLEARNED_MEQ_PER_L,
  learnFactor,
  planDose,
  tankWater,
  type DoseInput,
  type WaterEvent,
} from './index';

const nowMs = Date.UTC(2026, 4, 20, 10);
const HOUR_MS = 3_600_000;
const nitric: Product = {
  reagent: 'nitric',
  strength: { kind: 'percentByMass', percent: 38, densityGPerMl: 1.235 },
};
const koh: Product = {
  reagent: 'koh',
  strength: { kind: 'percentByMass', percent: 45, densityGPerMl: 1.45 },
};
const unlearned = learnFactor([], { nowMs });
const learned = (factor: number) =>
  learnFactor(
    Array.from({ length: 6 }, (_, at) => ({
      atMs: nowMs - (at + 1) * 24 * HOUR_MS,
      predictedChangePh: -0.5,
      observedChangePh: -0.5 * factor,
      beforeStdU: 0.02,
      afterStdU: 0.02,
    })),
    { nowMs },
  );
const input = (more: Partial<DoseInput> = {}): DoseInput => ({
  tank: { ph: 6.7, ecMsPerCm: 2, tempC: 20, volumeL: 100, water: { kind: 'inUse' } },
  phStdU: 0.03,
  verdict: 'high',
  band: { low: 5.8, high: 6.4 },
  product: nitric,
  factor: unlearned,
  nowMs,
  ...more,
});
const planned = (more: Partial<DoseInput> = {}) => {
  const plan = planDose(input(more));
  if (!plan.ok) throw new Error(plan.refusal.reason);
  return plan.value;
};
const reasonOf = (more: Partial<DoseInput>) => {
  const plan = planDose(input(more));
  return plan.ok ? 'planned' : plan.refusal.reason;
};

describe('a dose', () => {
  /*
   * Aim 6.1. By the independent program of chemistry.test.ts 0.23 mmol/L reach it, 23 mmol in 100 L;
   * nitric 38 % holds 7.448 mmol/mL: 3.1 mL in all. Unlearned: at most 0.1 meq/L, 1.34 mL first.
   */
  test('into an unlearned feed is small and says why', () => {
    const plan = planned();
    expect(plan.fullAmount).toBeGreaterThan(2.9);
    expect(plan.fullAmount).toBeLessThan(3.3);
    // What decides is the weakest feed that could stand behind these readings.
    expect(plan.firstAmount).toBeLessThan((CAP_UNLEARNED_MEQ_PER_L * 100) / 7.448);
    expect(plan).toMatchObject({ limitedBy: 'weakFeed', basis: 'unlearned', unit: 'mL' });
    expect(plan.afterPh).toBeGreaterThan(6.1);
    expect(plan.afterPh).toBeLessThan(6.7);
  });

  test('into a strong feed the charge decides: 0.1 meq/L, whatever the model asks', () => {
    const tank = { ...input().tank, ecMsPerCm: 4, ph: 7 };
    const plan = planned({ tank });
    expect(plan.limitedBy).toBe('charge');
    expect(plan.firstAmount).toBeCloseTo((CAP_UNLEARNED_MEQ_PER_L * 100) / 7.448, 2);
    expect(plan.acidMmol).toBeCloseTo(10, 2);
  });

  test('learned, it is four fifths of what the aim takes, stretched by the tank’s own factor', () => {
    const plain = planned({ factor: learned(1) });
    expect(plain.limitedBy).toBe('firstStep');
    expect(plain.firstAmount / plain.fullAmount).toBeCloseTo(0.8, 9);
    // A tank that moves twice as far as chemistry says takes about half.
    expect(planned({ factor: learned(2) }).fullAmount).toBeLessThan(0.65 * plain.fullAmount);
  });

  test('base upward, and grams of a powder', () => {
    const low = { ...input().tank, ph: 5.2 };
    const up = planned({ tank: low, verdict: 'low', product: koh });
    expect(up.afterPh).toBeGreaterThan(5.2);
    expect(up.acidMmol).toBeLessThan(0);
    const powder: Product = { reagent: 'khco3', strength: { kind: 'dry' } };
    expect(planned({ tank: low, verdict: 'low', product: powder }).unit).toBe('g');
  });

  test('fresh hard water is planned by what is left over, and told where it airs to', () => {
    const tank = {
      ph: 7.6,
      ecMsPerCm: 0.52,
      tempC: 15,
      volumeL: 300,
      water: { kind: 'fresh', alkalinityMmolPerL: 3.3 } as const,
    };
    const plan = planned({ tank, band: { low: 5.3, high: 6.2 } });
    expect(plan.basis).toBe('fresh');
    // 2.8 meq/L in all, by steps that each move less than 1 pH and are read again.
    expect(plan.fullAmount).toBeCloseTo((300 * 2.8) / 7.448, 0);
    expect(plan.limitedBy).toBe('stepPh');
    expect(7.6 - plan.afterPh).toBeLessThanOrEqual(0.9);
    expect(7.6 - plan.afterPh).toBeGreaterThan(0.6);
    expect(plan.airedPh).toBeGreaterThan(7);
  });

  test('a pen of large ± makes the step smaller', () => {
    const band = { low: 5.8, high: 6.4 };
    const sure = planned({ factor: learned(1), band, phStdU: 0.02 });
    const vague = planned({ factor: learned(1), band, phStdU: 0.3 });
    expect(vague.firstAmount).toBeLessThan(sure.firstAmount);
  });
});

describe('refusals', () => {
  test.each([
    ['cannotTell', { verdict: 'cantTell' }],
    ['tooPure', { verdict: 'tooPure' }],
    ['inBand', { verdict: 'probablyIn' }],
    ['wrongWay', { product: koh }],
    ['strengthUnknown', { product: { reagent: 'strongAcid', strength: { kind: 'unknown' } } }],
    ['stillMixing', { lastDose: { what: 'acid', atMs: nowMs - 60_000, mixedMs: nowMs + 60_000 } }],
    ['chasing', { lastDose: { what: 'base', atMs: nowMs - 30 * 60_000, mixedMs: nowMs } }],
  ] as const)('%s', (reason, more) => {
    expect(reasonOf(more as Partial<DoseInput>)).toBe(reason);
  });

  test('chasing may be overridden with a note, the cap may not', () => {
    const lastDose = { what: 'base', atMs: nowMs - 30 * 60_000, mixedMs: nowMs } as const;
    expect(planned({ lastDose, chasingAccepted: true })).toEqual(planned());
  });
});

describe('what a tank’s water is', () => {
  const fill: WaterEvent = { kind: 'change', atMs: nowMs - 2 * HOUR_MS, alkalinityMmolPerL: 3.3 };
  const dose = (acidMmolPerL: number | undefined): WaterEvent => ({
    kind: 'dose',
    atMs: nowMs - HOUR_MS,
    acidMmolPerL,
  });

  test('fresh: what was booked is taken off; unknown doses, nutrients or a day end it', () => {
    expect(tankWater([fill], nowMs)).toMatchObject({ kind: 'fresh', alkalinityMmolPerL: 3.3 });
    expect(tankWater([fill, dose(2)], nowMs)).toMatchObject({
      alkalinityMmolPerL: expect.closeTo(1.3, 9),
    });
    const fed: WaterEvent = { kind: 'stock', atMs: nowMs - HOUR_MS };
    for (const events of [[], [fill, fed]])
      expect(tankWater(events, nowMs)).toEqual({ kind: 'inUse' });
    const unfed = { kind: 'inUse', unfed: true };
    for (const events of [
      [fill, dose(undefined)],
      [fill, dose(3.5)],
      [{ ...fill, alkalinityMmolPerL: undefined }],
    ]) {
      expect(tankWater(events, nowMs)).toEqual(unfed);
    }
    expect(tankWater([fill], nowMs + 23 * HOUR_MS)).toEqual(unfed);
  });

  test('books that cannot be are not believed: 3.3 meq/L left at pH 5.9 asks for carbon no source held', () => {
    const water = tankWater([fill], nowMs);
    const tank = { ph: 5.9, ecMsPerCm: 0.6, tempC: 18, volumeL: 100, water };
    const plan = planned({ tank, band: { low: 5.2, high: 5.8 } });
    // At 5.9 nearly three quarters are carbon dioxide: 3.3 · (1 + 10^(6.38 − 5.9)) = 13 mmol/L.
    expect(plan).toMatchObject({ booksDoubted: true, basis: 'unlearned' });
    const honest = planned({ tank: { ...tank, ph: 7.4 }, band: { low: 5.2, high: 5.8 } });
    expect(honest).toMatchObject({ booksDoubted: false, basis: 'fresh' });
    expect(plan.firstAmount).toBeLessThan(0.2 * honest.firstAmount);
  });
});

describe('learning over 200 seeded tanks with noisy pens', () => {
  /** The error of the prediction after so many doses, and whether the stated interval held. */
  function oneTank(seed: number, doses: number) {
    const random = seededRandom(seed);
    const truth = Math.exp(0.4 * (2 * random() - 1) * 1.2);
    const noise = () => 0.03 * (random() + random() + random() - 1.5) * 2;
    const observations = Array.from({ length: doses }, (_, at) => ({
      atMs: nowMs - (doses - at) * 24 * HOUR_MS,
      predictedChangePh: -0.4,
      observedChangePh: -0.4 * truth + noise() + noise(),
      beforeStdU: 0.03,
      afterStdU: 0.03,
    }));
    const { factor, low, high } = learnFactor(observations, { nowMs });
    return { error: Math.abs(Math.log(factor / truth)), held: low <= truth && truth <= high };
  }
  const tanks = (doses: number) => Array.from({ length: 200 }, (_, at) => oneTank(at + 1, doses));
  const medianError = (doses: number) =>
    tanks(doses)
      .map(({ error }) => error)
      .sort((a, b) => a - b)[100]!;

  test('the median error falls with each few doses', () => {
    const errors = [0, 1, 3, 6, 12].map(medianError);
    errors.slice(1).forEach((error, at) => expect(error).toBeLessThan(errors[at]!));
    expect(errors.at(-1)).toBeLessThan(0.1);
  });

  test('the stated interval holds the truth at about its rate', () => {
    const share = tanks(4).filter(({ held }) => held).length / 200;
    expect(share).toBeGreaterThan(0.92);
  });

  test('small changes, wrong ways and doses before a water change are skipped, old ones fade', () => {
    const observation = (more = {}) => ({
      atMs: nowMs - HOUR_MS,
      predictedChangePh: -0.4,
      observedChangePh: -0.8,
      beforeStdU: 0.03,
      afterStdU: 0.03,
      ...more,
    });
    const result = learnFactor(
      [
        observation({ observedChangePh: -0.05 }),
        observation({ observedChangePh: 0.4 }),
        observation({ atMs: nowMs - 50 * HOUR_MS }),
      ],
      { nowMs, changedMs: nowMs - 10 * HOUR_MS },
    );
    expect(result.skipped.map(({ reason }) => reason)).toEqual([
      'tooSmall',
      'wrongWay',
      'beforeWaterChange',
    ]);
    expect(result).toMatchObject({ used: 0, factor: 1 });
    const fresh = learnFactor([observation()], { nowMs });
    const old = learnFactor([observation({ atMs: nowMs - 60 * 24 * HOUR_MS })], { nowMs });
    expect(old.factor).toBeLessThan(fresh.factor);
    expect(old.sigma).toBeGreaterThan(fresh.sigma);
  });
});
