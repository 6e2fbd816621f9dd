import { normalDraw, type Random } from '../../statistics';

/** How a made-up pen lives: trends a day, walks a √day, jumps. pH pens: offset, then gain. */
export interface Temper {
  readonly trend: number;
  readonly walk: number;
  readonly gainTrend: number;
  readonly gainWalk: number;
  readonly jump?: { readonly stdU: number; readonly perDay: number } | undefined;
}

/** The four tempers; nothing in the model knows their numbers. */
export const TEMPERS = {
  calm: { trend: 0.001, walk: 0.002, gainTrend: -0.0001, gainWalk: 0.0003 },
  usual: { trend: 0.003, walk: 0.005, gainTrend: -0.0004, gainWalk: 0.0008 },
  restless: { trend: 0.002, walk: 0.015, gainTrend: -0.0005, gainWalk: 0.002 },
  jumpy: {
    trend: 0.002,
    walk: 0.004,
    gainTrend: -0.0004,
    gainWalk: 0.0008,
    jump: { stdU: 0.12, perDay: 1 / 45 },
  },
} as const satisfies Record<string, Temper>;

export type TemperName = keyof typeof TEMPERS;

/** Conductivity pens: relative gain. */
export const EC_TEMPERS: Readonly<Record<TemperName, Temper>> = {
  calm: { trend: 0.0003, walk: 0.0008, gainTrend: 0, gainWalk: 0 },
  usual: { trend: 0.0008, walk: 0.002, gainTrend: 0, gainWalk: 0 },
  restless: { trend: 0.0008, walk: 0.005, gainTrend: 0, gainWalk: 0 },
  jumpy: {
    trend: 0.0006,
    walk: 0.0015,
    gainTrend: 0,
    gainWalk: 0,
    jump: { stdU: 0.05, perDay: 1 / 45 },
  },
};

/** ± `bound`, all alike. */
export const rectangle = (random: Random, bound: number) => bound * (2 * random() - 1);

/** A hidden pen: what it is off by now, and how it goes on. */
export class Truth {
  level: number;
  gain: number;
  /** Extra gain above pH 7. */
  readonly bend: number;
  private dayNow = 0;
  private readonly perDay: number;
  private readonly gainPerDay: number;

  constructor(
    private temper: Temper,
    private readonly random: Random,
    { bend = 0, start }: { bend?: number; start: readonly [number, number] },
  ) {
    const [level, gain] = start;
    this.level = level;
    this.gain = gain;
    this.bend = bend;
    const sign = random() < 0.5 ? -1 : 1;
    this.perDay = sign * temper.trend * (0.5 + random());
    this.gainPerDay = temper.gainTrend * (0.5 + random());
  }

  /** Lives on until a day. */
  until(day: number): void {
    const days = Math.max(0, day - this.dayNow);
    this.dayNow = Math.max(day, this.dayNow);
    const { walk, gainWalk, jump } = this.temper;
    const root = Math.sqrt(days);
    this.level += this.perDay * days + walk * root * normalDraw(this.random);
    this.gain += this.gainPerDay * days + gainWalk * root * normalDraw(this.random);
    // As many jumps as come in so many days, one after the other.
    for (let left = days; jump;) {
      left += Math.log(1 - this.random()) / jump.perDay;
      if (left < 0) break;
      this.level += jump.stdU * normalDraw(this.random);
    }
  }

  /** Turns to another temper from now on. */
  turn(temper: Temper): void {
    this.temper = temper;
  }

  /** Something befell it: cleaned, or a new probe. */
  shake(level: number, gain: number): void {
    this.level += level * normalDraw(this.random);
    this.gain += gain * normalDraw(this.random);
  }

  /** Another probe. */
  renew(start: readonly [number, number]): void {
    [this.level, this.gain] = start;
  }

  /** What a pH pen is about to show, its digits and scatter apart. */
  shows(truePh: number, cell = 1): number {
    const z = cell * (truePh - 7);
    return 7 + this.level + (1 + this.gain + (truePh > 7 ? this.bend : 0)) * z;
  }
}
