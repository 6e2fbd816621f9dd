import type { TankColumns } from '@/book/answers';
import type { Quantity } from '@/core/calibration';
import { hasNumber, judgedVerdict } from '@/core/readings';
import { ecMsPerCmFromDisplay } from '@/core/units';
import { VERDICTS } from '@/core/verdict';
import type { PenId, TankId } from '@/records';
import { meanShown, type Sample } from '@/records/kinds';
import type { BookState, LiveRecord } from './bookState';
import { knownEc } from './knownEc';
import { quickSide } from './quickSide';
import { readingContext, type ReadingContext } from './readingRow';
import { monthOf, monthSpan, READINGS_OF_MONTH, READINGS_OF_SAMPLE } from './partsOfBook';
import { readingsOf } from './readingsOf';

type Rows = Omit<TankColumns, 'penCodes'>;

/** The columns of numbers, and those of small whole numbers. */
const NUMBERS = [
  'atMs',
  'ph',
  'phStdU',
  'phShown',
  'phLow',
  'phHigh',
  'ec',
  'ecStdU',
  'ecShown',
].concat(['ecLow', 'ecHigh', 'tempC', 'volumeL']) as readonly (keyof Rows)[];
const PLACES = ['phVerdict', 'ecVerdict', 'phPen', 'ecPen'] as const;

/** Empty columns for so many readings; a value that was not read stays NaN. */
function emptyRows(count: number): Rows {
  return Object.fromEntries([
    ...NUMBERS.map((name) => [name, new Float64Array(count).fill(NaN)]),
    ...PLACES.map((name) => [name, new Int8Array(count).fill(-1)]),
  ]) as unknown as Rows;
}

/** Readings of a month as columns; their pens are places in `penIds`. */
interface Block {
  readonly rows: Rows;
  readonly penIds: readonly PenId[];
}

/** Where a reading's values go. */
interface Place {
  readonly columns: Rows;
  readonly at: number;
  /** Places of the pens in the block. */
  readonly pens: ReadonlyMap<PenId, number>;
}

/** The columns of each quantity. */
const COLUMNS = {
  ph: { value: 'ph', stdU: 'phStdU', shown: 'phShown', verdict: 'phVerdict', pen: 'phPen' },
  ec: { value: 'ec', stdU: 'ecStdU', shown: 'ecShown', verdict: 'ecVerdict', pen: 'ecPen' },
} as const;

interface Side {
  readonly quantity: Quantity;
  readonly context: ReadingContext;
  /** Known conductivity of the same sample, mS/cm. */
  readonly ecMsPerCm?: number | undefined;
}

/** Writes one side of a reading; gives the corrected value where there is one. */
function writeSide(
  book: BookState,
  { columns, at, pens }: Place,
  reading: LiveRecord<'reading'>,
  { quantity, context, ecMsPerCm }: Side,
): number | undefined {
  const side = reading.body[quantity];
  if (!side) return undefined;
  const names = COLUMNS[quantity];
  columns[names.pen][at] = pens.get(side.penId) ?? -1;
  const shown = meanShown(side);
  const { ec } = reading.body;
  columns[names.shown][at] =
    quantity === 'ec' && ec ? ecMsPerCmFromDisplay(shown, ec.scale) : shown;
  const read = quickSide(book, reading, { quantity, context });
  if (!read) return undefined;
  const { value, expandedU, standing } = read;
  const verdict = judgedVerdict(read, context.bands[quantity], ecMsPerCm);
  columns[names.verdict][at] = VERDICTS.indexOf(verdict);
  if (!hasNumber(standing)) return undefined;
  columns[names.value][at] = value;
  columns[names.stdU][at] = expandedU / 2;
  return value;
}

/** Writes one reading into its place. */
function writeRow(book: BookState, place: Place, reading: LiveRecord<'reading'>) {
  const context = readingContext(book, reading);
  if (!context) return;
  const { columns, at } = place;
  const { atMs, bands } = context;
  const { body } = reading;
  columns.atMs[at] = atMs;
  columns.phLow[at] = bands.ph?.low ?? NaN;
  columns.phHigh[at] = bands.ph?.high ?? NaN;
  columns.ecLow[at] = bands.ec?.low ?? NaN;
  columns.ecHigh[at] = bands.ec?.high ?? NaN;
  columns.tempC[at] = body.tempC ?? NaN;
  columns.volumeL[at] = body.volumeL ?? NaN;
  const ecMsPerCm =
    writeSide(book, place, reading, { quantity: 'ec', context }) ??
    knownEc(book, { tankId: body.tankId, ...context });
  writeSide(book, place, reading, { quantity: 'ph', context, ecMsPerCm });
}

const SIDES = ['ph', 'ec'] as const;

/** The pens that read some readings, in the order in which they first did. */
const pensIn = (readings: readonly LiveRecord<'reading'>[]): readonly PenId[] => [
  ...new Set(readings.flatMap(({ body }) => SIDES.flatMap((side) => body[side]?.penId ?? []))),
];

/** A month's readings, oldest first. */
function blockOf(book: BookState, key: string): Block {
  return book.remember(`columns/${key}`, () => {
    const readings = book.part(READINGS_OF_MONTH, key);
    const penIds = pensIn(readings);
    const pens = new Map(penIds.map((id, at) => [id, at]));
    const rows = emptyRows(readings.length);
    readings.forEach((reading, at) => writeRow(book, { columns: rows, at, pens }, reading));
    return { rows, penIds };
  });
}

/** Months put after one another, with the pens by their places in the book. */
function joined(book: BookState, blocks: readonly Block[]): TankColumns {
  const all = book.all('pen');
  const placeOf = new Map(all.map(({ id }, at) => [id, at]));
  const columns = emptyRows(blocks.reduce((sum, { rows }) => sum + rows.atMs.length, 0));
  let start = 0;
  for (const { rows, penIds } of blocks) {
    for (const name of NUMBERS) columns[name].set(rows[name], start);
    for (const name of PLACES) columns[name].set(rows[name], start);
    for (const name of ['phPen', 'ecPen'] as const)
      for (let at = start; at < start + rows.atMs.length; at += 1) {
        const place = columns[name][at]!;
        columns[name][at] = place < 0 ? -1 : (placeOf.get(penIds[place]!) ?? -1);
      }
    start += rows.atMs.length;
  }
  return { ...columns, penCodes: all.map(({ body }) => body.code) };
}

/** The months in which a sample of a tank was read, oldest first. */
function monthsRead(book: BookState, tankId: TankId, sample: Sample): readonly string[] {
  const months: string[] = [];
  for (const { body } of readingsOf(book, tankId, sample)) {
    const month = monthOf(body.takenAt);
    if (month !== months.at(-1)) months.push(month);
  }
  return months.reverse();
}

/** What such columns are made of, a month at a time: worked out one after the other, they are remembered. */
export function* columnPieces(
  book: BookState,
  tankId: TankId,
  sample: Sample = 'tank',
): Generator<() => unknown> {
  for (const month of monthsRead(book, tankId, sample))
    yield () => blockOf(book, `${sample}/${tankId}/${month}`);
}

/** All readings of one kind of sample as columns, oldest first; worked out month by month. */
export function tankColumns(book: BookState, tankId: TankId, sample: Sample = 'tank'): TankColumns {
  return book.remember(`columns/${sample}/${tankId}`, () => {
    const months = monthsRead(book, tankId, sample);
    return joined(
      book,
      months.map((month) => blockOf(book, `${sample}/${tankId}/${month}`)),
    );
  });
}

/** The same from a moment on, in whole months: what is asked at every save costs no years. */
export function recentColumns(book: BookState, tankId: TankId, sinceMs: number): TankColumns {
  const since = monthOf(new Date(sinceMs).toISOString());
  const startMs = monthSpan(since).fromMs;
  return book.remember(`columns/tank/${tankId}/since/${since}`, () => {
    const months: string[] = [];
    for (const { body } of book.partSince(READINGS_OF_SAMPLE, `tank/${tankId}`, startMs)) {
      const month = monthOf(body.takenAt);
      if (month < since) break;
      if (month !== months.at(-1)) months.push(month);
    }
    return joined(
      book,
      months.reverse().map((month) => blockOf(book, `tank/${tankId}/${month}`)),
    );
  });
}
