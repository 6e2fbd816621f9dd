import { DAY_MS } from '@/core/units';
import type { BookState } from './bookState';
import { begunMs, houseDays } from './houseDays';
import type { Made } from './roundPens';

/** A book smaller than this is soon made again, entries. */
const WORTH_COPYING = 20;

/** A copy older than this is to be made anew, days. */
const COPY_DAYS = 30;

/** A book that was never copied asks for it once it is as old as this, days. */
const FIRST_COPY_DAYS = 7;

/** Whether this device keeps the grower’s own book, and when it last made a file of it, epoch ms. */
export interface Copied {
  readonly own: boolean;
  readonly lastCopyMs?: number | undefined;
}

/** The stop that asks for a copy of the book, where none is fresh; the demo needs none. */
export function copyStops(book: BookState, { own, lastCopyMs }: Copied, nowMs: number): Made[] {
  if (!own || book.size < WORTH_COPYING) return [];
  const days = houseDays(book);
  if (lastCopyMs === undefined) {
    const old = days.dayAfterMs(begunMs(book) ?? nowMs, FIRST_COPY_DAYS) <= nowMs;
    return old ? [{ kind: 'copy', days: undefined, done: false }] : [];
  }
  if (days.dayAfterMs(lastCopyMs, COPY_DAYS) > nowMs) return [];
  const since = Math.round((days.startOfDayMs(nowMs) - days.startOfDayMs(lastCopyMs)) / DAY_MS);
  return [{ kind: 'copy', days: since, done: false }];
}
