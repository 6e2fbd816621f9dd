import type { DayOrder, Delimiter, Role, Subject, TableShape } from '@/book/answers';
import { dayMonthYear } from '../when';

const grouped = (count: number) => String(count).replace(/\B(?=(\d{3})+$)/g, ' ');

/** What a table's rows come to, one and many. */
const OF: Readonly<Record<Subject, readonly [one: string, many: string]>> = {
  readings: ['reading', 'readings'],
  checks: ['check', 'checks'],
};

const some = (count: number, subject: Subject) =>
  `${grouped(count)} ${OF[subject][count === 1 ? 0 : 1]}`;
const rows = (count: number) => `${grouped(count)} ${count === 1 ? 'row' : 'rows'}`;

/** Taking a table of another program into the book. */
export const intakeSays = {
  title: 'Take in',
  whatFor: 'A table of a spreadsheet, a logger or an old log, as CSV.',
  nothingYet: 'Nothing is written before you have seen what it brings.',
  file: 'The table, a CSV file',
  opening: 'Opening the table…',
  opened: (file: string, count: number) => `${file || 'The table'}: ${rows(count)}.`,
  howRead: 'How it is read',
  change: 'Read it otherwise',
  done: 'Read it so',
  shapeLine: (shape: TableShape) =>
    [
      `Cells parted by ${DELIMITER_WORD[shape.delimiter]}`,
      shape.mark === ',' ? 'decimals with a comma' : 'decimals with a point',
      `dates as ${DAY_ORDER_WORD[shape.dayOrder]}`,
    ].join(', ') + '.',
  columnsLine: (told: readonly (readonly [head: string, role: string])[]) =>
    told.map(([head, role]) => `${head ? `“${head}”` : 'One column'} is the ${role}.`).join(' '),
  ecLine: (unit: string) => `EC is in ${unit}.`,
  tempLine: (unit: string) => `Temperature is in ${unit}.`,
  noColumns: 'Say which columns hold the date and the values.',
  remembered: 'Read as the last table with these columns was.',
  holds: 'Each row is',
  parted: 'Cells parted by',
  mark: 'Decimals',
  point: 'with a point',
  comma: 'with a comma',
  days: 'Dates',
  daysUnsure: 'These dates could be read in two ways. Look at the first readings below.',
  headsIn: 'Names of columns',
  headsLine: (line: number) => `in line ${line}`,
  noHeads: 'none: values from the first line on',
  ecScale: 'EC is in',
  tempUnit: 'Temperature is in',
  cupTemp: 'Cups without a temperature count as, °C',
  columns: 'Columns',
  column: (at: number, head: string) => head || `Column ${at}`,
  example: (cells: readonly string[]) => cells.filter(Boolean).join(' · ') || 'empty',
  leftOut: 'left out',
  names: 'Places and pens',
  placeNamed: (name: string) => (name ? `Place “${name}” is` : 'Every row is of'),
  penNamed: (name: string, measures: readonly string[]) =>
    name
      ? `Pen “${name}” (${measures.join(' and ')}) is`
      : `${measures.join(' and ')} ${measures.length === 1 ? 'was' : 'were'} read with`,
  choose: 'choose…',
  make: 'a new one',
  leave: 'left out',
  volume: (name: string) => `Volume of ${name || 'the new tank'}`,
  volumeNeeded: 'How much does it hold?',
  crop: (name: string) => `Bands of ${name || 'the new tank'}`,
  code: (name: string) => `Code of ${name || 'the new pen'}`,
  newName: 'New tank',
  reading: (done: number, all: number) => `Reading: ${grouped(done)} of ${rows(all)}.`,
  cancel: 'Stop reading',
  readAgain: 'Read the table',
  brings: 'What it brings',
  ready: (count: number, subject: Subject) => `${some(count, subject)} can be taken in.`,
  none: 'Nothing of it can be taken in as it stands.',
  span: (fromMs: number, toMs: number) =>
    dayMonthYear(fromMs) === dayMonthYear(toMs)
      ? `All of ${dayMonthYear(fromMs)}.`
      : `From ${dayMonthYear(fromMs)} to ${dayMonthYear(toMs)}.`,
  doubled: (count: number) =>
    `${rows(count)} ${count === 1 ? 'is' : 'are'} in the book already and ${count === 1 ? 'is' : 'are'} passed by.`,
  rejected: (count: number) => `${rows(count)} ${count === 1 ? 'is' : 'are'} not taken in:`,
  reasonLine: (reason: string, count: number) => `${reason}: ${rows(count)}`,
  line: (line: number, why: string) => `Line ${line}: ${why}`,
  saveRejected: 'Save these rows as a file',
  rejectedName: (day: string) => `not-taken-in-${day}.csv`,
  savedAs: (name: string) => `${name} is in the downloads. Mend it and take it in.`,
  dayOnly: (count: number) =>
    `${rows(count)} ${count === 1 ? 'has' : 'have'} no time of day: noon is taken.`,
  firstOnes: 'The first ones, as the book will show them',
  take: (count: number, subject: Subject) => `Take in ${some(count, subject)}`,
  taking: (percent: number) => `Taking it in: ${percent} %`,
  taken: (count: number, subject: Subject) =>
    `${some(count, subject)} ${count === 1 ? 'is' : 'are'} in the book.`,
  tookIn: (count: number, subject: Subject) => `${some(count, subject)} taken in.`,
  before: 'Taken in before',
  beforeLine: (file: string, count: number, subject: Subject) =>
    `${file || 'A table'}: ${some(count, subject)}`,
  takeBack: 'Take it back',
  takeBackOf: (file: string) => `Take ${file || 'this table'} back`,
  takingBack: 'Taking it back…',
  takenBack: 'It is taken back. Nothing of it counts any more.',
  changedSince: 'Something of it was changed since: void its entries one by one.',
  found: (shown: string) => `found ${shown}`,
  left: (shown: string) => `left ${shown}`,
  unnamed: 'no name',
} as const;

/** What parts the cells, in a choice. */
export const DELIMITER_WORD: Readonly<Record<Delimiter, string>> = {
  ',': 'commas',
  ';': 'semicolons',
  '\t': 'tabs',
  '|': 'bars',
};

/** How days of a table are written. */
export const DAY_ORDER_WORD: Readonly<Record<DayOrder, string>> = {
  dmy: 'day, month, year',
  mdy: 'month, day, year',
  ymd: 'year, month, day',
};

/** What a table is about. */
export const SUBJECT_WORD: Readonly<Record<Subject, string>> = {
  readings: 'a reading of a tank',
  checks: 'one cup of a check',
};

/** What a column is, in a choice. */
export const ROLE_WORD: Readonly<Record<Role, string>> = {
  when: 'date, or date and time',
  clock: 'time of day',
  place: 'tank or place',
  sample: 'what was read (tank, drain…)',
  ph: 'pH',
  phDips: 'pH, every dip',
  ec: 'EC',
  ecDips: 'EC, every dip',
  ecScale: 'scale of the EC',
  temp: 'temperature',
  level: 'level, L',
  pen: 'pen',
  phPen: 'pen of the pH',
  ecPen: 'pen of the EC',
  buffer: 'buffer or standard',
  found: 'shown as found',
  left: 'shown as left',
  note: 'note',
};
