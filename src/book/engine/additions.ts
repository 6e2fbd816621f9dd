import type { BookState, LiveRecord } from './bookState';
import { ADDITIONS_OF_TANK, ADDITIONS_ON_READING } from './partsOfBook';
import { newestReadings } from './readingsOf';
import type { ReadingId, TankId } from '@/records';

/** An addition with its moment. */
export interface TimedAddition {
  readonly record: LiveRecord<'addition'>;
  readonly atMs: number;
}

/** What was poured into a tank, by time. */
export function additionsOf(book: BookState, tankId: TankId): readonly TimedAddition[] {
  return book.remember(`additions/${tankId}`, () =>
    book
      .part(ADDITIONS_OF_TANK, tankId)
      .map((record) => ({ record, atMs: Date.parse(record.body.at) })),
  );
}

/** Whether it was poured for the pH. */
export const isPhDose = ({ record }: TimedAddition): boolean =>
  record.body.what === 'acid' || record.body.what === 'base';

/** Doses made on a reading: acid or base for its pH, stock or water for its EC. */
export function dosesOn(
  book: BookState,
  readingId: ReadingId,
  quantity: 'ph' | 'ec',
): readonly LiveRecord<'addition'>[] {
  const forPh = ['acid', 'base'];
  return book
    .part(ADDITIONS_ON_READING, readingId)
    .filter(({ body }) => forPh.includes(body.what) === (quantity === 'ph'));
}

/**
 * The dose in a tank that waits for its re-read at `nowMs`, if any: until somebody reads the tank once
 * it is mixed, however late.
 */
export function mixingIn(
  book: BookState,
  tankId: TankId,
  nowMs: number,
): TimedAddition | undefined {
  const last = additionsOf(book, tankId).findLast(({ record }) => record.body.rereadAt);
  if (!last || last.atMs > nowMs) return undefined;
  // What is read while it mixes does not end the wait.
  const mixedMs = Date.parse(last.record.body.rereadAt!);
  const reread = newestReadings(book, { tankId }, 1).some(
    ({ body }) => Date.parse(body.takenAt) >= mixedMs,
  );
  return reread ? undefined : last;
}
