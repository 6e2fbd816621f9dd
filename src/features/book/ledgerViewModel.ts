import type { LedgerRow } from '@/book/answers';
import { paths, type Path } from '@/shell/navigation/paths';
import { clock, dayMonthYear, type Formats } from '@/words';
import { ledgerWords } from '@/words/book/ledgerWords';

/** One line of the Book, in words. */
export interface LedgerLine {
  readonly id: string;
  /** With its year: a book outlives years. */
  readonly day: string;
  readonly time: string;
  readonly title: string;
  readonly detail: string;
  readonly href: Path;
}

/** One entry in words. */
export function ledgerLine(entry: LedgerRow, formats: Formats): LedgerLine {
  const { id, by } = entry.row;
  return {
    id,
    day: dayMonthYear(entry.atMs),
    time: `${clock(entry.atMs)}${by ? ` ${by}` : ''}`,
    ...ledgerWords(entry, formats),
    href: paths.entry(id),
  };
}
