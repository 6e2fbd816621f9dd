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

/** How many of a pen's pH readings since a moment (epoch ms) showed more than a value, and of how many. */
export function usesAboveOf(
  book: BookState,
  penId: RecordId,
  { abovePh, fromMs }: { readonly abovePh: number; readonly fromMs: number },
): { readonly count: number; readonly of: number } {
  const shown = book
    .all('reading')
    .filter(({ body }) => body.ph?.penId === penId && Date.parse(body.takenAt) >= fromMs)
    .map(({ body }) => body.ph!.shown);
  return { count: shown.filter((ph) => ph > abovePh).length, of: shown.length };
}
