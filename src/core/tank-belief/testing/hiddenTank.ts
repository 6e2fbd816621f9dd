import { molPerUnit, type Product, type Reagent } from '../../chemistry';
import { normalDraw, type Random } from '../../statistics';
import { AIR_MOL_PER_L, carbonFor, chargeAt, phOf, type Held } from './water';

/** How a hidden tank and its grower are drawn. */
export interface Habit {
  /** Alkalinity of its source, meq/L. */
  readonly sourceMeqPerL: number;
  /** Fresh water alone, fresh with its feed, or a feed in use. */
  readonly state: 'fresh' | 'fed' | 'inUse';
  /** EC of the feed, mS/cm. */
  readonly feedMsPerCm: number;
  /** Its phosphate and ammonium beside the usual. */
  readonly feedTimes: number;
  /** Carbon dioxide beside that of the air, in a feed in use. */
  readonly co2Times: number;
  readonly pairs: boolean;
  /** A tank that is to be raised stands low. */
  readonly startPh?: number;
  readonly band: { readonly low: number; readonly high: number };
  readonly penStdU: number;
  /** The report over the truth. */
  readonly reportTimes: number;
  /** It is measured, or only guessed. */
  readonly guessed?: boolean;
  /** A share of the tank is topped up without a word after the first dose. */
  readonly unbookedTopUp?: number;
  /** It is booked as filled afresh, and never was. */
  readonly bookedFresh?: boolean;
  /** Slow pump: a turnover takes so many minutes. */
  readonly turnoverMinutes?: number;
  readonly product: Product;
  /** The product's strength is not told. */
  readonly unknown?: boolean;
}

export const VOLUME_L = 100;
const TEMP_C = 20;

/** Doses that are poured up to so many minutes after they were booked. */
const LATE_SHARE = 0.08;
const LATE_MINUTES = 8;

/** What a mole of a reagent brings, typed anew. */
const BRINGS: Readonly<Partial<Record<Reagent, Partial<Held>>>> = {
  nitric: { charge: -1 },
  phosphoric: { phosphate: 1 },
  sulfuric: { sulfate: 1 },
  citric: { citrate: 1 },
  koh: { charge: 1 },
  k2co3: { charge: 2, carbon: 1 },
  khco3: { charge: 1, carbon: 1 },
  strongAcid: { charge: -1 },
};

/** A tank nobody sees into, and the pen and hands of its grower. */
export class HiddenTank {
  readonly tempC = TEMP_C;
  readonly ecMsPerCm: number;
  /** What the whole tank holds once mixed, and what of the last dose is still to mix, at a time. */
  private held: Held;
  private lastDose: { atMs: number; added: Partial<Held> } | undefined;
  private nowMs: number;
  private readonly medium: { strength: number; pairs: boolean };
  private readonly penOffset: number;
  private readonly penGain: number;
  private readonly airsPerHour: number;
  /** Its grower knows it from the pump. */
  readonly turnoverMinutes: number;

  constructor(
    readonly habit: Habit,
    private readonly random: Random,
    startMs: number,
  ) {
    const { sourceMeqPerL, state, feedMsPerCm, feedTimes } = habit;
    const fed = state === 'fresh' ? 0 : feedMsPerCm;
    const sourceEc = 0.1 + 0.12 * sourceMeqPerL;
    this.ecMsPerCm = sourceEc + fed;
    this.medium = { strength: 0.013 * this.ecMsPerCm, pairs: habit.pairs };
    this.nowMs = startMs;
    this.penOffset = habit.penStdU * normalDraw(random);
    this.penGain = 0.02 * normalDraw(random);
    // From a still tank to an air stone.
    this.airsPerHour = Math.min(1.5, Math.max(0.03, 0.2 * Math.exp(0.9 * normalDraw(random))));
    this.turnoverMinutes = habit.turnoverMinutes ?? 2 + 8 * random();
    const alkalinity = sourceMeqPerL / 1000;
    const phosphate = (0.5 * feedTimes * fed) / 1000;
    const ammonium = (0.3 * feedTimes * (0.3 + 1.4 * random()) * fed) / 1000;
    this.held = {
      charge: alkalinity,
      carbon: 0,
      phosphate,
      ammonium,
      citrate: 0,
      sulfate: 0,
      calcium: (0.35 * sourceMeqPerL + 1.5 * fed) / 1000,
      magnesium: (0.12 * sourceMeqPerL + 0.75 * fed) / 1000,
    };
    if (state === 'inUse') this.standInUse(habit);
    else {
      // The source's own pH; filling splashes a little of its carbon dioxide out.
      const source = { ...this.held, phosphate: 0, ammonium: 0 };
      carbonFor(source, 7.2 + 0.6 * random(), this.medium);
      this.held.carbon = alkalinity + (source.carbon - alkalinity) * (1 - 0.3 * random());
      // The feed's strong ions pay for its weak ones.
      if (fed > 0) this.held.charge += phosphate - ammonium + 1.2e-4 * fed * normalDraw(random);
    }
  }

  /** A feed in use stands at a pH with so much carbon dioxide. */
  private standInUse({ startPh = 6.6, co2Times }: Habit): void {
    const ph = startPh + 0.35 * (this.random() - 0.3);
    const dioxide = co2Times * AIR_MOL_PER_L;
    this.held.carbon = dioxide;
    for (let round = 0; round < 30; round += 1)
      this.held.carbon = dioxide / chargeAt(this.held, ph, this.medium).dioxide;
    this.held.charge = chargeAt(this.held, ph, this.medium).charge;
  }

  /** What is to be read where the pen stands: the dose may not be everywhere yet. */
  private seenHeld(): Held {
    const { lastDose, held } = this;
    if (!lastDose) return held;
    const minutes = (this.nowMs - lastDose.atMs) / 60_000;
    const missing = Math.exp(-Math.max(0, minutes) / this.turnoverMinutes);
    const seen = { ...held };
    for (const [name, added] of Object.entries(lastDose.added) as [keyof Held, number][])
      seen[name] = Math.max(name === 'charge' ? -1 : 0, seen[name] - missing * added);
    return seen;
  }

  /** True pH of the whole tank, mixed. */
  get ph(): number {
    return phOf(this.held, this.medium);
  }

  /** What the corrected pen says now. */
  read(): number {
    const ph = phOf(this.seenHeld(), this.medium);
    const shown = ph + this.penOffset + this.penGain * (ph - 7) + 0.018 * normalDraw(this.random);
    return Math.round(100 * shown) / 100;
  }

  /** Time passes: carbon dioxide beyond the air's leaves. */
  wait(minutes: number): void {
    this.nowMs += 60_000 * minutes;
    for (let step = 0; step < 3; step += 1) {
      const ph = phOf(this.held, this.medium);
      const dioxide = this.held.carbon * chargeAt(this.held, ph, this.medium).dioxide;
      const excess = dioxide - 1.5 * AIR_MOL_PER_L;
      this.held.carbon -= excess * (1 - Math.exp((-this.airsPerHour * minutes) / 180));
      if (excess < 0) break;
    }
  }

  /** Pours so much of the product, in mL (or grams of a powder) for the whole tank. */
  pour(amount: number, molPerAmount: number): void {
    const mol = (amount * molPerAmount) / VOLUME_L;
    const brings = BRINGS[this.habit.product.reagent]!;
    const added: Partial<Held> = {};
    // Now and then it is booked first and poured later: read too early by as much.
    const lateMinutes = this.random() < LATE_SHARE ? LATE_MINUTES * this.random() : 0;
    const atMs = this.nowMs + 60_000 * lateMinutes;
    for (const [name, each] of Object.entries(brings) as [keyof Held, number][]) {
      added[name] = each * mol;
      this.held[name] += each * mol;
    }
    this.lastDose = { atMs, added };
  }

  /** Tops up with source water, and tells nobody. */
  topUp(share: number): void {
    const { sourceMeqPerL } = this.habit;
    const alkalinity = sourceMeqPerL / 1000;
    for (const name of Object.keys(this.held) as (keyof Held)[]) this.held[name] *= 1 - share;
    this.held.charge += share * alkalinity;
    this.held.carbon += share * alkalinity * 1.06;
    this.held.calcium += (share * 0.35 * sourceMeqPerL) / 1000;
    this.held.magnesium += (share * 0.12 * sourceMeqPerL) / 1000;
    this.lastDose = undefined;
  }

  get atMs(): number {
    return this.nowMs;
  }

  /** Moles in one unit of the product, as it really is. */
  get molPerAmount(): number {
    const strength = molPerUnit(this.habit.product);
    if (!strength.ok) throw new Error('a hidden product has a strength');
    return strength.value;
  }
}
