import type { SkipReason, TankFactor, TankWater } from '@/core/dosing';
import type { ReadingRow, TankAnswer } from './tanks';

/** What a dose was promised to do, and what the readings say it did. */
export interface DoseOutcome {
  readonly atMs: number;
  readonly beforePh: number;
  readonly afterPh: number;
  readonly predictedPh?: number | undefined;
  /** Why it taught nothing, where it did not. */
  readonly skipped?: SkipReason | undefined;
}

/** All that a dose plan needs; the plan itself is made on the page, as the grower changes it. */
export interface DoseAnswer {
  readonly tank: TankAnswer;
  /** The newest reading with a pH. */
  readonly reading?: ReadingRow | undefined;
  readonly water: TankWater;
  readonly factor: TankFactor;
  /** Doses behind the factor, newest first. */
  readonly outcomes: readonly DoseOutcome[];
  readonly lastDose?:
    { readonly what: 'acid' | 'base'; readonly atMs: number; readonly mixedMs: number } | undefined;
}
