import { csvText } from './csvText';
import type { Cell, Field, Table } from './table';

/** How numbers are written, and with it what parts the columns. */
export type DecimalMark = '.' | ',';

/** A text that a spreadsheet would take for a formula, or that was made harmless once already. */
const FORMULA = /^'*[=+\-@\t\r]/;

/** A text made harmless: a leading apostrophe makes it text to a spreadsheet. Numbers are left alone. */
const harmless = (text: string) => (FORMULA.test(text) ? `'${text}` : text);

function written(value: Cell, mark: DecimalMark): string {
  if (value === null) return '';
  if (typeof value === 'number') return String(value).replace('.', mark);
  return typeof value === 'string' ? harmless(value) : String(value);
}

/** A column's head with its unit. */
const head = ({ title, unit }: Field) => (unit ? `${title} [${unit}]` : title);

/**
 * A table as CSV for a spreadsheet: one value a column, units in the heads, lines ended by CR LF, a
 * byte order mark so that ° and µ survive. With a decimal comma columns are parted by semicolons.
 * Source: RFC 4180.
 */
export function writeCsv({ fields, rows }: Table, mark: DecimalMark): string {
  const text = csvText(
    fields.map(head),
    rows.map((row) => row.map((cell) => written(cell, mark))),
    mark === ',' ? ';' : ',',
  );
  return `\uFEFF${text}`;
}
