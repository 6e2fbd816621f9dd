import type { AheadAnswer } from '../bookApi';
import { writtenLater } from './aheadOfNow';
import type { BookState } from './bookState';
import type { DeviceId } from '@/records';

/** What waits for the grower to say which clock was right; null where nothing does. */
export function aheadAnswer(book: BookState, deviceId: DeviceId): AheadAnswer | null {
  const ahead = book.aheadOfNow();
  if (ahead.length === 0) return null;
  const times = ahead.map((revision) => Date.parse(writtenLater(revision)));
  return {
    count: new Set(ahead.map(({ recordId }) => recordId)).size,
    oldestMs: times.reduce((a, b) => Math.min(a, b)),
    newestMs: times.reduce((a, b) => Math.max(a, b)),
    byThisDevice: ahead.filter(({ device }) => device === deviceId).length,
  };
}
