import type { ControlReading, Kind, SkipReason } from '@/records/kinds';
import type { CareRow, ComparisonRow, SessionRow } from './pens';
import type { ReadingRow, AdditionRow } from './tanks';

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
  | {
      readonly kind: 'comparison';
      readonly atMs: number;
      readonly row: ComparisonRow & { readonly penCode: string };
    }
  | { readonly kind: 'control'; readonly atMs: number; readonly row: ControlRow }
  | { readonly kind: 'skip'; readonly atMs: number; readonly row: SkipRow }
  | { readonly kind: 'voided'; readonly atMs: number; readonly row: VoidedRow }
  | { readonly kind: 'reading'; readonly atMs: number; readonly row: ReadingRow }
  | { readonly kind: 'session'; readonly atMs: number; readonly row: SessionRow };

/** An entry that was voided: it counts no more, and is still found. */
interface VoidedRow {
  readonly id: string;
  readonly recordKind: Kind;
  /** What it was about: a tank's name or a pen's code. */
  readonly about: string;
  readonly why: string;
  readonly by: string;
}

/** A pen read in the check standard. */
interface ControlRow {
  readonly id: string;
  readonly penId: string;
  readonly penCode: string;
  readonly body: ControlReading;
  readonly by: string;
}

/** A stop of the Round that was passed by. */
interface SkipRow {
  readonly id: string;
  /** What it was about: a tank's name or a pen's code; empty for anything else. */
  readonly about: string;
  readonly why: SkipReason;
  readonly by: string;
}

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

/** One thing an entry said, at some time. */
export interface EntryVersion {
  readonly revId: string;
  readonly atMs: number;
  readonly zone: string;
  readonly by: string;
  /** Why it was amended or voided; empty where nobody said. */
  readonly why: string;
  /** Null: it was voided, or taken back. */
  readonly body: unknown;
}

/** One entry with everything it ever said, newest first. */
export interface EntryAnswer {
  readonly recordId: string;
  readonly kind: Kind;
  readonly versions: readonly EntryVersion[];
  /** What the records it names are called. */
  readonly names: Readonly<Record<string, string>>;
}
