import { DAY_MS } from '../../units';
import { bufferPhAt, kindOfNominal, type BufferReference } from '../../buffers';
import { cellFactor, phDip, type Dip } from '../../calibration';
import {
  ONE_POINT_GAIN,
  makePenTrack,
  type PenCheck,
  type PenEvent,
  type PenModel,
  type PenTrack,
} from '../../drift';
import { normalDraw, seededRandom, type Random } from '../../statistics';
import { REPEAT_STD_U } from '../../uncertainty';
import { onDisplay } from '../driftingPen';
import { TEMPERS, Truth, rectangle, type Temper, type TemperName } from './truth';

/** What a grower does with a pH pen, and what of it goes wrong. */
export interface PhHabit {
  readonly temper: TemperName;
  /** Then it turns restless, after so many days. */
  readonly restlessFrom?: number;
  readonly everyDays: number;
  readonly checks: number;
  readonly cups?: readonly number[];
  /** Later checks read one cup only, and never adjust. */
  readonly oneCup?: boolean;
  /** Only the zero can be set. */
  readonly zeroOnly?: boolean;
  readonly cleanedFirst?: boolean;
  /** Stores the printed value whatever the temperature. */
  readonly storesNominal?: boolean;
  /** Extra gain above 7, up to. */
  readonly bend?: number;
  readonly digit?: number;
  readonly hasAtc?: boolean;
  /** The tank's temperature is noted with each reading. */
  readonly tempTyped?: boolean;
  /** A new probe half way. */
  readonly newProbe?: boolean;
  /** One cup in so many is dirty. */
  readonly dirtyOneIn?: number;
  /** Found further off than this it is adjusted, pH. */
  readonly adjustFrom?: number;
  /** Other numbers for the filter. */
  readonly model?: PenModel;
}

const DIP_STD_U = 0.012;
const JUNCTION_STD_U = 0.02;
const LOT_BOUND = 0.02;
const CLEANING = [0.08, 0.01] as const;
const DIRT_STD_U = 0.15;

/** A reading with its truth. */
export interface ReadPh {
  readonly day: number;
  readonly shown: number;
  readonly truePh: number;
  readonly tempC: number | undefined;
}

/** One made-up grower with one pen, walked check by check. */
export class PhGrower {
  readonly events: PenEvent[] = [];
  readonly readings: ReadPh[] = [];
  private readonly random: Random;
  private readonly truth: Truth;
  private readonly lots: ReadonlyMap<number, number>;
  private readonly habit: PhHabit;
  private readonly digit: number;
  private readonly hasAtc: boolean;

  constructor(habit: PhHabit, seed: number) {
    this.habit = habit;
    this.random = seededRandom(seed);
    this.digit = habit.digit ?? 0.01;
    this.hasAtc = habit.hasAtc ?? true;
    const temper: Temper = TEMPERS[habit.temper];
    this.truth = new Truth(temper, this.random, {
      bend: rectangle(this.random, habit.bend ?? 0),
      start: this.newStart(),
    });
    this.lots = new Map(this.cups.map((nominal) => [nominal, rectangle(this.random, LOT_BOUND)]));
  }

  private get cups(): readonly number[] {
    return this.habit.cups ?? [7, 4.01];
  }

  private newStart(): readonly [number, number] {
    const slope = this.cups.length < 2 || this.habit.zeroOnly ? -0.04 : -0.02;
    return [0.1 * normalDraw(this.random), slope + 0.02 * normalDraw(this.random)];
  }

  private cup(nominal: number, { tempC, dirty }: { tempC: number; dirty: boolean }) {
    const buffer: BufferReference = { kind: kindOfNominal(nominal)!, nominalPh: nominal };
    const realC = tempC + rectangle(this.random, 1);
    const at = bufferPhAt(buffer, realC);
    if (!at.ok) throw new RangeError(`no buffer at ${realC} °C`);
    const truePh = at.value + this.lots.get(nominal)!;
    const cell = cellFactor(this.hasAtc, realC);
    const scatter =
      DIP_STD_U * normalDraw(this.random) + (dirty ? DIRT_STD_U * normalDraw(this.random) : 0);
    const noted = bufferPhAt(buffer, tempC);
    const target = this.habit.storesNominal || !noted.ok ? nominal : noted.value;
    return { buffer, nominal, truePh, cell, scatter, target };
  }

  private dipOf(cup: ReturnType<PhGrower['cup']>, tempC: number): Dip {
    const raw = this.truth.shows(cup.truePh, cup.cell) + cup.scatter;
    const dip = phDip({
      buffer: cup.buffer,
      tolerancePh: LOT_BOUND,
      tempC,
      shownPh: onDisplay(raw, this.digit),
      resolutionPh: this.digit,
      hasAtc: this.hasAtc,
    });
    if (!dip.ok) throw new RangeError('the cup is off its table');
    return dip.value;
  }

  /** The pen takes its points: scatter of the moment goes into what it stores. */
  private adjust(cups: readonly ReturnType<PhGrower['cup']>[]): void {
    const { truth } = this;
    const [first, second] = cups;
    const wrong = (cup: ReturnType<PhGrower['cup']>) =>
      onDisplay(cup.target, this.digit) - (truth.shows(cup.truePh, cup.cell) + cup.scatter);
    if (!second || this.habit.zeroOnly) {
      truth.level += wrong(first!);
      return;
    }
    const lever = (cup: ReturnType<PhGrower['cup']>) => cup.cell * (cup.truePh - 7);
    const slope = (wrong(second) - wrong(first!)) / (lever(second) - lever(first!));
    truth.level += wrong(first!) - slope * lever(first!);
    truth.gain += slope;
  }

  /** The check at a day: as found, adjusted where it is off, as left. */
  check(day: number, number: number): void {
    const { habit, truth, random } = this;
    truth.until(day);
    if (habit.restlessFrom !== undefined && day >= habit.restlessFrom) truth.turn(TEMPERS.restless);
    if (habit.newProbe && number === Math.floor(habit.checks / 2)) {
      truth.renew(this.newStart());
      this.events.push({ kind: 'newProbe', atMs: (day - 0.01) * DAY_MS });
    }
    const afterCleaning = habit.cleanedFirst === true && number > 0;
    if (afterCleaning) truth.shake(...CLEANING);
    const tempC = 20 + rectangle(random, 4);
    const quick = habit.oneCup === true && number > 0;
    const nominals = quick ? this.cups.slice(0, 1) : this.cups;
    const dip = (nominal: number) => {
      const dirty = habit.dirtyOneIn !== undefined && random() < 1 / habit.dirtyOneIn;
      return this.cup(nominal, { tempC, dirty });
    };
    const found = nominals.map((nominal) => {
      const cup = dip(nominal);
      return { cup, dip: this.dipOf(cup, tempC) };
    });
    const limit = Math.max(habit.adjustFrom ?? 0.05, this.digit);
    const off = found.some(({ cup }) => {
      const shown = onDisplay(truth.shows(cup.truePh, cup.cell) + cup.scatter, this.digit);
      return Math.abs(shown - cup.target) > limit;
    });
    let left: Dip[] = [];
    const adjusts = off && !quick;
    if (adjusts) {
      this.adjust(nominals.map(dip));
      left = nominals.map((nominal) =>
        this.dipOf(this.cup(nominal, { tempC, dirty: false }), tempC),
      );
    }
    const gain = nominals.length > 1 && habit.zeroOnly !== true;
    const event: PenCheck = {
      kind: 'check',
      atMs: day * DAY_MS,
      found: found.map((one) => one.dip),
      adjusted: adjusts ? { offset: true, gain, bend: false } : undefined,
      left,
      afterCleaning,
      cupsTempC: tempC,
    };
    this.events.push(event);
  }

  /** One reading of a tank at a day. */
  read(day: number, truePh = 5.5 + this.random()): ReadPh {
    this.truth.until(day);
    const tempC = this.hasAtc ? 20 : 14 + 12 * this.random();
    const measuredC = tempC + rectangle(this.random, 0.5);
    const scatter = Math.hypot(DIP_STD_U, JUNCTION_STD_U) * normalDraw(this.random);
    const cell = cellFactor(this.hasAtc, tempC);
    const shown = onDisplay(this.truth.shows(truePh, cell) + scatter, this.digit);
    const typed = this.hasAtc || (this.habit.tempTyped ?? true);
    const reading = { day, shown, truePh, tempC: typed ? measuredC : undefined };
    this.readings.push(reading);
    return reading;
  }

  /** How far off the pen is where the crops live. */
  errorAtCrop(day: number): number {
    this.truth.until(day);
    return this.truth.shows(6) - 6;
  }

  get pen() {
    return { resolutionPh: this.digit, hasAtc: this.hasAtc };
  }

  /** The pen's track by what has happened so far. */
  track(): PenTrack {
    const onePoint = this.cups.length < 2 || this.habit.zeroOnly === true;
    return makePenTrack({
      quantity: 'ph',
      accuracy: 0.1,
      startGain: onePoint ? ONE_POINT_GAIN : undefined,
      repeatStdU: this.habit.model ? DIP_STD_U : REPEAT_STD_U.ph,
      firstUseMs: 0,
      events: this.events,
      model: this.habit.model,
    });
  }
}
