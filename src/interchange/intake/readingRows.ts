import { celsiusFrom, EC_SCALES, type EcScale } from '@/core/units';
import { SAMPLES, type Sample } from '@/records/samples';
import { isEmptyCell, numberIn } from './cells';
import type { Columns, Role, TableUnits } from './columns';
import { momentReader } from './moments';
import type { Rejected, RowTrouble } from './rowTrouble';
import type { TableShape } from './shape';

/** One side of a reading as a table tells it. */
interface ReadValue {
  readonly shown: number;
  readonly repeats?: readonly number[];
  /** What the table calls the pen; '' where it names none. */
  readonly pen: string;
}

/** A reading as a table tells it, before its names are matched. */
export interface ReadRow {
  readonly line: number;
  readonly atMs: number;
  readonly dayOnly: boolean;
  readonly place: string;
  readonly sample: Sample;
  readonly ph?: ReadValue;
  readonly ec?: ReadValue & { readonly scale: EcScale };
  readonly tempC?: number;
  readonly volumeL?: number;
  readonly note: string;
}

/** How a table is to be read. */
export interface TableReading {
  readonly shape: TableShape;
  readonly columns: Columns;
  readonly units: TableUnits;
  readonly zone: string;
  readonly nowMs: number;
}

/** Later than now by more than this is a wrong clock, ms. */
const AHEAD_MS = 300_000;
/** Before this nobody has figures worth taking in. */
const LONG_AGO_MS = Date.UTC(1990, 0, 1);
const MAX_REPEATS = 20;
const MAX_NOTE = 400;
const MAX_NAME = 200;

/** A text as it was before a leading apostrophe made it harmless to a spreadsheet. */
const asMeant = (cell: string) => cell.trim().replace(/^'(?=[=+\-@])/, '');

/** A name as it stands in a cell, no longer than a record may bear. */
export const nameIn = (cell: string): string => asMeant(cell).slice(0, MAX_NAME);

const LIMITS = {
  ph: [0, 14],
  temp: [-5, 60],
  level: [0, 1_000_000],
} as const;
/** The most a display of EC can show, in its scale. */
const EC_TO: Readonly<Record<EcScale, number>> = {
  'mS/cm': 200,
  'µS/cm': 200_000,
  CF: 2000,
  ppm500: 100_000,
  ppm640: 128_000,
  ppm700: 140_000,
};

/** Thrown within a row; caught at its end. */
class Refused extends Error {
  constructor(readonly trouble: RowTrouble) {
    super(trouble.reason);
  }
}

/** Ends the reading of a row: it is rejected for this. */
export function refuseRow(trouble: RowTrouble): never {
  throw new Refused(trouble);
}

/** The cells of a row by what they are; an absent column is empty. */
export type CellOf = (role: Role) => string;

/** Reads the cells of rows by role: looked up once, not for each row. */
export function cellReader(columns: Columns): (row: readonly string[]) => CellOf {
  const at = new Map(columns.flatMap((role, index) => (role ? [[role, index] as const] : [])));
  return (row) => (role) => row[at.get(role) ?? -1] ?? '';
}

/** A number in its limits; undefined where the cell is empty; throws what is wrong with it. */
export function numberOf(
  text: string,
  mark: '.' | ',',
  { role, from, to }: { role: Role; from: number; to: number },
): number | undefined {
  const value = numberIn(text, mark);
  if (value === null) return undefined;
  if (value === undefined) refuseRow({ reason: 'notNumber', role, text });
  if (value < from || value > to) refuseRow({ reason: 'outside', role, value, from, to });
  return value;
}

/** The first and the other dips of a side: every dip where they are told, else what was shown. */
function dipsOf(
  cell: CellOf,
  mark: '.' | ',',
  { role, dips, to }: { role: Role; dips: Role; to: number },
): readonly number[] {
  const limits = { role, from: 0, to };
  const every = cell(dips).trim();
  // Dips stand apart by a space; in a table of the Book they bear a point whatever the mark.
  if (every.includes(' '))
    return every
      .split(/\s+/)
      .slice(0, MAX_REPEATS + 1)
      .flatMap((text) => numberOf(text, text.includes('.') ? '.' : mark, limits) ?? []);
  const shown = numberOf(cell(role), mark, limits);
  return shown === undefined ? [] : [shown];
}

const valueOf = ([shown, ...repeats]: readonly number[], pen: string): ReadValue | undefined =>
  shown === undefined ? undefined : { shown, ...(repeats.length > 0 ? { repeats } : {}), pen };

function scaleOf(text: string, usual: EcScale): EcScale {
  if (isEmptyCell(text)) return usual;
  const scale = EC_SCALES.find((one) => one === text.trim());
  if (!scale) refuseRow({ reason: 'unknownScale', text });
  return scale;
}

function sampleOf(text: string): Sample {
  if (isEmptyCell(text)) return 'tank';
  const sample = SAMPLES.find((one) => one.toLowerCase() === text.trim().toLowerCase());
  if (!sample) refuseRow({ reason: 'unknownSample', text });
  return sample;
}

/** Reads moments, and throws what is wrong with one. */
export function momentsOf({ shape, zone, nowMs }: TableReading) {
  const read = momentReader(zone, shape.dayOrder);
  return (cell: CellOf) => {
    const moment = read(cell('when'), cell('clock'));
    if (moment === null) refuseRow({ reason: 'noMoment' });
    if (moment === undefined)
      refuseRow({ reason: 'badMoment', text: `${cell('when')} ${cell('clock')}`.trim() });
    if (moment.atMs > nowMs + AHEAD_MS) refuseRow({ reason: 'ahead' });
    if (moment.atMs < LONG_AGO_MS) refuseRow({ reason: 'longAgo' });
    return moment;
  };
}

/** Calls for one row; what it throws of the row is why it is rejected. */
export function rowOr<T>(line: number, read: () => T): T | Rejected {
  try {
    return read();
  } catch (error) {
    if (error instanceof Refused) return { line, trouble: error.trouble };
    throw error;
  }
}

export const isRejected = <T extends object>(row: T | Rejected): row is Rejected =>
  'trouble' in row;

/**
 * Reads rows of readings: each a reading as the table tells it, or why it is none. Nothing is
 * guessed within a row: a cell that is wrong rejects its row whole.
 */
export function readingReader(
  reading: TableReading,
): (row: readonly string[], line: number) => ReadRow | Rejected {
  const { shape, columns, units } = reading;
  const { mark } = shape;
  const cells = cellReader(columns);
  const momentOf = momentsOf(reading);
  const number = (cell: CellOf, role: 'temp' | 'level') => {
    const [from, to] = LIMITS[role];
    if (role !== 'temp' || units.tempUnit === '°C')
      return numberOf(cell(role), mark, { role, from, to });
    const shown = numberOf(cell(role), mark, { role, from: 23, to: 140 });
    return shown === undefined ? undefined : celsiusFrom(shown, '°F');
  };
  return (row, line) =>
    rowOr(line, () => {
      const cell = cells(row);
      const { atMs, dayOnly } = momentOf(cell);
      const penOf = (role: Role) => nameIn(cell(role) || cell('pen'));
      const scale = scaleOf(cell('ecScale'), units.ecScale);
      const ph = valueOf(
        dipsOf(cell, mark, { role: 'ph', dips: 'phDips', to: LIMITS.ph[1] }),
        penOf('phPen'),
      );
      const ec = valueOf(
        dipsOf(cell, mark, { role: 'ec', dips: 'ecDips', to: EC_TO[scale] }),
        penOf('ecPen'),
      );
      if (!ph && !ec) refuseRow({ reason: 'noValue' });
      const tempC = number(cell, 'temp');
      const volumeL = number(cell, 'level');
      return {
        line,
        atMs,
        dayOnly,
        place: nameIn(cell('place')),
        sample: sampleOf(cell('sample')),
        ...(ph ? { ph } : {}),
        ...(ec ? { ec: { ...ec, scale } } : {}),
        ...(tempC === undefined ? {} : { tempC }),
        ...(volumeL === undefined ? {} : { volumeL }),
        note: asMeant(cell('note')).slice(0, MAX_NOTE),
      };
    });
}
