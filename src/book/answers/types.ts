import type { SkipReason, TankFactor, TankWater } from '@/core/dosing';
import type { EcPenState, PhPenState, ProbeLife } from '@/core/drift';
import type { LotState, ToBuy } from '@/core/lots';
import type { JudgedValue } from '@/core/readings';
import type { Expectation, Leaving } from '@/core/forecast';
import type { LookBackRow } from '@/core/look-back';
import type { CheckDue, CheckPolicy, PenWord } from '@/core/schedule';
import type { Band } from '@/core/verdict';
import type {
  Addition,
  BenchDraft,
  BookSettings,
  CareEvent,
  Kind,
  Lot,
  Pen,
  Person,
  Session,
  Tank,
} from '@/records/kinds';

/** Names of a record and of the revision an answer was made from; a change names the latter. */
export interface RecordNames {
  readonly id: string;
  readonly revId: string;
}

/** How far off one side of a pen is where the crops live. */
export interface SideError {
  /** Where it is stated: a pH, or undefined for EC (relative). */
  readonly atPh?: number | undefined;
  readonly error: number;
  readonly expandedU: number;
}

/** One side of a pen: what its numbers are worth now. */
export type PenSide = {
  readonly word: PenWord;
  readonly lastCheckMs?: number | undefined;
  readonly dueAtMs?: number | undefined;
  /** Why the next check is due, or that it is not. */
  readonly due: CheckDue;
  /** A soak runs until then. */
  readonly soakUntilMs?: number | undefined;
  readonly policy: CheckPolicy;
  readonly error?: SideError | undefined;
} & (
  | { readonly quantity: 'ph'; readonly state: PhPenState }
  | { readonly quantity: 'ec'; readonly state: EcPenState }
);

/** A pen as lists and Read need it. */
export interface PenAnswer extends RecordNames {
  readonly body: Pen;
  readonly word: PenWord;
  readonly sides: readonly PenSide[];
  /** Sides with a sitting that was left open. */
  readonly openBench: readonly ('ph' | 'ec')[];
}

/** A session in a list. */
export interface SessionRow extends RecordNames {
  readonly body: Session;
  readonly penCode: string;
  readonly atMs: number;
  readonly by: string;
}

/** A pen's error at one check, where the crops live. */
export interface DriftPoint {
  readonly atMs: number;
  readonly kind: 'found' | 'left';
  readonly error: number;
  readonly expandedU: number;
}

/** One side's error through time. pH at the crops' pH; EC relative. */
export interface DriftAnswer {
  readonly quantity: 'ph' | 'ec';
  readonly points: readonly DriftPoint[];
  /** How far it may have moved since the newest check, up to a month ahead. */
  readonly cone: readonly { readonly atMs: number; readonly expandedU: number }[];
  readonly tolerance: number;
  readonly incidentsMs: readonly number[];
  /** From six checks on. */
  readonly dueByDriftMs?: number | undefined;
  /** pH probes only. */
  readonly life?: ProbeLife | undefined;
}

/** Care given to a pen, or what befell it. */
export interface CareRow extends RecordNames {
  readonly body: CareEvent;
  readonly atMs: number;
  readonly by: string;
}

/** A pen with its history. */
export interface PenDetailAnswer extends PenAnswer {
  readonly sessions: readonly SessionRow[];
  readonly care: readonly CareRow[];
  readonly drift: readonly DriftAnswer[];
}

/** A reading of the look-back: where it was taken and in which band it was judged. */
export interface LookBackLine {
  readonly tankId: string;
  readonly tankName: string;
  readonly band: Band;
  readonly shown: number;
}

/** What a check found out about the readings before it. */
export interface LookBackAnswer {
  readonly penId: string;
  readonly penCode: string;
  readonly quantity: 'ph' | 'ec';
  readonly fromMs: number;
  readonly toMs: number;
  /** As left at the one check and as found at the next: pH where the crops live, or relative. */
  readonly errorFrom: number;
  readonly errorTo: number;
  readonly atPh?: number | undefined;
  /** Cleaned before it was read: what is shown is only a lower bound. */
  readonly afterCleaning: boolean;
  readonly rows: readonly (LookBackRow & LookBackLine)[];
  readonly turnedCount: number;
  readonly wrongDoseCount: number;
  readonly worstError?: number | undefined;
}

/** A reading with what it is worth. */
export interface ReadingRow extends RecordNames {
  readonly tankId: string;
  readonly tankName: string;
  readonly atMs: number;
  readonly by: string;
  readonly tempC?: number | undefined;
  readonly volumeL?: number | undefined;
  readonly note: string;
  readonly ph?:
    { readonly judged: JudgedValue; readonly shown: number; readonly penCode: string } | undefined;
  readonly ec?:
    | {
        readonly judged?: JudgedValue | undefined;
        readonly shown: number;
        readonly scale: string;
        readonly penCode: string;
      }
    | undefined;
}

/** A tank as lists need it. */
export interface TankAnswer extends RecordNames {
  readonly body: Tank;
  /** Its number in the round, from 1. */
  readonly number: number;
  readonly latest?: ReadingRow | undefined;
  /** Where it goes, where there is enough to tell. */
  readonly leaving: { readonly ph?: Leaving | undefined; readonly ec?: Leaving | undefined };
  /** A dose that was not re-read yet. */
  readonly mixing?: AdditionRow | undefined;
}

/** Something poured into a tank. */
export interface AdditionRow extends RecordNames {
  readonly body: Addition;
  readonly atMs: number;
  readonly by: string;
}

/**
 * A tank's readings as columns, oldest first: for charts over years. NaN where a reading has no such
 * value; verdicts as indices of `VERDICTS`.
 */
export interface TankColumns {
  readonly atMs: Float64Array;
  readonly ph: Float64Array;
  readonly phStdU: Float64Array;
  readonly phShown: Float64Array;
  readonly phVerdict: Int8Array;
  readonly phLow: Float64Array;
  readonly phHigh: Float64Array;
  readonly ec: Float64Array;
  readonly ecStdU: Float64Array;
  /** What the pen showed, in mS/cm. */
  readonly ecShown: Float64Array;
  readonly ecVerdict: Int8Array;
  readonly ecLow: Float64Array;
  readonly ecHigh: Float64Array;
  readonly tempC: Float64Array;
  readonly volumeL: Float64Array;
}

/** A tank's whole history: columns, and what was poured. */
export interface TankHistoryAnswer {
  readonly columns: TankColumns;
  readonly additions: readonly AdditionRow[];
}

/** What a tank should show now. */
export interface ExpectedNow {
  readonly ph?: Expectation | undefined;
  readonly ec?: Expectation | undefined;
}

/** A tank with its newest readings first. */
export interface TankDetailAnswer extends TankAnswer {
  readonly readings: readonly ReadingRow[];
  readonly readingCount: number;
}

/** All that Read needs to judge while typing. */
export interface ReadAnswer {
  readonly tanks: readonly TankAnswer[];
  readonly pens: readonly PenAnswer[];
  /** The pens last used on each tank. */
  readonly remembered: Readonly<Record<string, { phPenId?: string; ecPenId?: string }>>;
  /** What each tank should show now. */
  readonly expected: Readonly<Record<string, ExpectedNow>>;
}

/** A lot with its state. */
export interface LotAnswer extends RecordNames {
  readonly body: Lot;
  readonly state: LotState;
}

/** What to buy for the Shelf, the most urgent first. */
export type ShoppingAnswer = readonly ToBuy[];

/** All that the Bench needs. */
export interface BenchAnswer {
  readonly pen: PenAnswer;
  readonly lots: readonly LotAnswer[];
  readonly draft?: (RecordNames & { readonly body: BenchDraft }) | undefined;
}

/** One line of the Book. */
export type LedgerRow =
  | {
      readonly kind: 'care';
      readonly atMs: number;
      readonly row: CareRow & { readonly penCode: string };
    }
  | {
      readonly kind: 'addition';
      readonly atMs: number;
      readonly row: AdditionRow & { readonly tankName: string };
    }
  | { readonly kind: 'reading'; readonly atMs: number; readonly row: ReadingRow }
  | { readonly kind: 'session'; readonly atMs: number; readonly row: SessionRow };

/** The newest part of the Book. */
export interface LedgerAnswer {
  readonly rows: readonly LedgerRow[];
  readonly total: number;
}

/** A record changed on two devices, waiting for somebody to choose. */
export interface Conflict {
  readonly recordId: string;
  readonly kind: Kind;
  readonly name: string;
  /** Oldest first. */
  readonly heads: readonly {
    readonly revId: string;
    readonly atMs: number;
    readonly by: string;
    readonly device: string;
    readonly deleted: boolean;
  }[];
  readonly differs: readonly { readonly field: string; readonly values: readonly string[] }[];
}

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

/** A timer that runs or has just run out. */
export interface TimerRow {
  readonly kind: 'soak' | 'mixing';
  readonly id: string;
  readonly startMs: number;
  readonly endMs: number;
  /** A pen's code, or a tank's name. */
  readonly name: string;
  /** The pen or the tank. */
  readonly refId: string;
}

/** One stop of today's round. */
export type RoundStop =
  | {
      readonly kind: 'reread';
      readonly tank: TankAnswer;
      readonly dueMs: number;
      readonly done: false;
    }
  | { readonly kind: 'soak'; readonly pen: PenAnswer; readonly endMs: number; readonly done: false }
  | { readonly kind: 'pen'; readonly pen: PenAnswer; readonly done: boolean }
  | { readonly kind: 'tank'; readonly tank: TankAnswer; readonly done: boolean }
  | { readonly kind: 'lot'; readonly lot: LotAnswer; readonly done: false };

/** Today's round. */
export interface RoundAnswer {
  readonly stops: readonly RoundStop[];
  readonly tankCount: number;
  readonly penCount: number;
}

/** Settings of the book and the people in it. */
export interface SettingsAnswer {
  readonly settings: BookSettings;
  readonly revId?: string | undefined;
  readonly people: readonly (RecordNames & { readonly body: Person })[];
}
