import Papa from 'papaparse';
import { dayParts, dayUtcMs, isClock, type DayParts } from './moments';
import {
  DAY_ORDERS,
  DELIMITERS,
  LOOKED_AT,
  type DayOrder,
  type Delimiter,
  type GuessedShape,
} from './shape';

/** Cells of a text by a delimiter; empty lines are kept, so that lines keep their numbers. */
export const cellsOf = (text: string, delimiter: Delimiter, lines = 0): readonly string[][] =>
  Papa.parse<string[]>(text, { delimiter, preview: lines, skipEmptyLines: false }).data;

const filled = (row: readonly string[]) => row.filter((cell) => cell.trim() !== '').length;
const DIGIT = /\d/;

/** How many cells most lines have, and how many lines have so many. */
function usual(rows: readonly (readonly string[])[]): { cells: number; lines: number } {
  const counts = new Map<number, number>();
  for (const row of rows)
    if (filled(row) > 0) counts.set(row.length, (counts.get(row.length) ?? 0) + 1);
  let best = { cells: 0, lines: 0 };
  for (const [cells, lines] of counts) if (lines > best.lines) best = { cells, lines };
  return best;
}

/** The delimiter by which the most lines have the same number of cells, and more than one. */
function guessDelimiter(text: string): Delimiter {
  const told = DELIMITERS.map((delimiter) => {
    const { cells, lines } = usual(cellsOf(text, delimiter, LOOKED_AT));
    return { delimiter, score: cells > 1 ? lines * Math.min(cells, 20) ** 0.5 : 0 };
  });
  return told.reduce((best, one) => (one.score > best.score ? one : best)).delimiter;
}

/** The first line with as many cells as most, most of which are words; -1 where data begin at once. */
function guessHead(rows: readonly (readonly string[])[]): number {
  const { cells } = usual(rows);
  const at = rows.findIndex((row) => row.length === cells && filled(row) > cells / 2);
  const row = rows[at];
  if (!row) return -1;
  const values = row.filter(
    (cell) => /^\s*[+-]?[\d.,:/\- ]+$/.test(cell) && DIGIT.test(cell),
  ).length;
  return values * 2 > filled(row) ? -1 : at;
}

const COMMA = /^\s*[+-]?\d+,\d+\s*$/;
const POINT = /^\s*[+-]?\d+\.\d+\s*$/;

function guessMark(rows: readonly (readonly string[])[], delimiter: Delimiter): '.' | ',' {
  let [commas, points] = [0, 0];
  for (const row of rows)
    for (const cell of row) {
      if (COMMA.test(cell)) commas += 1;
      else if (POINT.test(cell)) points += 1;
    }
  if (commas === points) return delimiter === ';' && points === 0 && commas > 0 ? ',' : '.';
  return commas > points ? ',' : '.';
}

/** How far an order of year, month and day fits the dates of a table. */
function fitOf(days: readonly DayParts[], order: DayOrder) {
  let [wrong, backwards, spanMs] = [0, 0, 0];
  let before: number | undefined;
  for (const day of days) {
    const ms = dayUtcMs(day, order);
    const year = order === 'ymd' ? day.numbers[0] : day.numbers[2];
    if (ms === undefined || year > 2200) {
      wrong += 1;
      continue;
    }
    if (before !== undefined) {
      spanMs += Math.abs(ms - before);
      if (ms < before) backwards += 1;
    }
    before = ms;
  }
  return { order, wrong, backwards, spanMs };
}

/** The order in which most dates exist; of several, the one in which time goes on steadily. */
function guessDayOrder(
  rows: readonly (readonly string[])[],
  mark: '.' | ',',
): { order: DayOrder; unsure: boolean } {
  const byColumn = Array.from({ length: usual(rows).cells }, (_, column) =>
    rows.flatMap((row) => dayParts(row[column] ?? '') ?? []),
  );
  const days = byColumn.reduce((best, one) => (one.length > best.length ? one : best), []);
  if (days.length === 0) return { order: 'ymd', unsure: false };
  if (days.every(({ yearFirst }) => yearFirst)) return { order: 'ymd', unsure: false };
  const fits = DAY_ORDERS.filter(
    (order) => order !== 'ymd' || days.every(({ numbers }) => numbers[0] < 100),
  )
    .map((order) => fitOf(days, order))
    .sort((a, b) => a.wrong - b.wrong || a.spanMs - b.spanMs);
  const [best, second] = fits;
  if (!best || !second) return { order: best?.order ?? 'ymd', unsure: false };
  if (best.wrong < second.wrong || best.spanMs * 2 < second.spanMs)
    return { order: best.order, unsure: best.wrong > 0 };
  const dotted = rows.some((row) => row.some((cell) => /^\s*\d{1,2}\.\d{1,2}\.\d{2,4}/.test(cell)));
  return { order: dotted || mark === ',' ? 'dmy' : best.order, unsure: true };
}

/** What holds the first lines of any table, UTF-16 units. */
const BEGINNING = 200_000;

/** How a table is written, from its first lines: what parts its cells, its heads, decimals and dates. */
export function guessShape(table: string): GuessedShape {
  const text = table.slice(0, BEGINNING);
  const delimiter = guessDelimiter(text);
  const rows = cellsOf(text, delimiter, LOOKED_AT);
  const headAt = guessHead(rows);
  const body = rows.slice(headAt + 1);
  const mark = guessMark(body, delimiter);
  const { order, unsure } = guessDayOrder(body, mark);
  return { shape: { delimiter, headAt, mark, dayOrder: order }, dayOrderUnsure: unsure };
}

/** Whether most of what stands in a column is dates, or times of day. */
export function holds(cells: readonly string[]): 'days' | 'clocks' | 'other' {
  const told = cells.filter((cell) => cell.trim() !== '');
  const most = told.length * 0.8;
  if (told.length === 0) return 'other';
  if (told.filter((cell) => dayParts(cell)).length >= most) return 'days';
  if (told.filter((cell) => /^\d{10}(\d{3})?$/.test(cell.trim())).length >= most) return 'days';
  return told.filter(isClock).length >= most ? 'clocks' : 'other';
}
