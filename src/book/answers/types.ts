import type { EcPenState, PhPenState } from '@/core/drift';
import type { LotState } from '@/core/lots';
import type { JudgedValue } from '@/core/readings';
import type { CheckPolicy, PenWord } from '@/core/schedule';
import type { BenchDraft, BookSettings, Lot, Pen, Person, Session, Tank } from '@/records/kinds';

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

/** A pen with its history. */
export interface PenDetailAnswer extends PenAnswer {
  readonly sessions: readonly SessionRow[];
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
}

/** A lot with its state. */
export interface LotAnswer extends RecordNames {
  readonly body: Lot;
  readonly state: LotState;
}

/** All that the Bench needs. */
export interface BenchAnswer {
  readonly pen: PenAnswer;
  readonly lots: readonly LotAnswer[];
  readonly draft?: (RecordNames & { readonly body: BenchDraft }) | undefined;
}

/** One line of the Book. */
export type LedgerRow =
  | { readonly kind: 'reading'; readonly atMs: number; readonly row: ReadingRow }
  | { readonly kind: 'session'; readonly atMs: number; readonly row: SessionRow };

/** The newest part of the Book. */
export interface LedgerAnswer {
  readonly rows: readonly LedgerRow[];
  readonly total: number;
}

/** One stop of today's round. */
export type RoundStop =
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
