import type { RecordId } from '@/records';
import type { BookState, LiveRecord } from './bookState';
import { READINGS_OF_SIDE } from './partsOfBook';

/** When a side of a pen was used, epoch ms, by time. */
export function usesOf(book: BookState, penId: RecordId, side: 'ph' | 'ec'): readonly number[] {
  return book.remember(`uses/${side}/${penId}`, () =>
    book.part(READINGS_OF_SIDE, `${side}/${penId}`).map(({ body }) => Date.parse(body.takenAt)),
  );
}

const takenMs = (reading: LiveRecord<'reading'> | undefined) =>
  reading && Date.parse(reading.body.takenAt);

/** When a side of a pen was used first, epoch ms; undefined while it was not. */
export const firstUseOf = (
  book: BookState,
  penId: RecordId,
  side: 'ph' | 'ec',
): number | undefined =>
  book.remember(`firstUse/${side}/${penId}`, () =>
    takenMs(book.part(READINGS_OF_SIDE, `${side}/${penId}`)[0]),
  );

/** When it was used last, epoch ms; undefined while it was not. */
export const lastUseOf = (
  book: BookState,
  penId: RecordId,
  side: 'ph' | 'ec',
): number | undefined => takenMs(book.part(READINGS_OF_SIDE, `${side}/${penId}`).at(-1));

/** How often it was used after a moment, epoch ms. */
export function usesSince(
  book: BookState,
  { penId, side, sinceMs }: { penId: RecordId; side: 'ph' | 'ec'; sinceMs: number },
): number {
  const readings = book.part(READINGS_OF_SIDE, `${side}/${penId}`);
  let [low, high] = [0, readings.length];
  while (low < high) {
    const middle = (low + high) >> 1;
    if (takenMs(readings[middle])! > sinceMs) high = middle;
    else low = middle + 1;
  }
  return readings.length - low;
}

/** How many of a pen's pH readings since a moment (epoch ms) showed more than a value, and of how many. */
export function usesAboveOf(
  book: BookState,
  penId: RecordId,
  { abovePh, fromMs }: { readonly abovePh: number; readonly fromMs: number },
): { readonly count: number; readonly of: number } {
  const shown = book
    .part(READINGS_OF_SIDE, `ph/${penId}`)
    .filter(({ body }) => Date.parse(body.takenAt) >= fromMs)
    .map(({ body }) => body.ph!.shown);
  return { count: shown.filter((ph) => ph > abovePh).length, of: shown.length };
}
