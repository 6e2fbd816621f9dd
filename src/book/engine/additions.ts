import type { RecordId } from '@/records';
import type { BookState, LiveRecord } from './bookState';
import { readingsOf } from './readingsOf';

/** An addition with its moment. */
export interface TimedAddition {
  readonly record: LiveRecord<'addition'>;
  readonly atMs: number;
}

/** What was poured into a tank, by time. */
export function additionsOf(book: BookState, tankId: RecordId): readonly TimedAddition[] {
  const byTank = book.remember('additionsByTank', () => {
    const lists = new Map<RecordId, TimedAddition[]>();
    for (const record of book.all('addition')) {
      const entry = { record, atMs: Date.parse(record.body.at) };
      const list = lists.get(record.body.tankId);
      if (list) list.push(entry);
      else lists.set(record.body.tankId, [entry]);
    }
    for (const list of lists.values()) list.sort((a, b) => a.atMs - b.atMs);
    return lists;
  });
  return byTank.get(tankId) ?? [];
}

/** Whether it was poured for the pH. */
export const isPhDose = ({ record }: TimedAddition): boolean =>
  record.body.what === 'acid' || record.body.what === 'base';

/** Doses made on a reading: acid or base for its pH, stock or water for its EC. */
export function dosesOn(
  book: BookState,
  readingId: RecordId,
  quantity: 'ph' | 'ec',
): readonly LiveRecord<'addition'>[] {
  const byReading = book.remember('additionsByReading', () => {
    const lists = new Map<RecordId, LiveRecord<'addition'>[]>();
    for (const record of book.all('addition')) {
      const { readingId: on } = record.body;
      if (on !== undefined) lists.set(on, [...(lists.get(on) ?? []), record]);
    }
    return lists;
  });
  const forPh = ['acid', 'base'];
  return (byReading.get(readingId) ?? []).filter(
    ({ body }) => forPh.includes(body.what) === (quantity === 'ph'),
  );
}

/**
 * The dose in a tank that waits for its re-read at `nowMs`, if any: until somebody reads the tank once
 * it is mixed, however late.
 */
export function mixingIn(
  book: BookState,
  tankId: RecordId,
  nowMs: number,
): TimedAddition | undefined {
  const last = additionsOf(book, tankId).findLast(({ record }) => record.body.rereadAt);
  if (!last || last.atMs > nowMs) return undefined;
  // What is read while it mixes does not end the wait.
  const mixedMs = Date.parse(last.record.body.rereadAt!);
  const reread = readingsOf(book, tankId).some(({ body }) => Date.parse(body.takenAt) >= mixedMs);
  return reread ? undefined : last;
}
