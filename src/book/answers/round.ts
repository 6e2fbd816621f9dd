import type { Liquid } from '@/core/lots';
import type { BookSettings, Person, PlanStage, SkipReason } from '@/records/kinds';
import type { RecordNames } from './names';
import type { PenAnswer } from './pens';
import type { TankAnswer } from './tanks';
import type { LotAnswer } from './shelf';
import type { RevId, TankId, RecordId, PenId } from '@/records';

/** A timer that runs or has just run out. */
export type TimerRow = TimerTimes &
  (
    | {
        readonly kind: 'soak' | 'drying' | 'cleaner' | 'stopGap' | 'still';
        readonly refId: PenId;
      }
    | { readonly kind: 'mixing' | 'standing'; readonly refId: TankId }
  );

interface TimerTimes {
  readonly id: RecordId;
  readonly startMs: number;
  readonly endMs: number;
  /** A pen's code, or a tank's name. */
  readonly name: string;
}

/** A quantity of a tank's newest reading that is surely out of its band. */
export interface OutOfBand {
  readonly quantity: 'ph' | 'ec';
  readonly side: 'low' | 'high';
}

/** What a stop of the round is about. */
export type StopAbout =
  /** A dose that was never read again, or read once only. */
  | { readonly kind: 'reread'; readonly tank: TankAnswer; readonly dueMs: number }
  /** Read today and surely out of band. */
  | { readonly kind: 'correct'; readonly tank: TankAnswer; readonly off: readonly OutOfBand[] }
  | { readonly kind: 'tank'; readonly tank: TankAnswer; readonly missedDays: number }
  | { readonly kind: 'soak'; readonly pen: PenAnswer; readonly endMs: number }
  | { readonly kind: 'pen'; readonly pen: PenAnswer; readonly overdueDays: number }
  | {
      readonly kind: 'care';
      readonly pen: PenAnswer;
      /** What falls on this day, the most pressing first; since when the first of it is due. */
      readonly what: readonly CareStop[];
      readonly dueMs: number;
    }
  | { readonly kind: 'lot'; readonly lot: LotAnswer }
  /** A liquid that ends before the checks of the week are made, or storage solution low. */
  | {
      readonly kind: 'supply';
      readonly liquid: Liquid;
      readonly portionsLeft: number;
      readonly portionsNeeded: number;
    }
  /** No copy of the book was saved for a month, or ever: days since the last. */
  | { readonly kind: 'copy'; readonly days: number | undefined };

/** Care that stands on the round. */
export type CareStop = 'cleanPh' | 'cleanEc' | 'soak' | 'cap' | 'battery';

/** That a stop was passed by today. */
interface SkippedStop {
  readonly why: SkipReason;
  readonly by: string;
}

/** One stop of today's round. */
export type RoundStop = StopAbout & {
  /** Its kind and what it is about; the same from day to day. */
  readonly key: string;
  readonly done: boolean;
  /** Passed by today, with the reason. */
  readonly skipped?: SkippedStop | undefined;
  /** Why it was passed by the last time, on a day before. */
  readonly skippedBefore?: SkipReason | undefined;
};

/** What falls due on a day to come. */
export interface DayAhead {
  readonly dayMs: number;
  /** Codes of pens to check, and to care for. */
  readonly checks: readonly string[];
  readonly care: readonly string[];
  /** Lots that stop being good. */
  readonly lots: readonly LotAnswer[];
  /** Tanks whose plan goes on to its next stage. */
  readonly stages: readonly StageNews[];
}

/** A tank whose bands change on a day, by its plan. */
export interface StageNews {
  readonly tankId: TankId;
  readonly tankName: string;
  readonly stage: PlanStage;
}

/** Today's round. */
export interface RoundAnswer {
  readonly stops: readonly RoundStop[];
  /** The days to come on which something falls due, a week ahead. */
  readonly ahead: readonly DayAhead[];
  /** Tanks whose bands changed this morning, and those whose bands change tomorrow. */
  readonly stagesToday: readonly StageNews[];
  readonly stagesTomorrow: readonly StageNews[];
  readonly tankCount: number;
  readonly penCount: number;
}

/** Settings of the book and the people in it. */
export interface SettingsAnswer {
  readonly settings: BookSettings;
  readonly revId?: RevId | undefined;
  readonly people: readonly (RecordNames<'person'> & { readonly body: Person })[];
}
