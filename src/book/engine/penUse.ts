import type { RecordId } from '@/records';
import type { BookState } from './bookState';

/** When a side of a pen was used, epoch ms, by time. */
export function usesOf(book: BookState, penId: RecordId, side: 'ph' | 'ec'): readonly number[] {
  const byPen = book.remember(`uses/${side}`, () => {
    const lists = new Map<RecordId, number[]>();
    for (const { body } of book.all('reading')) {
      const used = body[side]?.penId;
      if (used === undefined) continue;
      const list = lists.get(used);
      if (list) list.push(Date.parse(body.takenAt));
      else lists.set(used, [Date.parse(body.takenAt)]);
    }
    for (const list of lists.values()) list.sort((a, b) => a - b);
    return lists;
  });
  return byPen.get(penId) ?? [];
}
