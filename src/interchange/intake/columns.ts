import type { EcScale, TempUnit } from '@/core/units';
import { numberIn } from './cells';
import { holds } from './guessShape';
import type { TableShape } from './shape';

/** What a column of readings can be. */
export const READING_ROLES = [
  'when',
  'clock',
  'place',
  'sample',
  'ph',
  'phDips',
  'ec',
  'ecDips',
  'ecScale',
  'temp',
  'level',
  'pen',
  'phPen',
  'ecPen',
  'note',
] as const;

/** What a column of old checks can be. */
export const CHECK_ROLES = [
  'when',
  'clock',
  'pen',
  'buffer',
  'found',
  'left',
  'temp',
  'note',
] as const;

type ReadingRole = (typeof READING_ROLES)[number];
type CheckRole = (typeof CHECK_ROLES)[number];
export type Role = ReadingRole | CheckRole;

/** What a table tells of. */
export const SUBJECTS = ['readings', 'checks'] as const;
export type Subject = (typeof SUBJECTS)[number];

/** What columns may be, by what a table is about. */
export const ROLES_OF: Readonly<Record<Subject, readonly Role[]>> = {
  readings: READING_ROLES,
  checks: CHECK_ROLES,
};

/** What each column is; null for one that is left out. A role is borne once. */
export type Columns = readonly (Role | null)[];

/** Values that are worked out from others, or are no reading: never taken for one. */
const DERIVED = /correct|target|verdict|expand|±|error|toler|promis|aim|alarm|\bset\b|\bid\b/i;

/** Words in the head of a column, the surer ones first. */
const WORDS: readonly (readonly [Role, RegExp])[] = [
  ['phDips', /ph.*(every dip|dips)/i],
  ['ecDips', /ec.*(every dip|dips)/i],
  ['ecScale', /\bec.?scale/i],
  ['phPen', /ph.?(pen|meter|probe|sensor)/i],
  ['ecPen', /ec.?(pen|meter|probe|sensor)/i],
  ['sample', /read.?in|sample/i],
  ['buffer', /buffer|standard|solution|nominal/i],
  ['found', /found|before|as.?found|\bwas\b/i],
  ['left', /\bleft\b|after|as.?left/i],
  ['temp', /temp|°\s?[cf]\b|\bdeg/i],
  ['ph', /(^|[^a-z])ph([^a-z]|$)/i],
  ['ec', /(^|[^a-z])(ec|tds)([^a-z]|$)|conduct|[µμu]s\b|\bms\b|ppm/i],
  ['level', /level|volume/i],
  ['pen', /pen\b|meter|device|sensor|probe|instrument|serial/i],
  ['place', /tank|place|site|zone|\bbed\b|reservoir|location|name/i],
  ['note', /note|remark|comment/i],
];

const inWords = (head: string) => head.replaceAll('_', ' ');

/**
 * What the columns seem to be: dates and times by what stands in them, the rest by their heads; each
 * role once, the first column that fits.
 */
export function guessColumns(
  heads: readonly string[],
  rows: readonly (readonly string[])[],
  subject: Subject,
): Columns {
  const taken = new Set<Role>();
  const take = (role: Role) => {
    if (taken.has(role) || !ROLES_OF[subject].includes(role)) return null;
    taken.add(role);
    return role;
  };
  const guessed = heads.map((head, at) => {
    const what = holds(rows.map((row) => row[at] ?? ''));
    if (what !== 'other') return take(what === 'days' ? 'when' : 'clock');
    const words = inWords(head);
    if (DERIVED.test(words)) return null;
    for (const [role, pattern] of WORDS) {
      if (!pattern.test(words) || !ROLES_OF[subject].includes(role)) continue;
      return take(role);
    }
    return null;
  });
  // A head in another language: short names that come again are what the rows are about.
  const about = subject === 'readings' ? 'place' : 'pen';
  const at = taken.has(about)
    ? -1
    : guessed.findIndex((role, index) => role === null && areNames(rows, index));
  return guessed.map((role, index) => (index === at ? about : role));
}

const LONGEST_NAME = 40;

/** Whether a column holds names: short texts that are no numbers, the same ones in many rows. */
function areNames(rows: readonly (readonly string[])[], at: number): boolean {
  const cells = rows.map((row) => row[at]?.trim() ?? '').filter(Boolean);
  const words = cells.filter((cell) => /\p{L}/u.test(cell) && cell.length <= LONGEST_NAME);
  const distinct = new Set(words).size;
  return words.length > 0 && words.length >= cells.length * 0.9 && distinct * 1.2 <= words.length;
}

/** Whether the table tells of checks against buffers, by its heads. */
export const guessSubject = (heads: readonly string[]): Subject =>
  heads.some((head) => /buffer|as.?found|as.?left|calibrat/i.test(inWords(head)))
    ? 'checks'
    : 'readings';

/** In what the numbers of a table are. */
export interface TableUnits {
  readonly ecScale: EcScale;
  readonly tempUnit: TempUnit;
}

/** What a column's head says of its unit. */
const SAID: readonly (readonly [EcScale, RegExp])[] = [
  ['µS/cm', /[µμu]s\s?\/?\s?(cm)?\b/i],
  ['mS/cm', /\bms\s?\/?\s?(cm)?\b|ds\s?\/?\s?m\b/i],
  ['ppm700', /ppm.*0?\.?7|\b700\b/i],
  ['ppm640', /ppm.*\.?64/i],
  ['ppm500', /ppm|tds/i],
  ['CF', /\bcf\b/i],
];

const middle = (values: readonly number[]) =>
  [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)];

/** From here on a temperature of water is in °F: nobody grows in it at so many °C. */
const FAHRENHEIT_FROM = 45;
/** Values of a feed in mS/cm are below this; from here on they are µS/cm. */
const MICRO_FROM = 60;
/** Between this and the one above they are CF. */
const CF_FROM = 6;

/** The units of a table: as its heads say, else by the size of its values, else the book's own. */
export function guessUnits(
  heads: readonly string[],
  rows: readonly (readonly string[])[],
  { columns, mark, own }: { columns: Columns } & Pick<TableShape, 'mark'> & { own: TableUnits },
): TableUnits {
  const column = (role: Role) => {
    const at = columns.indexOf(role);
    const values = at < 0 ? [] : rows.flatMap((row) => numberIn(row[at] ?? '', mark) ?? []);
    return { head: at < 0 ? '' : inWords(heads[at] ?? ''), middle: middle(values) };
  };
  const ec = column('ec');
  const temp = column('temp');
  return { ecScale: ecScaleOf(ec, own.ecScale), tempUnit: tempUnitOf(temp, own.tempUnit) };
}

interface Seen {
  readonly head: string;
  readonly middle: number | undefined;
}

function ecScaleOf({ head, middle: value }: Seen, own: EcScale): EcScale {
  const said = SAID.find(([, pattern]) => pattern.test(head));
  if (said) return said[0];
  if (value === undefined) return own;
  if (value >= MICRO_FROM) return 'µS/cm';
  return value >= CF_FROM ? 'CF' : 'mS/cm';
}

function tempUnitOf({ head, middle: value }: Seen, own: TempUnit): TempUnit {
  if (/°\s?f\b|fahrenheit|temp.?f\b/i.test(head)) return '°F';
  if (/°\s?c\b|celsius|temp.?c\b/i.test(head)) return '°C';
  if (value === undefined) return own;
  return value >= FAHRENHEIT_FROM ? '°F' : '°C';
}
