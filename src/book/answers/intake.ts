import type {
  Columns,
  Role,
  RowTrouble,
  Subject,
  TableShape,
  TableUnits,
} from '@/interchange/intake';
import type { JudgedValue } from '@/core/readings';
import type { BenchOutcome } from '@/core/procedure';
import type { ActId, IdOf, PenId, RecordId, TankId } from '@/records';

export type {
  DayOrder,
  Delimiter,
  Role,
  RowTrouble,
  Subject,
  TableShape,
} from '@/interchange/intake';

/** Why a file is no table that can be taken in. */
export type TableRefusal =
  | { readonly reason: 'empty' }
  | { readonly reason: 'oneColumn' }
  | { readonly reason: 'tooLarge'; readonly megabytes: number };

/** A table as it was opened, with what it seems to be. */
export interface TableSeen {
  readonly subject: Subject;
  readonly shape: TableShape;
  /** Its dates could be of another order too. */
  readonly dayOrderUnsure: boolean;
  readonly heads: readonly string[];
  /** The first rows below the heads. */
  readonly examples: readonly (readonly string[])[];
  /** Rows below the heads. */
  readonly rows: number;
  /** What a column of this subject can be. */
  readonly roles: readonly Role[];
  readonly columns: Columns;
  readonly units: TableUnits;
  /** Crops of the library whose bands a new tank may take, in their order. */
  readonly crops: readonly string[];
  /** A table with these columns was taken in before, and this one is read the same way. */
  readonly remembered: boolean;
}

/** What a name of the table stands for here. */
export type PlaceMatch =
  | { readonly as: 'known'; readonly id: TankId }
  /** Made: a tank of so much, with the bands of a crop of the library. */
  | {
      readonly as: 'made';
      readonly name: string;
      readonly volumeL: number;
      readonly target: number;
    }
  | { readonly as: 'leave' };
export type PenMatch =
  | { readonly as: 'known'; readonly id: PenId }
  | { readonly as: 'made'; readonly code: string }
  | { readonly as: 'leave' };

/** How the grower wants the table read. Names are those of the table; '' is for rows without one. */
export interface TableWish {
  readonly subject: Subject;
  readonly shape: TableShape;
  readonly columns: Columns;
  readonly units: TableUnits;
  /** What cups without a temperature count as, °C. */
  readonly usualTempC: number;
  readonly places: Readonly<Record<string, PlaceMatch>>;
  readonly pens: Readonly<Record<string, PenMatch>>;
}

/** A name that stands in the table. */
export interface NameSeen<Id extends RecordId = TankId> {
  readonly name: string;
  readonly rows: number;
  /** What of the book it seems to be; null where nothing bears it. */
  readonly knownId: Id | null;
}

/** A name of a pen that stands in the table, with what its rows measure. */
export interface PenSeen extends NameSeen<PenId> {
  readonly measures: readonly ('ph' | 'ec')[];
}

/** A reading as it would stand in the book. */
export interface BroughtReading {
  readonly line: number;
  readonly atMs: number;
  readonly place: string;
  readonly ph?: BroughtSide | undefined;
  readonly ec?: (BroughtSide & { readonly scale: TableUnits['ecScale'] }) | undefined;
}

interface BroughtSide {
  readonly shown: number;
  /** What the pen's record makes of it; undefined where it cannot say yet. */
  readonly judged: JudgedValue | undefined;
}

/** A check as it would stand in the book. */
export interface BroughtCheck {
  readonly line: number;
  readonly atMs: number;
  readonly pen: string;
  readonly quantity: 'ph' | 'ec';
  readonly outcome: BenchOutcome;
  /** In what an EC pen showed its values. */
  readonly scale: TableUnits['ecScale'] | undefined;
  readonly cups: readonly {
    readonly nominal: number;
    readonly found: number;
    readonly left: number | undefined;
  }[];
}

/** A row that would not be taken in. */
interface RejectedRow {
  readonly line: number;
  readonly trouble: RowTrouble;
}

/** The rows that are not taken in, as they stand in the file. */
export interface RejectedRows {
  readonly heads: readonly string[];
  readonly delimiter: TableShape['delimiter'];
  readonly rows: readonly (RejectedRow & { readonly cells: readonly string[] })[];
}

/** What taking the table in would do. */
export interface TablePreview {
  readonly subject: Subject;
  /** Readings or checks that would be taken in. */
  readonly ready: number;
  readonly doubled: number;
  readonly rejected: number;
  /** How often each reason stands, most first. */
  readonly reasons: readonly { readonly reason: RowTrouble['reason']; readonly count: number }[];
  readonly firstRejected: readonly RejectedRow[];
  /** Rows with a day and no time: noon is taken. */
  readonly dayOnly: number;
  readonly fromMs: number | undefined;
  readonly toMs: number | undefined;
  readonly places: readonly NameSeen[];
  readonly pens: readonly PenSeen[];
  readonly readings: readonly BroughtReading[];
  readonly checks: readonly BroughtCheck[];
}

/** A table that was taken in, and stands in the book. */
export interface IntakeRow {
  readonly id: IdOf<'intake'>;
  /** What takes all of it back. */
  readonly actId: ActId;
  readonly atMs: number;
  readonly file: string;
  readonly taken: number;
  readonly subject: Subject;
}

/** Told as the table is read: rows read so far. */
export type OnProgress = (rows: number) => void;
