import type { EraseAnswer, ErasedRow } from '@/book/answers';
import { countEntries, countOfKind } from '../kindWords';
import { dayMonthYear } from '../when';

const years = (count: number) => `${count} ${count === 1 ? 'year' : 'years'}`;

/** Letting go of old entries for good. */
export const eraseSays = {
  title: 'Erase for good',
  loading: 'Looking for what may go…',
  what: 'Old readings, checks, doses and care can be let go of. Tanks, pens and bottles stay.',
  kept: (count: number) =>
    `Entries are kept at least ${years(count)}. Settings can make it longer.`,
  nothing: 'Nothing here is older than that.',
  from: 'What happened from',
  beginning: 'the beginning',
  before: 'and before',
  beforeDay: (ms: number, count?: number) =>
    count === undefined ? dayMonthYear(ms) : `${dayMonthYear(ms)}, ${years(count)} ago`,
  of: 'Of',
  everything: 'everything',
  place: (name: string) => `tank or place ${name}`,
  pen: (name: string) => `pen ${name}`,
  goes: ({ count, byKind }: Pick<EraseAnswer, 'count' | 'byKind'>) =>
    count === 0
      ? 'Nothing of it is that old.'
      : `${countEntries(count)} would go: ${byKind
          .map((one) => countOfKind(one.count, one.kind))
          .join(', ')}.`,
  caution: 'What is erased cannot be brought back.',
  cautionWhy: 'No file and no other phone brings it back into this book. Save a copy of it first.',
  house:
    'The house’s computer keeps what phones told it before. The phones fill its folder anew without what is erased: stop Zolder there, remove the folder of the book, start it again.',
  copyFirst: 'Save a copy first',
  making: 'Making the file and reading it back…',
  saved: (name: string) => `${name} is in the downloads.`,
  erase: (count: number) => `Erase ${countEntries(count)}`,
  sure: (count: number) => `Erase ${countEntries(count)} for good?`,
  yes: 'Yes, erase for good',
  no: 'No, leave them',
  erasing: 'Erasing…',
  erased: (count: number) => `${countEntries(count)} ${count === 1 ? 'is' : 'are'} erased.`,
  doneBefore: 'Erased before',
  row: ({ count, fromMs, untilMs, about, thinned }: ErasedRow) =>
    thinned
      ? `Steps of ${count} ended ${count === 1 ? 'sitting' : 'sittings'}; their checks stay.`
      : `${countEntries(count)} ${fromMs === undefined ? '' : `from ${dayMonthYear(fromMs)} and `}before ${dayMonthYear(untilMs)}${about ? `, of ${about}` : ''}.`,
  erasedOn: (ms: number) => `Erased on ${dayMonthYear(ms)}`,
} as const;
