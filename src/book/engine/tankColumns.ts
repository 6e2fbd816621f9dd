import type { TankColumns } from '@/book/answers';
import { ecPenStateAt, phPenStateAt } from '@/core/drift';
import { assessEcQuick, assessPhQuick } from '@/core/readings';
import { ecMsPerCmFromDisplay } from '@/core/units';
import { TOO_PURE_BELOW_MS_PER_CM, VERDICTS, verdictOf, type Band } from '@/core/verdict';
import type { RecordId } from '@/records';
import { ecShownOf, meanShown, phShownOf, type Sample } from '@/records/kinds';
import type { BookState, LiveRecord } from './bookState';
import { ecTrackOf, phTrackOf } from './penTrack';
import { readingContext } from './readingRow';
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

interface Judged {
  readonly value: number;
  readonly stdU: number;
  readonly verified: boolean;
}

/** The verdict as a column holds it. */
function verdictIndex(
  { value, stdU, verified }: Judged,
  band: Band | undefined,
  ecMsPerCm: number,
): number {
  if (!band) return VERDICTS.indexOf('noBand');
  const tooPure = ecMsPerCm < TOO_PURE_BELOW_MS_PER_CM;
  return VERDICTS.indexOf(tooPure ? 'tooPure' : verdictOf(value, stdU, band, { firm: verified }));
}

/** Where a reading's values go. */
interface Place {
  readonly columns: TankColumns;
  readonly at: number;
  /** Places of the pens in `penCodes`. */
  readonly pens: ReadonlyMap<string, number>;
}

/** Writes one reading into its place. */
function writeRow(book: BookState, { columns, at, pens }: Place, reading: LiveRecord<'reading'>) {
  const context = readingContext(book, reading);
  if (!context) return;
  const { atMs, tank, bands } = context;
  const { body } = reading;
  columns.atMs[at] = atMs;
  columns.phLow[at] = bands.ph?.low ?? NaN;
  columns.phHigh[at] = bands.ph?.high ?? NaN;
  columns.ecLow[at] = bands.ec?.low ?? NaN;
  columns.ecHigh[at] = bands.ec?.high ?? NaN;
  columns.tempC[at] = body.tempC ?? NaN;
  columns.volumeL[at] = body.volumeL ?? NaN;
  const { tempC } = body;
  const penPlace = (penId: string) => pens.get(penId) ?? -1;
  if (body.ph) columns.phPen[at] = penPlace(body.ph.penId);
  if (body.ec) columns.ecPen[at] = penPlace(body.ec.penId);
  const ecPen = body.ec && book.record('pen', body.ec.penId)?.body.ec;
  if (body.ec && ecPen) {
    const result = assessEcQuick({
      ...ecShownOf(body.ec),
      tempC,
      pen: { ...ecPen, scale: body.ec.scale },
      state: ecPenStateAt(ecTrackOf(book, body.ec.penId), atMs),
      feedAlphaPerC: tank.alphaPerC,
    });
    columns.ecShown[at] = ecMsPerCmFromDisplay(meanShown(body.ec), body.ec.scale);
    if (result.ok) {
      columns.ec[at] = result.value.value;
      columns.ecStdU[at] = result.value.stdU;
      columns.ecVerdict[at] = verdictIndex(result.value, bands.ec, Infinity);
    }
  }
  const phPen = body.ph && book.record('pen', body.ph.penId)?.body.ph;
  if (body.ph && phPen) {
    const state = phPenStateAt(phTrackOf(book, body.ph.penId), atMs);
    const judged = assessPhQuick({ ...phShownOf(body.ph), tempC, pen: phPen, state });
    columns.phShown[at] = meanShown(body.ph);
    columns.ph[at] = judged.value;
    columns.phStdU[at] = judged.stdU;
    const known = columns.ec[at];
    const ec = known === undefined || Number.isNaN(known) ? Infinity : known;
    columns.phVerdict[at] = verdictIndex(judged, bands.ph, ec);
  }
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
