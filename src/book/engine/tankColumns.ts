import type { TankColumns } from '@/book/answers';
import type { Quantity } from '@/core/calibration';
import { assessQuick, hasNumber, judgedVerdict } from '@/core/readings';
import { ecMsPerCmFromDisplay } from '@/core/units';
import { VERDICTS } from '@/core/verdict';
import type { RecordId } from '@/records';
import { meanShown, type Sample } from '@/records/kinds';
import type { BookState, LiveRecord } from './bookState';
import { knownEc } from './knownEc';
import { readingContext, readingInput, type ReadingContext } from './readingRow';
import { readingsOf } from './readingsOf';

/** Empty columns for so many readings; a value that was not read stays NaN. */
function emptyColumns(count: number): TankColumns {
  const numbers = () => new Float64Array(count).fill(NaN);
  const verdicts = () => new Int8Array(count).fill(-1);
  return {
    atMs: numbers(),
    ph: numbers(),
    phStdU: numbers(),
    phShown: numbers(),
    phVerdict: verdicts(),
    phLow: numbers(),
    phHigh: numbers(),
    ec: numbers(),
    ecStdU: numbers(),
    ecShown: numbers(),
    ecVerdict: verdicts(),
    ecLow: numbers(),
    ecHigh: numbers(),
    tempC: numbers(),
    volumeL: numbers(),
    phPen: verdicts(),
    ecPen: verdicts(),
    penCodes: [],
  };
}

/** Where a reading's values go. */
interface Place {
  readonly columns: TankColumns;
  readonly at: number;
  /** Places of the pens in `penCodes`. */
  readonly pens: ReadonlyMap<string, number>;
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
  const input = readingInput(book, reading, { quantity, context });
  const read = input && assessQuick(input);
  if (!read?.ok) return undefined;
  const { value, expandedU, standing } = read.value;
  const verdict = judgedVerdict(read.value, context.bands[quantity], ecMsPerCm);
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

/** All readings of one kind of sample as columns, oldest first; computed once until the next change. */
export function tankColumns(
  book: BookState,
  tankId: RecordId,
  sample: Sample = 'tank',
): TankColumns {
  return book.remember(`columns/${sample}/${tankId}`, () => {
    const readings = [...readingsOf(book, tankId, sample)].reverse();
    const all = book.all('pen');
    const pens = new Map(all.map(({ id }, at) => [id as string, at]));
    const penCodes = all.map(({ body }) => body.code);
    const columns = { ...emptyColumns(readings.length), penCodes };
    readings.forEach((reading, at) => writeRow(book, { columns, at, pens }, reading));
    return columns;
  });
}
