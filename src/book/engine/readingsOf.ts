import type { Sample } from '@/records/kinds';
import type { BookState, LiveRecord } from './bookState';
import { NeedsEarlier } from './earlierReadings';
import { READINGS_OF_SAMPLE } from './partsOfBook';
import type { TankId } from '@/records';

/** A tank's readings of one kind of sample, newest first. */
export const readingsOf = (
  book: BookState,
  tankId: TankId,
  sample: Sample = 'tank',
): readonly LiveRecord<'reading'>[] => book.part(READINGS_OF_SAMPLE, `${sample}/${tankId}`);

/** The newest of them, so many or as many as there are. */
export function newestReadings(
  book: BookState,
  { tankId, sample = 'tank' }: { readonly tankId: TankId; readonly sample?: Sample },
  count: number,
): readonly LiveRecord<'reading'>[] {
  const key = `${sample}/${tankId}`;
  const sinceMs = book.hereSinceMs(READINGS_OF_SAMPLE, key);
  const newest = book.partSince(READINGS_OF_SAMPLE, key, sinceMs).slice(0, count);
  const last = newest[count - 1];
  // Of what is older only some may be here.
  const isSure = sinceMs === -Infinity || (last && Date.parse(last.body.takenAt) >= sinceMs);
  if (!isSure) throw new NeedsEarlier();
  return newest;
}

/** How many there are. */
export function readingCount(book: BookState, tankId: TankId, sample: Sample): number {
  const key = `${sample}/${tankId}`;
  const sinceMs = book.hereSinceMs(READINGS_OF_SAMPLE, key);
  return book.partSince(READINGS_OF_SAMPLE, key, sinceMs).length + book.left.count(key);
}
