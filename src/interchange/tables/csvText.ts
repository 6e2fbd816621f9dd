import Papa from 'papaparse';

const LINE_END = '\r\n';

/** Heads and rows as CSV, each line ended by CR LF, the last one too. Source: RFC 4180. */
export function csvText(
  heads: readonly string[],
  rows: readonly (readonly string[])[],
  delimiter: ',' | ';' = ',',
): string {
  const data = { fields: [...heads], data: rows.map((row) => [...row]) };
  const text = Papa.unparse(data, { delimiter, newline: LINE_END });
  // Without rows the heads are ended already: one more would be a row of nothing.
  return text.endsWith(LINE_END) ? text : `${text}${LINE_END}`;
}
