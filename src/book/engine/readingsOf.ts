import type { RecordId } from '@/records';
import type { Sample } from '@/records/kinds';
import type { BookState, LiveRecord } from './bookState';

/** A tank's readings of one kind of sample, newest first. */
export function readingsOf(
  book: BookState,
  tankId: RecordId,
  sample: Sample = 'tank',
): readonly LiveRecord<'reading'>[] {
  const bySample = book.remember('readingsBySample', () => {
    const lists = new Map<string, LiveRecord<'reading'>[]>();
    for (const reading of book.all('reading')) {
      const name = `${reading.body.sampleKind}/${reading.body.tankId}`;
      const list = lists.get(name);
      if (list) list.push(reading);
      else lists.set(name, [reading]);
    }
    for (const list of lists.values()) {
      list.sort((a, b) => (a.body.takenAt < b.body.takenAt ? 1 : -1));
    }
    return lists;
  });
  return bySample.get(`${sample}/${tankId}`) ?? [];
}
