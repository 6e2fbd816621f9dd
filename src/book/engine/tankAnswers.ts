import type { ReadAnswer, ReadingRow, TankAnswer, TankDetailAnswer } from '@/book/answers';
import type { RecordId } from '@/records';
import type { BookState, LiveRecord } from './bookState';
import { pensAnswer } from './penAnswers';
import { readingRow } from './readingRow';

/** How many readings a tank's first page holds. */
const READINGS_SHOWN = 60;

/** A tank's readings, newest first. */
function readingsOf(book: BookState, tankId: RecordId): readonly LiveRecord<'reading'>[] {
  const byTank = book.remember('readingsByTank', () => {
    const lists = new Map<RecordId, LiveRecord<'reading'>[]>();
    for (const reading of book.all('reading')) {
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

/** Rows of the newest readings of a tank. */
function rowsOf(book: BookState, tankId: RecordId, count: number): ReadingRow[] {
  const newest = readingsOf(book, tankId).slice(0, count);
  return newest.flatMap((reading) => readingRow(book, reading) ?? []);
}

/** All tanks in the order of the round, each with its newest reading. */
export function tanksAnswer(book: BookState): readonly TankAnswer[] {
  return [...book.all('tank')]
    .sort((a, b) => a.body.place - b.body.place || (a.id < b.id ? -1 : 1))
    .map(({ id, head, body }, at) => ({
      id,
      revId: head.revId,
      body,
      number: at + 1,
      latest: rowsOf(book, id, 1)[0],
    }));
}

/** One tank with its newest readings. */
export function tankDetailAnswer(book: BookState, id: RecordId): TankDetailAnswer | null {
  const tank = tanksAnswer(book).find((candidate) => candidate.id === id);
  if (!tank) return null;
  const readings = rowsOf(book, id, READINGS_SHOWN);
  return { ...tank, readings, readingCount: readingsOf(book, id).length };
}

/** What Read needs: tanks, pens with their state now, and the pens last used on each tank. */
export function readAnswer(book: BookState, nowMs: number): ReadAnswer {
  const remembered: Record<string, { phPenId?: string; ecPenId?: string }> = {};
  for (const { id } of book.all('tank')) {
    const recent = readingsOf(book, id).slice(0, 20);
    const phPenId = recent.find(({ body }) => body.ph)?.body.ph?.penId;
    const ecPenId = recent.find(({ body }) => body.ec)?.body.ec?.penId;
    remembered[id] = { phPenId, ecPenId };
  }
  return { tanks: tanksAnswer(book), pens: pensAnswer(book, nowMs), remembered };
}
