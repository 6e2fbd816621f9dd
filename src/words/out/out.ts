import type { DueAnswer, LedgerKind } from '@/book/answers';
import { liquidName } from '../shelf/lotWords';
import type { Formats } from '../formats';
import { QUANTITY_NAME } from '../quantityName';

/** Taking figures out of the book, for other programs. */
export const outSays = {
  title: 'Take out',
  whatFor: 'A file for another program. The book itself stays as it is.',
  everything: 'Everything in the Book.',
  only: (filter: string) => `Only what the Book shows: ${filter}.`,
  as: 'As',
  csv: 'a table',
  csvHint: 'CSV, one kind of entry, for a spreadsheet',
  package: 'all tables',
  packageHint: 'a zip of CSVs that says what each column is',
  calendar: 'a calendar',
  calendarHint: 'due checks, care and dates of bottles',
  kind: 'Entries',
  mark: 'Decimals',
  point: 'with a point',
  comma: 'with a comma',
  save: 'Save the file',
  share: 'Share the file…',
  making: 'Making the file…',
  made: (name: string) => `${name} is in the downloads.`,
  shared: (name: string) => `${name} was handed on.`,
  updates: 'Take it in again later: what moved is moved, nothing is doubled.',
  calendarName: 'Pens and bottles',
} as const;

/** What a file of a kind is called. */
const FILE: Readonly<Record<LedgerKind, string>> = {
  reading: 'readings',
  session: 'checks',
  addition: 'doses',
  jarTest: 'jar-tests',
  careEvent: 'care',
  controlReading: 'controls',
  comparison: 'comparisons',
  probe: 'probes',
  lot: 'lots',
  skip: 'passed-by',
};

/** A file's name with its day: readings-2026-11-27.csv. */
export function outName(what: LedgerKind | 'package' | 'calendar', day: string): string {
  if (what === 'package') return `book-tables-${day}.zip`;
  return what === 'calendar' ? `due-${day}.ics` : `${FILE[what]}-${day}.csv`;
}

/** What stands in a calendar on a day something is due. */
export function dueTitle(due: DueAnswer, formats: Formats): string {
  switch (due.kind) {
    case 'check':
      return `Check ${due.about}, ${QUANTITY_NAME[due.quantity]}`;
    case 'clean':
      return `Clean ${due.about}, ${QUANTITY_NAME[due.quantity]}`;
    case 'soak':
      return `Soak ${due.about}`;
    case 'lot': {
      const code = due.about ? ` (lot ${due.about})` : '';
      return `${liquidName(due.lot, formats)}${code} is past its date from tomorrow`;
    }
  }
}
