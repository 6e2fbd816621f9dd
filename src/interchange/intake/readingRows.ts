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
const asMeant = (cell: string) => {
  const text = cell.trim();
  return text.startsWith("'") ? text.replace(/^'(?='*[=+\-@])/, '') : text;
};

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
  const at: Partial<Record<Role, number>> = {};
  columns.forEach((role, index) => {
    if (role) at[role] = index;
  });
  return (row) => (role) => {
    const index = at[role];
    return index === undefined ? '' : (row[index] ?? '');
  };
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

/** What a side of a reading is read from. */
interface SideLimits {
  readonly role: Role;
  readonly dips: Role;
  readonly from: number;
  readonly to: number;
}

const PH_LIMITS: SideLimits = { role: 'ph', dips: 'phDips', from: LIMITS.ph[0], to: LIMITS.ph[1] };

/** A side of EC in each scale. */
const EC_LIMITS = Object.fromEntries(
  EC_SCALES.map((scale) => [scale, { role: 'ec', dips: 'ecDips', from: 0, to: EC_TO[scale] }]),
) as Readonly<Record<EcScale, SideLimits>>;

/** What a side showed: every dip where they are told, else what was shown. */
function valueOf(
  cell: CellOf,
  mark: '.' | ',',
  { limits, pen }: { readonly limits: SideLimits; readonly pen: string },
): ReadValue | undefined {
  const every = cell(limits.dips);
  if (!every.includes(' ')) {
    const shown = numberOf(cell(limits.role), mark, limits);
    return shown === undefined ? undefined : { shown, pen };
  }
  // Dips stand apart by a space; in a table of the Book they bear a point whatever the mark.
  const [shown, ...repeats] = every
    .trim()
    .split(/\s+/)
    .slice(0, MAX_REPEATS + 1)
    .flatMap((text) => numberOf(text, text.includes('.') ? '.' : mark, limits) ?? []);
  if (shown === undefined) return undefined;
  return repeats.length > 0 ? { shown, repeats, pen } : { shown, pen };
}

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

/** Whether a row was refused rather than read. */
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
  const limits = {
    level: { role: 'level', from: LIMITS.level[0], to: LIMITS.level[1] },
    temp:
      units.tempUnit === '°C'
        ? { role: 'temp', from: LIMITS.temp[0], to: LIMITS.temp[1] }
        : { role: 'temp', from: 23, to: 140 },
  } as const satisfies Record<string, Parameters<typeof numberOf>[2]>;
  const number = (cell: CellOf, role: 'temp' | 'level') => {
    const shown = numberOf(cell(role), mark, limits[role]);
    return shown === undefined || role !== 'temp' ? shown : celsiusFrom(shown, units.tempUnit);
  };
  const namesPens = columns.some((role) => role === 'pen' || role === 'phPen' || role === 'ecPen');
  const penOf = (cell: CellOf, role: Role) => (namesPens ? nameIn(cell(role) || cell('pen')) : '');
  // Built field by field: a hundred thousand rows are read at once.
  return (row, line) =>
    rowOr(line, () => {
      const cell = cells(row);
      const { atMs, dayOnly } = momentOf(cell);
      const scale = scaleOf(cell('ecScale'), units.ecScale);
      const ph = valueOf(cell, mark, { limits: PH_LIMITS, pen: penOf(cell, 'phPen') });
      const ec = valueOf(cell, mark, { limits: EC_LIMITS[scale], pen: penOf(cell, 'ecPen') });
      if (!ph && !ec) refuseRow({ reason: 'noValue' });
      const read: { -readonly [Field in keyof ReadRow]: ReadRow[Field] } = {
        line,
        atMs,
        dayOnly,
        place: nameIn(cell('place')),
        sample: sampleOf(cell('sample')),
        note: asMeant(cell('note')).slice(0, MAX_NOTE),
      };
      if (ph) read.ph = ph;
      if (ec)
        read.ec = ec.repeats
          ? { shown: ec.shown, repeats: ec.repeats, pen: ec.pen, scale }
          : { shown: ec.shown, pen: ec.pen, scale };
      const tempC = number(cell, 'temp');
      if (tempC !== undefined) read.tempC = tempC;
      const volumeL = number(cell, 'level');
      if (volumeL !== undefined) read.volumeL = volumeL;
      return read;
    });
}
