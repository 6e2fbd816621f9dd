import { TZDate } from '@date-fns/tz';
import { addDays } from 'date-fns/addDays';
import { startOfDay } from 'date-fns/startOfDay';
import type { HouseDays } from '@/core/schedule';
import type { BookState } from './bookState';

/** Whether this device knows a zone by that name. */
function isKnown(zone: string): boolean {
  try {
    return Boolean(new Intl.DateTimeFormat('en', { timeZone: zone }));
  } catch {
    return false;
  }
}

/** The days of a house, also by their dates. */
export interface HouseCalendar extends HouseDays {
  /** When a day begins, by its date as year-month-day; epoch ms. */
  beginsMs(date: string): number;
}

/** The days of a zone by its name; an unknown one counts as UTC. */
export function daysIn(zone: string): HouseCalendar {
  const known = isKnown(zone) ? zone : 'UTC';
  const at = (ms: number) => new TZDate(ms, known);
  return {
    startOfDayMs: (atMs) => startOfDay(at(atMs)).getTime(),
    dayAfterMs: (atMs, days) => addDays(startOfDay(at(atMs)), days).getTime(),
    beginsMs: (date) => {
      const [year, month, day] = date.split('-').map(Number);
      return new TZDate(year!, month! - 1, day!, known).getTime();
    },
  };
}

/**
 * The zone of the house: where its first tank, else its first pen, was written down. A phone that
 * travels changes nothing of what is due at home.
 */
const houseZone = (book: BookState): string => begunBy(book)?.zone ?? 'UTC';

/** What the house began with: the first that was written down of its tanks and pens. */
function begunBy(book: BookState) {
  const written = (['tank', 'pen'] as const).flatMap((kind) =>
    book.all(kind).map(({ revisions }) => revisions.map(({ at, zone }) => ({ at, zone }))),
  );
  return written.flat().sort((a, b) => (a.at < b.at ? -1 : 1))[0];
}

/** When the house began its book, epoch ms; undefined while it has neither tank nor pen. */
export const begunMs = (book: BookState): number | undefined => {
  const first = begunBy(book);
  return first && Date.parse(first.at);
};

/** The days of the house a book belongs to. */
export const houseDays = (book: BookState): HouseCalendar =>
  book.remember('houseDays', () => daysIn(houseZone(book)));
