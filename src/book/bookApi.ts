import type {
  AmendEffects,
  BenchAnswer,
  BookNames,
  Conflict,
  DoseAnswer,
  DosePlanAnswer,
  DoseWish,
  DueAnswer,
  EcDoseAnswer,
  EntryAnswer,
  EraseAnswer,
  EraseWish,
  FoundNow,
  IntakeRow,
  ProductAnswer,
  Labelled,
  LedgerAnswer,
  LedgerKind,
  LedgerPart,
  LedgerQuery,
  LookBackAnswer,
  PenAnswer,
  PenDetailAnswer,
  PenSheet,
  ReadAnswer,
  ReadingsPage,
  RoundAnswer,
  SettingsAnswer,
  ShoppingAnswer,
  LotAnswer,
  TankAnswer,
  TimerRow,
  TankHistoryAnswer,
  Row,
  WaterUseAnswer,
} from './answers';
import type { Result } from '@/core/result';
import type { BundleRefusal, MergePreview, WholeCheck } from '@/interchange/bundle';
import type { ActId, Change, Kind, PenId, RecordId, RevId, TankId } from '@/records';
import type { Sample } from '@/records/kinds';
import type { DeviceSettings } from './device';
import type { Findings } from './findings';
import type { HouseApi } from './houseApi';
import type { OnShare } from './longWork';
import type { Moment } from './moment';
import type { PracticeRun } from './practiceRuns';
import type { TableDesk } from './tableDeskApi';

export type { Moment } from './moment';

/** Which book is open: the grower's own, or the made-up glasshouse. */
export type BookName = 'own' | 'demo';

/** What the page learns when the book is open. */
export interface Opened {
  readonly book: BookName;
  readonly device: DeviceSettings;
  /** Whether the browser gives storage that outlives this page. */
  readonly lasting: boolean;
}

/** An own book that was here and is not any more. */
export interface Emptied {
  readonly count: number;
  readonly lastAtMs: number | null;
  /** Entries of it that the second copy holds. */
  readonly inCopy: number;
}

/** What is not as it should be with the open book. */
export interface Health extends Findings {
  /** Entries written later than now: a clock was wrong. Null where there are none. */
  readonly ahead: AheadAnswer | null;
  readonly emptied: Emptied | null;
  /** Pens and tanks whose numbers could not be worked out, by name. */
  readonly spoiled: readonly string[];
  /** Entries in the book. */
  readonly size: number;
}

/** Entries that were written, or happened, later than now. */
export interface AheadAnswer {
  readonly count: number;
  readonly oldestMs: number;
  readonly newestMs: number;
  /** Written by this device. */
  readonly byThisDevice: number;
}

/** How to open: which book on a first visit, and what the page knows. */
interface Opening {
  readonly start: BookName;
  /** The page remembers that there was an own book, outside of every database. */
  readonly hadBook: boolean;
  /** The browser gives no storage: keep the book in memory, as long as the page is open. */
  readonly inMemory?: boolean;
}

/** What an append answers: the records it wrote to, in the order of the changes. */
export interface Appended {
  readonly recordIds: readonly RecordId[];
}

/** What taking in a file would do. */
export interface FilePreview extends Omit<MergePreview, 'fresh'>, WholeCheck {
  readonly fresh: number;
  /** Entries of it that were erased here, or by it: they do not come back. */
  readonly erased: number;
  /** Entries of this book that were erased where the file was made: taking it in erases them here. */
  readonly erases: number;
  /** Values that could not be read where the file was made; they are not taken in. */
  readonly setAside: number;
}

/** Whether an act was taken back. */
type Undone = Result<null, { readonly reason: 'changedSince' }>;

/** Which of a record's heads is to hold. */
export interface Choice {
  readonly recordId: RecordId;
  readonly revId: RevId;
}

/** Told when the book changed, here or in another tab. */
export type OnChange = (kinds: readonly Kind[]) => void;

/** Told when something in the background went wrong; the book goes on. */
export type OnTrouble = (about: string, message: string) => void;

/** Told how far the reading of earlier months is that a question waits for, 0 to 1; null once it is over. */
export type OnEarlier = (share: number | null) => void;

/** What could be read of a book that does not open. */
export interface RescuedBook {
  readonly book: BookName;
  readonly file: Blob;
  readonly entries: number;
  /** Values that could not be read; they are in the file as they were found. */
  readonly setAside: number;
}

/** The book worker, as the page sees it. */
export interface BookApi extends TableDesk, HouseApi {
  /** Opens the book; a moment without a zone is that of the worker's own place. */
  open(
    opening: Opening,
    moment: Moment,
    onChange: OnChange,
    onTrouble: OnTrouble,
    onEarlier: OnEarlier,
  ): Promise<Opened>;
  /**
   * Writes changes as one act; resolves when they are committed to storage. The act's id is made
   * before it is sent: the same id is written once, however often it comes.
   */
  append(changes: readonly Change[], moment: Moment, actId: ActId): Promise<Appended>;
  /** Takes back one act, as long as nothing it wrote was changed since. */
  undo(actId: ActId, moment: Moment): Promise<Undone>;
  setDevice(patch: Partial<DeviceSettings>, moment: Moment): Promise<DeviceSettings>;
  /** Chooses the book that opens next; the page then loads itself anew. */
  chooseBook(book: BookName, moment: Moment): Promise<void>;
  /** Looks for what another tab wrote while this one slept, and tells the book what time it is. */
  catchUp(moment: Moment): Promise<void>;
  /** What is not as it should be with the book. */
  health(nowMs: number): Promise<Health>;
  /** Lets go for good of what may go; answers how many entries. It cannot be taken back. */
  erase(wish: EraseWish, moment: Moment, actId: ActId): Promise<number>;
  /** Moves everything that is ahead of now by so much, as one act. */
  correctClock(shiftMs: number, moment: Moment, actId: ActId): Promise<Appended>;
  /** Takes entries that the book lost back from the second copy; answers how many. */
  bringBack(moment: Moment): Promise<number>;
  /** The book is empty and is to be: the grower begins anew. */
  beginAnew(): Promise<void>;

  /** What stands in an open form, kept on this device; `null` forgets it. */
  loadDraft(name: string, nowMs: number): Promise<string | null>;
  keepDraft(name: string, text: string | null, nowMs: number): Promise<void>;
  /** Practices that were finished on this device; they are in no book. */
  practiceRuns(): Promise<readonly PracticeRun[]>;
  keepPracticeRun(run: PracticeRun): Promise<readonly PracticeRun[]>;
  /** The whole book as a `.zolder.json` file, read back before it is handed over. */
  exportBook(onShare: OnShare): Promise<Blob>;
  /** Stops the making or reading of a file that is under way: it ends with `Stopped`. */
  stopFile(): Promise<void>;
  /**
   * Everything readable of both books as one file each, without opening them: for a page on which
   * the book does not open. Stopped as the making of a file is.
   */
  rescue(onShare: OnShare): Promise<readonly RescuedBook[]>;
  /** Reads a file and tells what taking it in would do; nothing is written. */
  openFile(file: Blob, onShare: OnShare): Promise<Result<FilePreview, BundleRefusal>>;
  /** Takes in the file last opened: the union of both books. */
  takeFile(moment: Moment, onShare: OnShare): Promise<{ readonly added: number }>;
  /** Ends a conflict: a third revision joins the heads and says what the chosen one says. */
  resolve(choices: readonly Choice[], moment: Moment, actId: ActId): Promise<void>;
  conflicts(): Promise<readonly Conflict[]>;

  /** Every live record of a kind as it stands. */
  rows<K extends Kind>(kind: K): Promise<readonly Row<K>[]>;
  round(nowMs: number): Promise<RoundAnswer>;
  tanks(nowMs: number): Promise<readonly TankAnswer[]>;
  tank(id: TankId, nowMs: number): Promise<TankAnswer | null>;
  tankHistory(id: TankId, sample?: Sample): Promise<TankHistoryAnswer>;
  readingsPage(tankId: TankId, sample: Sample, count: number): Promise<ReadingsPage>;
  /** What a tank's plants took of water and salts over the last weeks. */
  waterUse(tankId: TankId, nowMs: number): Promise<WaterUseAnswer>;
  read(nowMs: number): Promise<ReadAnswer>;
  pens(nowMs: number): Promise<readonly PenAnswer[]>;
  pen(id: PenId, nowMs: number): Promise<PenDetailAnswer | null>;
  bench(penId: PenId, quantity: 'ph' | 'ec', nowMs: number): Promise<BenchAnswer | null>;
  /** What a check (the newest where no moment is given) found out about the readings before it. */
  lookBack(penId: PenId, quantity: 'ph' | 'ec', checkMs?: number): Promise<LookBackAnswer | null>;
  /** What a check under way would find out, before it is in the book. */
  foundLookBack(
    penId: PenId,
    quantity: 'ph' | 'ec',
    found: FoundNow,
  ): Promise<LookBackAnswer | null>;
  /** What is believed of a tank for a dose; null for a tank that is not in the book. */
  dose(tankId: TankId, nowMs: number): Promise<DoseAnswer | null>;
  /** The plan for a product and an aim; null where tank, reading or product are not in the book. */
  dosePlan(tankId: TankId, wish: DoseWish, nowMs: number): Promise<DosePlanAnswer | null>;
  /** What a correction of a tank's EC needs; null for a tank that is not in the book. */
  ecDose(tankId: TankId, nowMs: number): Promise<EcDoseAnswer | null>;
  /** Products of one's own, with what is left of each. */
  products(): Promise<readonly ProductAnswer[]>;
  timers(nowMs: number): Promise<readonly TimerRow[]>;
  shopping(nowMs: number): Promise<ShoppingAnswer>;
  shelf(nowMs: number): Promise<readonly LotAnswer[]>;
  /** A part of the entries that pass the query, newest first. */
  ledger(query: LedgerQuery, part: LedgerPart): Promise<LedgerAnswer>;
  bookNames(): Promise<BookNames>;
  /** The checks and care of one pen, or of all, between two moments, for a document. */
  penSheets(fromMs: number, toMs: number, penId?: PenId): Promise<readonly PenSheet[]>;
  /** The entries of one kind that pass the query, as CSV. */
  outCsv(kind: LedgerKind, query: LedgerQuery, mark: '.' | ','): Promise<Blob>;
  /** The entries of every kind that pass the query, as a Tabular Data Package. */
  outPackage(query: LedgerQuery, nowMs: number): Promise<Blob>;
  /** What falls due on known days. */
  dueDays(nowMs: number): Promise<readonly DueAnswer[]>;
  /** What else would say something else with these changes; nothing is written. */
  amendEffects(changes: readonly Change[], nowMs: number): Promise<AmendEffects>;
  /** One entry with everything it ever said; null for a record that is not in the book. */
  entry(recordId: RecordId): Promise<EntryAnswer | null>;
  /** What may bear a label, each with its short code. */
  labels(): Promise<readonly Labelled[]>;
  settings(): Promise<SettingsAnswer>;
  /** What could be let go of for good, and what was. */
  erasable(wish: EraseWish, nowMs: number): Promise<EraseAnswer>;
  /** Tables of other programs that were taken in, newest first. */
  intakes(): Promise<readonly IntakeRow[]>;
}
