import { conditionsAt, type Conditions } from '../../chemistry';
import { seededRandom } from '../../statistics';
import {
  ALKALINITY_SIGMA,
  FEED_FACTOR,
  IN_USE_CO2_SIGMA,
  beliefsOf,
  contradicts,
  expectedAfter,
  meanIn,
  mixingOf,
  newestAgreed,
  quantileIn,
  stepByAll,
  tellingsOf,
  type Beliefs,
  type Session,
  type TankEvent,
  type Told,
  type Wanted,
} from '../index';
import { HiddenTank, VOLUME_L, type Habit } from './hiddenTank';

/** What became of one tank. */
export interface Course {
  readonly doses: readonly {
    readonly fromPh: number;
    readonly toPh: number;
    readonly heldInterval: boolean;
    readonly contradicted: boolean;
  }[];
  /** In its band by the pen, and truly within 2u of it. */
  readonly inByPen: boolean;
  readonly near: boolean;
  readonly trulyIn: boolean;
}

const MOST_DOSES = 9;
const START_MS = 1_800_000_000_000;

/** Hands pour up to a tenth off. */
const POURED_OFF = 0.1;

function conditions(tempC: number, ecMsPerCm: number): Conditions {
  const at = conditionsAt({ tempC, ecMsPerCm });
  if (!at.ok) throw new Error('conditions');
  return at.value;
}

/** What the book says of a hidden tank. */
function toldOf(habit: Habit, ecMsPerCm: number): Told {
  const { state, sourceMeqPerL, reportTimes, guessed = false, bookedFresh = false } = habit;
  const factor = FEED_FACTOR.unknown;
  if (state === 'inUse' && !bookedFresh)
    return { kind: 'inUse', feedMsPerCm: ecMsPerCm, factor, co2Sigma: IN_USE_CO2_SIGMA };
  return {
    kind: 'fresh',
    water: { alkalinityMolPerL: (sourceMeqPerL * reportTimes) / 1000 },
    alkalinitySigma: ALKALINITY_SIGMA[guessed ? 'guess' : 'measured'],
    feedMsPerCm: state === 'fed' || bookedFresh ? habit.feedMsPerCm : 0,
    factor,
  };
}

/** A grower who does as is said until the pen says it is in band, or nothing more is said. */
class Grower {
  private readonly tank: HiddenTank;
  private readonly random;
  private readonly events: TankEvent[] = [];
  private readonly doses: Course['doses'][number][] = [];
  private readonly at: Conditions;
  private readonly told: Told;
  private wider = false;

  constructor(
    private readonly habit: Habit,
    seed: number,
  ) {
    this.random = seededRandom(seed);
    this.tank = new HiddenTank(habit, this.random, START_MS);
    this.at = conditions(this.tank.tempC, this.tank.ecMsPerCm);
    this.told = toldOf(habit, this.tank.ecMsPerCm);
  }

  private get acid() {
    return !['koh', 'k2co3', 'khco3'].includes(this.habit.product.reagent);
  }

  private reading(ph: number): TankEvent {
    const { tank, at, habit } = this;
    return {
      kind: 'reading',
      atMs: tank.atMs,
      ph,
      stdU: Math.hypot(habit.penStdU, 0.021),
      digitPh: 0.01,
      penId: 'P',
      at,
    };
  }

  private believed(): Beliefs | undefined {
    const whole = this.tank.ecMsPerCm;
    const session: Session = {
      told: this.told,
      events: this.events,
      plannedUnknownId: this.habit.unknown ? 'X' : undefined,
    };
    const witnessed = !this.habit.bookedFresh;
    const tellings = tellingsOf(session, { wider: this.wider, unwitnessed: !witnessed }, whole);
    return beliefsOf(tellings, whole);
  }

  /** Reads until two readings agree; the later is taken. */
  private readAgreed(): number {
    const mixing = mixingOf(VOLUME_L, (60 * VOLUME_L) / this.tank.turnoverMinutes);
    this.tank.wait(mixing.firstMinutes + 3 * this.random());
    const seen = [{ atMs: this.tank.atMs, ph: this.tank.read(), digitPh: 0.01 }];
    for (let more = 0; more < 12; more += 1) {
      this.tank.wait(mixing.betweenMinutes + 2 * this.random());
      seen.push({ atMs: this.tank.atMs, ph: this.tank.read(), digitPh: 0.01 });
      const agreed = newestAgreed(seen, mixing);
      if (agreed >= 0) return seen[agreed]!.ph;
    }
    return seen.at(-1)!.ph;
  }

  private asked(ph: number): boolean {
    const { band } = this.habit;
    return this.acid ? ph > band.high : ph < band.low;
  }

  /** One dose, from a reading that asks for it to the one after; undefined where none is planned. */
  private dose(beliefs: Beliefs, wanted: Wanted): number | undefined {
    const { perL } = stepByAll(beliefs, wanted);
    const molPerAmount = this.tank.molPerAmount;
    const amount = (perL * VOLUME_L) / (this.habit.unknown ? 0.001 : molPerAmount);
    if (!(amount > 1e-3)) return undefined;
    const fromPh = this.tank.ph;
    this.tank.pour(amount * (1 + POURED_OFF * (2 * this.random() - 1)), molPerAmount);
    this.events.push({
      kind: 'dose',
      atMs: this.tank.atMs,
      reagent: wanted.reagent,
      perL,
      unknownId: this.habit.unknown ? 'X' : undefined,
    });
    const toPh = this.tank.ph;
    const pouredMs = this.tank.atMs;
    if (this.habit.unbookedTopUp && this.doses.length === 0)
      this.tank.topUp(this.habit.unbookedTopUp);
    const ph = this.readAgreed();
    const airedMs = this.tank.atMs - pouredMs;
    const expected = expectedAfter(beliefs, wanted, { perL, airedMs, digitPh: 0.01 });
    const heldInterval = ph >= quantileIn(expected, 0.025) && ph <= quantileIn(expected, 0.975);
    const contradicted = contradicts(expected, ph);
    this.doses.push({ fromPh, toPh, heldInterval, contradicted });
    if (!Number.isFinite(meanIn(expected))) throw new Error('nothing is expected');
    this.wider ||= contradicted;
    return ph;
  }

  live(): Course {
    const { habit } = this;
    const { band } = habit;
    const reagent = habit.unknown ? 'strongAcid' : habit.product.reagent;
    const wanted: Wanted = {
      reagent,
      band,
      aimPh: (band.low + band.high) / 2,
      ofUnknown: habit.unknown,
    };
    let ph = this.tank.read();
    this.events.push(this.reading(ph));
    while (this.doses.length < MOST_DOSES && this.asked(ph)) {
      const beliefs = this.believed();
      const next = beliefs && this.dose(beliefs, wanted);
      if (next === undefined) break;
      ph = next;
      this.events.push(this.reading(ph));
    }
    const truth = this.tank.ph;
    const reach = 2 * Math.hypot(habit.penStdU, 0.021);
    return {
      doses: this.doses,
      inByPen: ph >= band.low && ph <= band.high,
      near: truth >= band.low - reach && truth <= band.high + reach,
      trulyIn: truth >= band.low && truth <= band.high,
    };
  }
}

/** The course of one hidden tank under one grower. */
export const courseOf = (habit: Habit, seed: number): Course => new Grower(habit, seed).live();
