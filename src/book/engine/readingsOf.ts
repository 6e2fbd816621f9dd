import type { RecordId } from '@/records';
import type { BookState, LiveRecord } from './bookState';

/** A tank's readings, newest first. */
export function readingsOf(book: BookState, tankId: RecordId): readonly LiveRecord<'reading'>[] {
  const byTank = book.remember('readingsByTank', () => {
    const lists = new Map<RecordId, LiveRecord<'reading'>[]>();
    for (const reading of book.all('reading')) {
      if (reading.body.sampleKind !== 'tank') continue;
      const list = lists.get(reading.body.tankId);
      if (list) list.push(reading);
      else lists.set(reading.body.tankId, [reading]);
    }
    for (const list of lists.values()) {
      list.sort((a, b) => (a.body.takenAt < b.body.takenAt ? 1 : -1));
    }
    return lists;
  });
  return byTank.get(tankId) ?? [];
}
