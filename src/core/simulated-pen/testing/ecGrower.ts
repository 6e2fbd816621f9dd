import { DAY_MS } from '../../units';
import { ecDip, type Dip } from '../../calibration';
import { standardEcAt, compensateEc } from '../../conductivity';
import { makePenTrack, stateAt, type PenEvent, type PenModel } from '../../drift';
import { assessQuick } from '../../readings';
import { normalDraw, seededRandom, type Random } from '../../statistics';
import { REPEAT_STD_U } from '../../uncertainty';
import { onDisplay } from '../driftingPen';
import { EC_TEMPERS, Truth, rectangle, type TemperName } from './truth';

/** What a grower does with an EC pen. */
export interface EcHabit {
  readonly temper: TemperName;
  readonly everyDays: number;
  readonly checks: number;
  readonly hasAtc?: boolean;
  readonly model?: PenModel;
}

const DIP_STD_U = 0.006;
const LOT_BOUND = 0.01;
const NOMINAL = 1.413;
const PEN_ALPHA = 0.019;
const FEED_ALPHA = 0.02;
const DIGIT = 0.01;
const ADJUST_FROM = 0.03;

const valueOf = (result: { ok: true; value: number } | { ok: false }) => {
  if (!result.ok) throw new RangeError('off the table');
  return result.value;
};

/** One made-up grower with one EC pen, as the pH one. */
export class EcGrower {
  readonly events: PenEvent[] = [];
  private readonly random: Random;
  private readonly truth: Truth;
  private readonly lot: number;
  private readonly compensation: { readonly alphaPerC: number; readonly referenceC: 25 } | null;

  constructor(
    private readonly habit: EcHabit,
    seed: number,
  ) {
    this.random = seededRandom(seed);
    const start = [0.04 * normalDraw(this.random), 0] as const;
    this.truth = new Truth(EC_TEMPERS[habit.temper], this.random, { start });
    this.lot = rectangle(this.random, LOT_BOUND);
    this.compensation = (habit.hasAtc ?? true) ? { alphaPerC: PEN_ALPHA, referenceC: 25 } : null;
  }

  /** What the display is about to show for a liquid of so much at its temperature. */
  private shows(atTempMsPerCm: number, realC: number): number {
    const felt = this.compensation
      ? valueOf(compensateEc(atTempMsPerCm, realC + rectangle(this.random, 0.5), this.compensation))
      : atTempMsPerCm;
    const gain = Math.exp(this.truth.level + DIP_STD_U * normalDraw(this.random));
    return onDisplay(felt * gain, DIGIT);
  }

  private dip(tempC: number): { dip: Dip; off: number } {
    const standard = { nominalMsPerCm: NOMINAL };
    const realC = tempC + rectangle(this.random, 1);
    const shown = this.shows(valueOf(standardEcAt(standard, realC)) * (1 + this.lot), realC);
    const made = ecDip({
      standard,
      toleranceRel: LOT_BOUND,
      tempC,
      shownMsPerCm: shown,
      resolutionMsPerCm: DIGIT,
      compensation: this.compensation,
    });
    if (!made.ok) throw new RangeError('off the table');
    return { dip: made.value, off: made.value.difference };
  }

  check(day: number): void {
    const { truth } = this;
    truth.until(day);
    const tempC = 20 + rectangle(this.random, 4);
    const found = this.dip(tempC);
    const adjusts = Math.abs(found.off) > ADJUST_FROM;
    const left: Dip[] = [];
    if (adjusts) {
      truth.level -= found.off;
      left.push(this.dip(tempC).dip);
    }
    this.events.push({
      kind: 'check',
      atMs: day * DAY_MS,
      found: [found.dip],
      adjusted: adjusts ? { offset: true, gain: false, bend: false } : undefined,
      left,
      afterCleaning: false,
      cupsTempC: tempC,
    });
  }

  /** A reading of a feed at a day, judged later. */
  read(day: number): { day: number; shown: number; true25: number; tempC: number } {
    this.truth.until(day);
    const tempC = 15 + 12 * this.random();
    const alpha = FEED_ALPHA + 0.0012 * normalDraw(this.random);
    const true25 = 1.2 + 1.4 * this.random();
    const shown = this.shows(true25 * (1 + alpha * (tempC - 25)), tempC);
    return { day, shown, true25, tempC: tempC + rectangle(this.random, 0.5) };
  }

  track() {
    return makePenTrack({
      quantity: 'ec',
      accuracy: 0,
      repeatStdU: this.habit.model ? DIP_STD_U : REPEAT_STD_U.ec,
      firstUseMs: 0,
      events: this.events,
      model: this.habit.model,
    });
  }

  /** How far off a reading is told, and its ±, relative. */
  judged(reading: ReturnType<EcGrower['read']>, track = this.track()) {
    const { compensation } = this;
    const read = assessQuick({
      quantity: 'ec',
      shown: reading.shown,
      tempC: reading.tempC,
      pen: { scale: 'mS/cm', resolution: DIGIT, compensation },
      state: stateAt(track, reading.day * DAY_MS),
      feedAlphaPerC: FEED_ALPHA,
    });
    if (!read.ok) throw new RangeError('refused');
    return {
      error: read.value.value / reading.true25 - 1,
      expandedU: read.value.expandedU / reading.true25,
    };
  }
}
