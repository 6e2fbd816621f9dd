import type { Budget } from '@/core/uncertainty';
import type { Quantity, Tolerance } from '@/core/calibration';
import type { PenState, ProbeLife } from '@/core/drift';
import type { Compared } from '@/core/readings';
import type { LookBackRow } from '@/core/look-back';
import type { BenchEvent, BenchPlan } from '@/core/procedure';
import type { CareDue, CheckDue, CheckPolicy, PenWord } from '@/core/schedule';
import type { Band } from '@/core/verdict';
import type { Addition, CareEvent, Comparison, Pen, Session } from '@/records/kinds';
import type { RecordNames } from './names';
import type { PenId, TankId } from '@/records';

/** How far off one side of a pen is where the crops live. */
interface SideError {
  /** Where it is stated: a pH, or undefined for EC (relative). */
  readonly atPh?: number | undefined;
  readonly error: number;
  /** Its ± and what makes it; relative for EC. */
  readonly budget: Budget;
}

/** One side of a pen: what its numbers are worth now. */
export interface PenSide {
  readonly quantity: Quantity;
  /** What is known of it now. */
  readonly state: PenState;
  /** Its own scatter of repeated dips (standard): pH, or relative. */
  readonly repeatStdU: number;
  /** How far off it may be by its policy and its digit: pH, or relative. */
  readonly tolerance: Tolerance;
  readonly word: PenWord;
  /** Its newest check ended out of tolerance and nothing was adjusted. */
  readonly leftOut: boolean;
  readonly lastCheckMs?: number | undefined;
  /** Who made it, and on which device. */
  readonly lastCheckBy?: { readonly by: string; readonly device: string } | undefined;
  readonly dueAtMs?: number | undefined;
  /** When it would be due by its own drift if it were adjusted now. */
  readonly ifAdjustedMs?: number | undefined;
  /** Why the next check is due, or that it is not. */
  readonly due: CheckDue;
  /** A soak runs until then. */
  readonly soakUntilMs?: number | undefined;
  /** The record of that soak. */
  readonly soak?: (RecordNames<'careEvent'> & { readonly body: CareEvent }) | undefined;
  readonly policy: CheckPolicy;
  readonly error?: SideError | undefined;
}

/** A pen as lists and Read need it. */
export interface PenAnswer extends RecordNames<'pen'> {
  readonly body: Pen;
  readonly word: PenWord;
  readonly sides: readonly PenSide[];
  /** Sides with a sitting that was left open. */
  readonly openBench: readonly ('ph' | 'ec')[];
}

/** A session in a list. */
export interface SessionRow extends RecordNames<'session'> {
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

/** A pen's error at a moment. */
export interface DriftCurvePoint {
  readonly atMs: number;
  readonly error: number;
  readonly expandedU: number;
}

/** One side's error through time. pH at the crops' pH; EC relative. */
export interface DriftAnswer {
  readonly quantity: 'ph' | 'ec';
  readonly points: readonly DriftPoint[];
  /** Its error with its ± as known now, from its first day to a month ahead. */
  readonly curve: readonly DriftCurvePoint[];
  readonly tolerance: Tolerance;
  readonly incidentsMs: readonly number[];
  /** From two checks on; and as if it were adjusted. */
  readonly dueByDriftMs?: number | undefined;
  readonly dueIfAdjustedMs?: number | undefined;
  /** pH probes only. */
  readonly life?: ProbeLife | undefined;
  /** Some check of this probe read two cups as found: its slope was seen. */
  readonly slopeSeen?: boolean | undefined;
  /** How the probe in use ages, by time; pH only. */
  readonly ageing?:
    | {
        readonly gains: readonly { readonly atMs: number; readonly gain: number }[];
        /** The slowest dip of each sitting, s. */
        readonly settles: readonly { readonly atMs: number; readonly settleS: number }[];
      }
    | undefined;
}

/** Care given to a pen, or what befell it. */
export interface CareRow extends RecordNames<'careEvent'> {
  readonly body: CareEvent;
  readonly atMs: number;
  readonly by: string;
}

/** A comparison with its result; without one where the reference is not to be trusted. */
export interface ComparisonRow extends RecordNames<'comparison'> {
  readonly body: Comparison;
  readonly atMs: number;
  readonly by: string;
  /** The code of the pen it was compared with. */
  readonly otherCode?: string | undefined;
  readonly result?: Compared | undefined;
}

/** A pen with its history. */
export interface PenDetailAnswer extends PenAnswer {
  readonly sessions: readonly SessionRow[];
  readonly care: readonly CareRow[];
  readonly drift: readonly DriftAnswer[];
  /** Comparisons, newest first. */
  readonly comparisons: readonly ComparisonRow[];
  /** When each side is to be cleaned and soaked next. */
  readonly careDue: readonly (CareDue & { readonly side: 'ph' | 'ec' })[];
}

/** A reading of the look-back: where it was taken and in which band it was judged. */
export interface LookBackLine {
  readonly tankId: TankId;
  readonly tankName: string;
  /** Absent where no band is set for what was read. */
  readonly band?: Band | undefined;
  readonly shown: number;
  /** What was poured on it. */
  readonly doses: readonly Addition[];
}

/** A check under way: what was found, not yet in the book. */
export interface FoundNow {
  readonly plan: BenchPlan;
  readonly events: readonly BenchEvent[];
  readonly afterCleaning: boolean;
  readonly atMs: number;
}

/** What a check found out about the readings before it. */
export interface LookBackAnswer {
  readonly penId: PenId;
  readonly penCode: string;
  readonly quantity: 'ph' | 'ec';
  readonly fromMs: number;
  readonly toMs: number;
  /** As left at the one check and as found at the next: pH where the crops live, or relative. */
  readonly errorFrom: number;
  readonly errorTo: number;
  readonly atPh?: number | undefined;
  /** How far off the pen may be by its policy: pH, or relative. */
  readonly tolerance: Tolerance;
  /** Its error with its ± as known now, at the readings and between. */
  readonly curve: readonly DriftCurvePoint[];
  /** The pen's first check: before it only its maker was known. */
  readonly isFirst: boolean;
  /** Cleaned before it was read: what is shown is only a lower bound. */
  readonly afterCleaning: boolean;
  readonly rows: readonly (LookBackRow & LookBackLine)[];
  readonly turnedCount: number;
  readonly wrongDoseCount: number;
  readonly worstError?: number | undefined;
}
