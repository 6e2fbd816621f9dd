import type { BookState, LiveRecord } from './bookState';
import { READINGS_OF_SIDE } from './partsOfBook';
import type { PenId } from '@/records';

/** A side of a pen. */
interface Side {
  readonly penId: PenId;
  readonly side: 'ph' | 'ec';
}

const takenMs = (reading: LiveRecord<'reading'>) => Date.parse(reading.body.takenAt);

/** The readings with a side that are here, oldest first; some of earlier months may be left in storage. */
function usesHere(book: BookState, { penId, side }: Side): readonly LiveRecord<'reading'>[] {
  const key = `${side}/${penId}`;
  return book.partSince(READINGS_OF_SIDE, key, book.hereSinceMs(READINGS_OF_SIDE, key));
}

/** How many of a list that ascends lie before a moment, epoch ms. */
function countBefore<T>(list: readonly T[], atMs: number, msOf: (member: T) => number): number {
  let [low, high] = [0, list.length];
  while (low < high) {
    const middle = (low + high) >> 1;
    if (msOf(list[middle]!) < atMs) low = middle + 1;
    else high = middle;
  }
  return low;
}

/** When a side of a pen was used first, epoch ms; undefined while it was not. */
export const firstUseOf = (book: BookState, penId: PenId, side: 'ph' | 'ec'): number | undefined =>
  book.remember(`firstUse/${side}/${penId}`, () => {
    const first = usesHere(book, { penId, side })[0];
    const firstMs = Math.min(
      first ? takenMs(first) : Infinity,
      book.left.usesMs(`${side}/${penId}`)[0] ?? Infinity,
    );
    return Number.isFinite(firstMs) ? firstMs : undefined;
  });

/** When it was used last, epoch ms; undefined while it was not. */
export function lastUseOf(book: BookState, penId: PenId, side: 'ph' | 'ec'): number | undefined {
  const last = usesHere(book, { penId, side }).at(-1);
  const lastMs = Math.max(
    last ? takenMs(last) : -Infinity,
    book.left.usesMs(`${side}/${penId}`).at(-1) ?? -Infinity,
  );
  return Number.isFinite(lastMs) ? lastMs : undefined;
}

/** How often it was used from a moment on and before another, epoch ms. */
export function usesBetween(
  book: BookState,
  { penId, side }: Side,
  [fromMs, toMs]: readonly [number, number],
): number {
  const here = usesHere(book, { penId, side });
  const left = book.left.usesMs(`${side}/${penId}`);
  const within = <T>(list: readonly T[], msOf: (member: T) => number) =>
    Math.max(0, countBefore(list, toMs, msOf) - countBefore(list, fromMs, msOf));
  return within(here, takenMs) + within(left, (atMs) => atMs);
}

/** How often it was used after a moment, epoch ms. */
export const usesSince = (
  book: BookState,
  { sinceMs, ...side }: Side & { readonly sinceMs: number },
): number => usesBetween(book, side, [sinceMs + 1, Infinity]);

/** How many of a pen's pH readings since a moment (epoch ms) showed more than a value, and of how many. */
export function usesAboveOf(
  book: BookState,
  penId: PenId,
  { abovePh, fromMs }: { readonly abovePh: number; readonly fromMs: number },
): { readonly count: number; readonly of: number } {
  const shown = book
    .partSince(READINGS_OF_SIDE, `ph/${penId}`, fromMs)
    .filter((reading) => takenMs(reading) >= fromMs)
    .map(({ body }) => body.ph!.shown);
  return { count: shown.filter((ph) => ph > abovePh).length, of: shown.length };
}
