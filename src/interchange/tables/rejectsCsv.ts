import { csvText } from './csvText';

/** Rows that were not taken in, as they stand in their file. */
interface Rejects<Trouble> {
  readonly heads: readonly string[];
  readonly delimiter: string;
  readonly rows: readonly {
    readonly line: number;
    readonly trouble: Trouble;
    readonly cells: readonly string[];
  }[];
}

/**
 * The rows that were not taken in, as they stood, each with its line and why: mended, the file can be
 * taken in. `why` says a trouble in words.
 */
export function rejectsCsv<Trouble>(
  { heads, delimiter, rows }: Rejects<Trouble>,
  why: (trouble: Trouble) => string,
): string {
  const padded = (cells: readonly string[]) => heads.map((_head, at) => cells[at] ?? '');
  return csvText(
    [...heads, 'line', 'why it was not taken in'],
    rows.map(({ line, trouble, cells }) => [...padded(cells), String(line), why(trouble)]),
    delimiter === ';' ? ';' : ',',
  );
}
