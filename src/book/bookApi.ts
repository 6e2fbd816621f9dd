import type {
  BenchAnswer,
  Conflict,
  DoseAnswer,
  EcDoseAnswer,
  FoundNow,
  ProductAnswer,
  LedgerAnswer,
  LookBackAnswer,
  PenAnswer,
  PenDetailAnswer,
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
import type { BundleRefusal, MergePreview } from '@/interchange/bundle';
import type { Change, Kind } from '@/records';
import type { Sample } from '@/records/kinds';
import type { DeviceSettings } from './device';

/** Which book is open: the grower's own, or the made-up glasshouse. */
export type BookName = 'own' | 'demo';

/** What the page learns when the book is open. */
export interface Opened {
  readonly book: BookName;
  readonly device: DeviceSettings;
  /** Entries in storage that could not be understood; kept, never rewritten. */
  readonly damaged: number;
}

/** The moment and place an act happens: the worker has no clock of its own. */
export interface Moment {
  readonly nowMs: number;
  readonly zone: string;
}

/** What an append answers: the records it wrote to, in the order of the changes. */
export interface Appended {
  readonly recordIds: readonly string[];
}

/** What taking in a file would do. */
export type FilePreview = Omit<MergePreview, 'fresh'> & { readonly fresh: number };

/** Which of a record's heads is to hold. */
export interface Choice {
  readonly recordId: string;
  readonly revId: string;
}

/** Told when the book changed, here or in another tab. */
export type OnChange = (kinds: readonly Kind[]) => void;

/** The book worker, as the page sees it. */
export interface BookApi {
  open(start: BookName, moment: Moment, onChange: OnChange): Promise<Opened>;
  /** Writes changes as one act; resolves when they are committed to storage. */
  append(changes: readonly Change[], moment: Moment): Promise<Appended>;
  setDevice(patch: Partial<DeviceSettings>): Promise<DeviceSettings>;
  /** Chooses the book that opens next; the page then loads itself anew. */
  chooseBook(book: BookName): Promise<void>;
  /** Looks for what another tab wrote while this one slept. */
  catchUp(): Promise<void>;

  /** What stands in an open form, kept on this device; `null` forgets it. */
  loadDraft(name: string, nowMs: number): Promise<string | null>;
  keepDraft(name: string, text: string | null, nowMs: number): Promise<void>;
  /** The whole book as the text of a `.zolder.json` file. */
  exportBook(): Promise<string>;
  /** Reads a file and tells what taking it in would do; nothing is written. */
  openFile(text: string): Promise<Result<FilePreview, BundleRefusal>>;
  /** Takes in the file last opened: the union of both books. */
  takeFile(): Promise<{ readonly added: number }>;
  /** Ends a conflict: a third revision joins the heads and says what the chosen one says. */
  resolve(choices: readonly Choice[], moment: Moment): Promise<void>;
  conflicts(): Promise<readonly Conflict[]>;

  /** Every live record of a kind as it stands. */
  rows<K extends Kind>(kind: K): Promise<readonly Row<K>[]>;
  round(nowMs: number, dayStartMs: number): Promise<RoundAnswer>;
  tanks(nowMs: number): Promise<readonly TankAnswer[]>;
  tank(id: string, nowMs: number): Promise<TankAnswer | null>;
  tankHistory(id: string, sample?: Sample): Promise<TankHistoryAnswer>;
  readingsPage(tankId: string, sample: Sample, count: number): Promise<ReadingsPage>;
  /** What a tank's plants took of water and salts over the last weeks. */
  waterUse(tankId: string, nowMs: number): Promise<WaterUseAnswer>;
  read(nowMs: number): Promise<ReadAnswer>;
  pens(nowMs: number): Promise<readonly PenAnswer[]>;
  pen(id: string, nowMs: number): Promise<PenDetailAnswer | null>;
  bench(penId: string, quantity: 'ph' | 'ec', nowMs: number): Promise<BenchAnswer | null>;
  /** What a check (the newest where no moment is given) found out about the readings before it. */
  lookBack(penId: string, quantity: 'ph' | 'ec', checkMs?: number): Promise<LookBackAnswer | null>;
  /** What a check under way would find out, before it is in the book. */
  foundLookBack(
    penId: string,
    quantity: 'ph' | 'ec',
    found: FoundNow,
  ): Promise<LookBackAnswer | null>;
  /** What a dose plan for a tank needs; null for a tank that is not in the book. */
  dose(tankId: string, nowMs: number): Promise<DoseAnswer | null>;
  /** What a correction of a tank's EC needs; null for a tank that is not in the book. */
  ecDose(tankId: string, nowMs: number): Promise<EcDoseAnswer | null>;
  /** Products of one's own, with what is left of each. */
  products(): Promise<readonly ProductAnswer[]>;
  timers(nowMs: number): Promise<readonly TimerRow[]>;
  shopping(nowMs: number): Promise<ShoppingAnswer>;
  shelf(nowMs: number): Promise<readonly LotAnswer[]>;
  ledger(count: number): Promise<LedgerAnswer>;
  settings(): Promise<SettingsAnswer>;
}
