import { counted, daysBetween } from '@/words';

/** A book smaller than this is soon made again. */
const WORTH_COPYING = 20;

/** A copy older than this is to be made anew, days. */
const COPY_DAYS = 30;

/** A reminder to save a copy of the own book; undefined while none is needed. */
export function copyReminder(
  { size, lastCopyMs }: { readonly size: number; readonly lastCopyMs?: number | undefined },
  nowMs: number,
): string | undefined {
  if (size < WORTH_COPYING) return undefined;
  if (lastCopyMs === undefined)
    return 'No copy of this book was ever saved. If this device is lost, so is the book.';
  const days = daysBetween(lastCopyMs, nowMs);
  if (days < COPY_DAYS) return undefined;
  return `The last copy of this book was saved ${counted(days, 'day')} ago.`;
}
