import type { LedgerVerdict } from '@/book/answers';
import { counted, inGroups } from '../counted';

/** Finding in the Book. */
export const findSays = {
  find: 'Find',
  findHint: 'a name, a note, a lot or device number',
  filter: 'Filter',
  closeFilter: 'Close the filter',
  showAll: 'Show all entries',
  found: (found: number, total: number) =>
    `${inGroups(found)} of ${counted(total, 'entry')}, newest first.`,
  kind: 'What',
  everyKind: 'everything',
  place: 'Tank or place',
  everyPlace: 'all places',
  pen: 'Pen',
  everyPen: 'all pens',
  lotLabel: 'Lot',
  everyLot: 'all lots',
  person: 'Written by',
  everybody: 'everybody',
  verdict: 'What it came to',
  anyVerdict: 'whatever it was',
  fromLabel: 'From day',
  toLabel: 'To day',
  noDay: 'A day, like 2026-07-31.',
  gone: 'taken out of use',
  lot: (name: string) => `lot ${name}`,
  by: (initials: string) => `by ${initials}`,
  withWords: (words: string) => `“${words}”`,
  from: (day: string) => `from ${day}`,
  to: (day: string) => `to ${day}`,
} as const;

/** What an entry came to, as it is looked for. */
export const VERDICT_FOUND: Readonly<Record<LedgerVerdict, string>> = {
  foundGood: 'checks found good',
  adjusted: 'checks that adjusted',
  leftOut: 'checks left out of tolerance',
  inBand: 'readings in band',
  outOfBand: 'readings out of band',
  cantTell: 'readings nobody can judge',
};
