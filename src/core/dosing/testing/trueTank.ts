import fc from 'fast-check';
import {
  addReagent,
  airedOut,
  closedNow,
  conditionsAt,
  molPerUnit,
  solutionFrom,
  solvePh,
  type Product,
  type Solution,
} from '../../chemistry';
import { planDose, planJar, type JarPoint } from '../index';
import {
  ALKALINITY_SIGMA,
  FEED_FACTOR,
  IN_USE_CO2_SIGMA,
  beliefsOf,
  tellingsOf,
  type TankEvent,
  type Told,
} from '../../tank-belief';
import type { Verdict } from '../../verdict';

const HOUR_MS = 3_600_000;
/** A May morning; any other would do. */
const startMs = 20_593 * 24 * HOUR_MS + 6 * HOUR_MS;
const nitric: Product = {
  reagent: 'nitric',
  strength: { kind: 'percentByMass', percent: 38, densityGPerMl: 1.235 },
};
const phosphoric: Product = {
  reagent: 'phosphoric',
  strength: { kind: 'percentByMass', percent: 85, densityGPerMl: 1.685 },
};
const citric: Product = { reagent: 'citric', strength: { kind: 'dry' } };
const citricLiquid: Product = {
  reagent: 'citric',
  strength: { kind: 'percentByMass', percent: 50, densityGPerMl: 1.24 },
};
const koh: Product = {
  reagent: 'koh',
  strength: { kind: 'percentByMass', percent: 45, densityGPerMl: 1.45 },
};
const carbonate: Product = {
  reagent: 'k2co3',
  strength: { kind: 'percentByMass', percent: 40, densityGPerMl: 1.41 },
};

const unit = fc.double({ min: 0, max: 1, noNaN: true });
const between = (min: number, max: number) => fc.double({ min, max, noNaN: true });

/** What may happen to a tank, booked as it happens. */
const anyAct = fc.oneof(
  { weight: 6, arbitrary: fc.record({ act: fc.constant('dose' as const), strength: unit }) },
  { weight: 1, arbitrary: fc.record({ act: fc.constant('jarDose' as const) }) },
  { weight: 1, arbitrary: fc.record({ act: fc.constant('unknownDose' as const), meq: unit }) },
  { weight: 2, arbitrary: fc.record({ act: fc.constant('wait' as const), hours: between(0, 40) }) },
  { weight: 2, arbitrary: fc.record({ act: fc.constant('feed' as const), ec: between(0.6, 3) }) },
  { weight: 1, arbitrary: fc.record({ act: fc.constant('topUp' as const), share: unit }) },
);

/** How a grower's jar test is made: each measure a few percent off, each step as long as it pleases. */
const anyJar = fc.record({
  dropShare: between(0.92, 1.08),
  dilutionShare: between(0.95, 1.05),
  sampleShare: between(0.97, 1.03),
  steps: fc.array(fc.integer({ min: 1, max: 60 }), { minLength: 40, maxLength: 40 }),
  noise: fc.array(between(-0.03, 0.03), { minLength: 41, maxLength: 41 }),
});

/** Source water, what was done, and the pen that reads it. */
export const anyHistory = fc.record({
  sourceMmolPerL: between(0.5, 6),
  sourcePh: between(6.8, 8.1),
  sourceEcMsPerCm: between(0.2, 0.8),
  /** The report is off by up to 43 %, both ways. */
  reportShare: between(0.57, 1.43),
  reported: fc.boolean(),
  acts: fc.array(anyAct, { maxLength: 7, size: 'max' }),
  phosphateShare: between(0.33, 2),
  ammoniumShare: between(0, 2),
  tempC: between(8, 30),
  penError: between(-1, 1),
  stdU: between(0.02, 0.12),
  bandLow: between(5.2, 6),
  bandWidth: between(0.5, 1),
  acid: fc.constantFrom(nitric, phosphoric, citric),
  base: fc.constantFrom(koh, carbonate),
  jar: anyJar,
});
export type History = typeof anyHistory extends fc.Arbitrary<infer T> ? T : never;

/** The value of an answer that has to be one. */
export const must = <T>(result: { ok: true; value: T } | { ok: false; refusal: unknown }): T => {
  if (!result.ok) throw new Error(JSON.stringify(result.refusal));
  return result.value;
};

/** A share of the way from closed to aired, closed again. */
function partlyAired(solution: Solution, share: number): Solution {
  const closed = closedNow(solution);
  const aired = closedNow(airedOut(solution));
  if (closed.carbonate.kind !== 'closed' || aired.carbonate.kind !== 'closed') throw new Error();
  const from = closed.carbonate.carbonMolPerL;
  const carbonMolPerL = from + share * (aired.carbonate.carbonMolPerL - from);
  return { ...closed, carbonate: { kind: 'closed', carbonMolPerL } };
}

/** A session ends after so long, hours. */
const SESSION_HOURS = 20;

/** A hidden true tank that lives through a history, and what its book says of it. */
export class TrueTank {
  nowMs = startMs;
  ec: number;
  solution: Solution;
  /** What was seen since the session began, and how it is told. */
  private events: TankEvent[] = [];
  private told: Told;
  private sessionMs = startMs;

  constructor(private readonly h: History) {
    this.ec = h.sourceEcMsPerCm;
    const at = must(conditionsAt({ tempC: h.tempC, ecMsPerCm: this.ec }));
    const alkalinityMolPerL = h.sourceMmolPerL / 1000;
    const known = { kind: 'report', alkalinityMolPerL } as const;
    this.solution = must(solutionFrom(at, { ph: h.sourcePh, totals: {}, known }));
    this.told = h.reported
      ? {
          kind: 'fresh',
          water: { alkalinityMolPerL: alkalinityMolPerL * h.reportShare },
          alkalinitySigma: ALKALINITY_SIGMA.guess,
          feedMsPerCm: 0,
          factor: FEED_FACTOR.unknown,
        }
      : this.inUse();
  }

  /** A feed in use, as its EC tells. */
  private inUse(): Told {
    const { unknown } = FEED_FACTOR;
    const co2Sigma = IN_USE_CO2_SIGMA;
    return { kind: 'inUse', feedMsPerCm: this.ec, factor: unknown, co2Sigma };
  }

  /** How its book tells it now. */
  get kind() {
    return this.told.kind;
  }

  get ph() {
    return solvePh(this.solution).ph;
  }

  /** What the grower's pen says of it. */
  asked() {
    const { h } = this;
    const band = { low: h.bandLow, high: h.bandLow + h.bandWidth };
    const ph = this.ph + h.penError * h.stdU;
    const verdict: Verdict = ph > band.high ? 'high' : ph < band.low ? 'low' : 'in';
    return { band, ph, verdict };
  }

  /** Reads the tank into its book; after a day a new session begins. */
  private read() {
    const { h, nowMs } = this;
    if (nowMs - this.sessionMs > SESSION_HOURS * HOUR_MS) {
      this.events = [];
      this.told = this.inUse();
      this.sessionMs = nowMs;
    }
    const at = must(conditionsAt({ tempC: h.tempC, ecMsPerCm: this.ec }));
    const { ph } = this.asked();
    const reading = { kind: 'reading', atMs: nowMs, ph, stdU: h.stdU, penId: 'P', at } as const;
    this.events.push({ ...reading, digitPh: 0.01 });
  }

  plan() {
    const { h, nowMs } = this;
    this.read();
    const { band, verdict } = this.asked();
    const product = verdict === 'low' ? h.base : h.acid;
    const session = { told: this.told, events: this.events };
    // Its EC is that of the source it was filled from, or somebody fed it: it is never witnessed here.
    const unwitnessed = this.told.kind === 'fresh' && this.ec > 1.25 * h.sourceEcMsPerCm;
    const beliefs = beliefsOf(tellingsOf(session, { unwitnessed }, this.ec), this.ec)!;
    const plan = planDose({
      beliefs,
      volumeL: 100,
      verdict,
      band,
      product,
      digitPh: 0.01,
      rereadMinutes: 30,
      nowMs,
    });
    return { plan, product, band, verdict };
  }

  /** The jar test of a product as liquid: what the grower saw, drop by drop until past the aim. */
  jar() {
    const { h, nowMs } = this;
    const { band, verdict } = this.asked();
    const product = verdict === 'low' ? h.base : h.acid === citric ? citricLiquid : h.acid;
    const { dropShare, dilutionShare, sampleShare, steps, noise } = h.jar;
    const molPerDrop = (0.05 * dropShare * dilutionShare * must(molPerUnit(product))) / 50;
    const aimPh = (band.low + band.high) / 2;
    const shown = (drops: number, at: number) => {
      const molPerL = (drops * molPerDrop) / sampleShare;
      const { ph } = solvePh(addReagent(this.solution, product.reagent, molPerL));
      return ph + h.penError * h.stdU + noise[at]!;
    };
    const points: JarPoint[] = [{ drops: 0, ph: shown(0, 0) }];
    for (let at = 1; at <= steps.length; at += 1) {
      const last = points.at(-1)!;
      if (verdict === 'low' ? last.ph >= aimPh : last.ph <= aimPh) break;
      const drops = last.drops + steps[at - 1]!;
      points.push({ drops, ph: shown(drops, at) });
    }
    const plan = planJar({
      jar: { sampleL: 1, dilution: 50, dropMl: 0.05, points },
      aimPh,
      tankVolumeL: 100,
      band,
      verdict,
      phStdU: h.stdU,
      reagent: product.reagent,
      sampledMs: nowMs,
      nowMs,
    });
    return { plan, product, band, verdict };
  }

  pour(product: Product, amount: number) {
    const molPerL = (amount * must(molPerUnit(product))) / 100;
    this.solution = addReagent(this.solution, product.reagent, molPerL);
  }

  live(act: History['acts'][number]) {
    this.nowMs += HOUR_MS / 2;
    const { nowMs } = this;
    if (act.act === 'wait') {
      this.nowMs += act.hours * HOUR_MS;
      this.solution = partlyAired(this.solution, 1 - Math.exp(-act.hours / 6));
    } else if (act.act === 'feed') {
      this.feed(act.ec);
    } else if (act.act === 'topUp') {
      this.solution = partlyAired(this.solution, act.share);
    } else if (act.act === 'unknownDose') {
      this.solution = addReagent(this.solution, 'nitric', (0.2 * act.meq) / 1000);
      const perL = (0.2 * act.meq) / 3000;
      const dose = { kind: 'dose', atMs: nowMs, reagent: 'strongAcid', perL } as const;
      this.events.push({ ...dose, unknownId: 'U' });
    } else if (act.act === 'jarDose') {
      const { plan, product } = this.jar();
      if (!plan.ok) return;
      this.pour(product, plan.value.firstMl);
      this.book(product, plan.value.firstMl);
    } else this.dose(act.strength);
  }

  private feed(ec: number) {
    const { nowMs, h } = this;
    // Fertiliser phosphate comes as H2PO4-, ammonium with its anion: the strong ions pay for both.
    const phosphate = (0.5 * h.phosphateShare * ec) / 1000;
    const ammonium = (0.3 * h.ammoniumShare * ec) / 1000;
    const { totals: had, strongIonDifferenceMolPerL: charge } = this.solution;
    const totals = {
      ...had,
      phosphate: (had.phosphate ?? 0) + phosphate,
      ammonium: (had.ammonium ?? 0) + ammonium,
    };
    this.ec += ec;
    const at = must(conditionsAt({ tempC: h.tempC, ecMsPerCm: this.ec }));
    const strongIonDifferenceMolPerL = charge + phosphate - ammonium;
    this.solution = { ...this.solution, at, totals, strongIonDifferenceMolPerL };
    this.events.push({ kind: 'feed', atMs: nowMs, ecMsPerCm: ec });
  }

  private book(product: Product, amount: number) {
    const perL = (amount * must(molPerUnit(product))) / 100;
    this.events.push({ kind: 'dose', atMs: this.nowMs, reagent: product.reagent, perL });
  }

  /** A proposed dose (or part of it), booked. */
  private dose(strength: number) {
    const { plan, product } = this.plan();
    if (!plan.ok) return;
    const amount = (0.4 + 0.6 * strength) * plan.value.firstAmount;
    this.pour(product, amount);
    this.book(product, amount);
  }
}
