import type {
  CareEvent,
  ControlReading,
  JarTest,
  Session,
  Kind,
  Lot,
  Probe,
  SkipReason,
} from '@/records/kinds';
import type { CareRow, ComparisonRow, SessionRow } from './pens';
import type { ReadingRow, AdditionRow } from './tanks';
import type { LotId, PenId, RecordId, RevId, IdOf, TankId } from '@/records';

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
  | { readonly kind: 'jar'; readonly atMs: number; readonly row: JarRow }
  | { readonly kind: 'probe'; readonly atMs: number; readonly row: ProbeRow }
  | { readonly kind: 'lot'; readonly atMs: number; readonly row: LotRow }
  | { readonly kind: 'skip'; readonly atMs: number; readonly row: SkipRow }
  | { readonly kind: 'voided'; readonly atMs: number; readonly row: VoidedRow }
  | { readonly kind: 'reading'; readonly atMs: number; readonly row: ReadingRow }
  | { readonly kind: 'session'; readonly atMs: number; readonly row: SessionRow };

/** An entry that was voided: it counts no more, and is still found. */
interface VoidedRow {
  readonly id: RecordId;
  readonly recordKind: Kind;
  /** What it was about: a tank's name or a pen's code. */
  readonly about: string;
  readonly why: string;
  readonly by: string;
}

/** A pen read in the check standard. */
interface ControlRow {
  readonly id: IdOf<'controlReading'>;
  readonly penId: PenId;
  readonly penCode: string;
  readonly body: ControlReading;
  readonly by: string;
}

/** A stop of the Round that was passed by. */
interface SkipRow {
  readonly id: IdOf<'skip'>;
  /** What it was about: a tank's name or a pen's code; empty for anything else. */
  readonly about: string;
  readonly why: SkipReason;
  readonly by: string;
}

/** A product tried in a sample. */
interface JarRow {
  readonly id: IdOf<'jarTest'>;
  readonly tankName: string;
  readonly body: JarTest;
  readonly by: string;
}

/** A probe fitted on a pen. */
interface ProbeRow {
  readonly id: IdOf<'probe'>;
  readonly penCode: string;
  readonly body: Probe;
  readonly by: string;
}

/** A bottle that came to the Shelf. */
interface LotRow {
  readonly id: IdOf<'lot'>;
  readonly body: Lot;
  readonly by: string;
}

/** A record of any kind by its name. */
export interface NamedRecord {
  readonly id: RecordId;
  readonly name: string;
}

/** What the Book can be asked about, by name. */
export interface BookNames {
  readonly tanks: readonly { readonly id: TankId; readonly name: string }[];
  readonly pens: readonly {
    readonly id: PenId;
    readonly name: string;
    readonly sides: readonly ('ph' | 'ec')[];
  }[];
  readonly lots: readonly { readonly id: LotId; readonly name: string }[];
  /** Initials of everybody who wrote an entry. */
  readonly people: readonly string[];
}

/** A part of the Book, newest first. */
export interface LedgerAnswer {
  readonly rows: readonly LedgerRow[];
  /** Entries that pass the query. */
  readonly found: number;
  /** Entries in the Book. */
  readonly total: number;
}

/** A record changed on two devices, waiting for somebody to choose. */
export interface Conflict {
  readonly recordId: RecordId;
  readonly kind: Kind;
  readonly name: string;
  /** Oldest first. */
  readonly heads: readonly {
    readonly revId: RevId;
    readonly atMs: number;
    readonly by: string;
    readonly device: string;
    readonly deleted: boolean;
  }[];
  /** The fields in which they differ, with what each says. */
  readonly differs: readonly { readonly field: string; readonly values: readonly unknown[] }[];
  /** What the records they name are called. */
  readonly names: Readonly<Record<string, string>>;
}

/** One thing an entry said, at some time. */
export interface EntryVersion {
  readonly revId: RevId;
  readonly atMs: number;
  readonly zone: string;
  readonly by: string;
  /** Why it was amended or voided; empty where nobody said. */
  readonly why: string;
  /** Null: it was voided, or taken back. */
  readonly body: unknown;
}

/** Where one can go from an entry. */
export interface EntryLink {
  readonly role:
    | 'tank'
    | 'pen'
    | 'lot'
    /** The check a reading rests on, and the first after it. */
    | 'checkBefore'
    | 'checkAfter'
    /** The reading a dose was made on. */
    | 'madeOn'
    /** What a check found out about the readings before it. */
    | 'lookBack'
    /** Every entry that names a lot. */
    | 'uses';
  readonly id: string;
  /** What it is called; empty where it has no name or is gone. */
  readonly name: string;
  readonly quantity?: 'ph' | 'ec';
  readonly atMs?: number;
}

/** What makes the record of a check a record, beside what its body holds. */
export interface CheckAbout {
  readonly code: string;
  readonly name: string;
  /** Number of the device; empty where nobody wrote it. */
  readonly serial: string;
  /** The probe that was fitted then. */
  readonly probe?: { readonly serial: string; readonly fittedAtMs: number } | undefined;
  /** What the bottles say, by the lot's id. */
  readonly lots: Readonly<
    Record<
      string,
      {
        readonly lotCode: string;
        readonly expiresAt?: string | undefined;
        readonly openedAt?: string | undefined;
      }
    >
  >;
  /** What it found out about the readings before it; absent where nothing was to be found out. */
  readonly lookBack?:
    { readonly readings: number; readonly turned: number; readonly wrongDoses: number } | undefined;
}

/** A check as a document tells it. */
export interface SheetCheck {
  readonly id: RecordId;
  /** What it says, or said last where it was voided. */
  readonly body: Session;
  readonly about: CheckAbout;
  readonly by: string;
  readonly zone: string;
  /** Every amendment, oldest first. */
  readonly amended: readonly {
    readonly atMs: number;
    readonly by: string;
    readonly why: string;
    readonly voided: boolean;
  }[];
}

/** A pen as a document tells it: its checks and its care, oldest first. */
export interface PenSheet {
  readonly id: IdOf<'pen'>;
  readonly code: string;
  readonly name: string;
  readonly serial: string;
  readonly probes: readonly {
    readonly side: 'ph' | 'ec';
    readonly serial: string;
    readonly fittedAtMs: number;
  }[];
  readonly checks: readonly SheetCheck[];
  readonly care: readonly {
    readonly atMs: number;
    readonly by: string;
    readonly body: CareEvent;
  }[];
}

/** Something that falls due on a known day. */
export type DueAnswer = { readonly id: RecordId; readonly atMs: number } & (
  | {
      readonly kind: 'check' | 'clean' | 'soak';
      /** Code of the pen. */
      readonly about: string;
      readonly quantity: 'ph' | 'ec';
    }
  /** The day a bottle stops being good. */
  | { readonly kind: 'lot'; readonly about: string; readonly lot: Lot }
);

/** What else says something else once an entry is amended or voided. */
export interface AmendEffects {
  /** Other readings. */
  readonly readings: number;
  /** Tanks whose dose is worked out otherwise. */
  readonly plans: number;
  /** Codes of pens whose state or next check moves. */
  readonly pens: readonly string[];
  /** Lots with another amount left. */
  readonly lots: number;
}

/** One entry with everything it ever said, newest first. */
export interface EntryAnswer {
  readonly recordId: RecordId;
  readonly kind: Kind;
  readonly versions: readonly EntryVersion[];
  /** What the records it names are called. */
  readonly names: Readonly<Record<string, string>>;
  readonly links: readonly EntryLink[];
  /** Of a check only. */
  readonly check?: CheckAbout | undefined;
}
