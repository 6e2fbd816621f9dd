import type {
  OnProgress,
  RejectedRows,
  TablePreview,
  TableRefusal,
  TableSeen,
  TableWish,
} from '@/book/answers';
import { answer, refuse, type Result } from '@/core/result';
import {
  cellsOf,
  checkReader,
  guessColumns,
  guessShape,
  guessSubject,
  guessUnits,
  LOOKED_AT,
  readingReader,
  ROLES_OF,
  textOf,
  type Columns,
  type Role,
  type TableUnits,
} from '@/interchange/intake';
import type { RecordId } from '@/records';
import type { Intake } from '@/records/kinds';
import type { BookState } from '../engine/bookState';
import { bring, type Bringing } from './bring';
import type { TableRow } from './matches';
import { CROP_NAMES } from './newThings';
import { previewOf } from './preview';
import { withIds } from './withIds';

/** Larger files are no table of a grower. */
const MOST_BYTES = 100_000_000;
/** Rows read between two looks at what else there is to do. */
const AT_ONCE = 2000;
/** Wider tables are not read further to the right; longer heads are cut. */
const MOST_COLUMNS = 200;
const LONGEST_HEAD = 200;

/** Lets other messages of the worker in. */
const breathe = () =>
  new Promise<void>((resolve) => {
    setTimeout(resolve, 0);
  });

/** The newest table of these columns that was taken in. */
function remembered(book: BookState, heads: readonly string[]): Intake | undefined {
  const same = (body: Intake) =>
    body.heads.length === heads.length && body.heads.every((head, at) => head === heads[at]);
  return book
    .all('intake')
    .map(({ body }) => body)
    .filter(same)
    .at(-1);
}

const headsOf = (rows: readonly (readonly string[])[], headAt: number): readonly string[] => {
  const width = Math.max(0, ...rows.slice(0, LOOKED_AT).map((row) => row.length));
  const named = headAt < 0 ? [] : (rows[headAt] ?? []);
  return Array.from({ length: Math.min(width, MOST_COLUMNS) }, (_, at) =>
    (named[at]?.trim() ?? '').slice(0, LONGEST_HEAD),
  );
};

/** A file opened as a table: its text and its rows, until it is taken in or left. */
export class OpenedTable {
  private rows: readonly string[][] = [];
  /** The reading under way; a newer one ends it. */
  private run = 0;
  private last: { wish: TableWish; bringing: Bringing } | undefined;

  private constructor(
    readonly name: string,
    private readonly text: string,
  ) {}

  /** Opens a file and guesses how it is written, or says why it is no table. */
  static async open(
    file: File,
    book: BookState,
    own: TableUnits,
  ): Promise<Result<{ table: OpenedTable; seen: TableSeen }, TableRefusal>> {
    if (file.size > MOST_BYTES)
      return refuse({ reason: 'tooLarge', megabytes: Math.round(file.size / 1_000_000) });
    const text = textOf(new Uint8Array(await file.arrayBuffer()));
    if (text.trim() === '') return refuse({ reason: 'empty' });
    const table = new OpenedTable(file.name, text);
    const seen = table.look(book, own);
    return seen.heads.length < 2 ? refuse({ reason: 'oneColumn' }) : answer({ table, seen });
  }

  private look(book: BookState, own: TableUnits): TableSeen {
    const { shape, dayOrderUnsure } = guessShape(this.text);
    this.rows = cellsOf(this.text, shape.delimiter);
    const seen = this.seenAs(shape, own);
    const before = remembered(book, seen.heads);
    if (!before) return { ...seen, dayOrderUnsure, remembered: false };
    const roles: readonly Role[] = ROLES_OF[before.subject];
    // Cells and decimals are this file's own: the same columns may be written otherwise.
    const dayOrder = dayOrderUnsure ? before.shape.dayOrder : shape.dayOrder;
    return {
      ...seen,
      shape: { ...shape, dayOrder },
      subject: before.subject,
      roles,
      columns: before.columns.map((role) => roles.find((one) => one === role) ?? null),
      units: { ecScale: before.ecScale, tempUnit: before.tempUnit },
      dayOrderUnsure: false,
      remembered: true,
    };
  }

  private seenAs(shape: TableSeen['shape'], own: TableUnits, as?: TableSeen['subject']) {
    const heads = headsOf(this.rows, shape.headAt);
    const body = this.body(shape.headAt);
    const sample = body.slice(0, LOOKED_AT);
    const subject = as ?? guessSubject(heads);
    const columns: Columns = guessColumns(heads, sample, subject);
    return {
      subject,
      shape,
      heads,
      roles: ROLES_OF[subject],
      columns,
      units: guessUnits(heads, sample, { columns, mark: shape.mark, own }),
      examples: sample.slice(0, 3),
      rows: body.length,
      crops: CROP_NAMES,
    };
  }

  /** The same table with another subject, delimiter or line of heads: its columns guessed anew. */
  lookAgain(subject: TableSeen['subject'], shape: TableSeen['shape'], own: TableUnits): TableSeen {
    this.cancel();
    this.last = undefined;
    this.rows = cellsOf(this.text, shape.delimiter);
    return { ...this.seenAs(shape, own, subject), dayOrderUnsure: false, remembered: false };
  }

  /** The rows below the heads, without empty ones at the end. */
  private body(headAt: number): readonly string[][] {
    let end = this.rows.length;
    while (end > headAt + 1 && this.rows[end - 1]!.every((cell) => cell.trim() === '')) end -= 1;
    return this.rows.slice(headAt + 1, end);
  }

  /** Ends a reading that is under way. */
  cancel(): void {
    this.run += 1;
  }

  /** Reads the table as the grower wishes; undefined where it was cancelled meanwhile. */
  async read(
    book: BookState,
    wish: TableWish,
    { zone, nowMs }: { zone: string; nowMs: number },
    onProgress: OnProgress,
  ): Promise<TablePreview | undefined> {
    this.cancel();
    this.last = undefined;
    const mine = this.run;
    const { shape, columns, units, subject } = wish;
    const of = { shape, columns, units, zone, nowMs };
    const read = subject === 'readings' ? readingReader(of) : checkReader(of);
    const body = this.body(shape.headAt);
    const rows: TableRow[] = [];
    for (let at = 0; at < body.length; at += AT_ONCE) {
      for (let row = at; row < Math.min(at + AT_ONCE, body.length); row += 1) {
        const cells = body[row]!;
        if (cells.length > 1 || cells[0] !== '') rows.push(read(cells, shape.headAt + 2 + row));
      }
      onProgress(Math.min(at + AT_ONCE, body.length));
      await breathe();
      if (this.run !== mine) return undefined;
    }
    const before = remembered(book, headsOf(this.rows, shape.headAt));
    const { bringing, seen } = bring(rows, {
      book,
      wish,
      before: { places: before?.places ?? {}, pens: before?.pens ?? {} },
      newId: placeholders(),
    });
    this.last = { wish, bringing };
    return { ...previewOf(book, bringing), subject, ...seen };
  }

  /** What was read last, for taking it in; ids of what is made are given anew. */
  taken(newId: () => RecordId): { wish: TableWish; bringing: Bringing } | undefined {
    return this.last && { wish: this.last.wish, bringing: withIds(this.last.bringing, newId) };
  }

  heads(headAt: number): readonly string[] {
    return headsOf(this.rows, headAt);
  }

  /** The rows that are not taken in, as they stand in the file, with why. */
  rejects(): RejectedRows {
    const { wish, bringing } = this.last ?? {};
    const headAt = wish?.shape.headAt ?? -1;
    return {
      heads: this.heads(headAt),
      delimiter: wish?.shape.delimiter ?? ',',
      rows: (bringing?.rejected ?? []).map((one) => ({
        ...one,
        cells: this.rows[one.line - 1] ?? [],
      })),
    };
  }
}

/** Names for what is not written yet. */
function placeholders(): () => RecordId {
  let count = 0;
  return () => `made-${(count += 1)}`;
}
