import type {
  AdditionRow,
  ExpectedNow,
  ReadAnswer,
  ReadingRow,
  TankAnswer,
  TankDetailAnswer,
  TankHistoryAnswer,
} from '@/book/answers';
import type { RecordId } from '@/records';
import { additionsOf, mixingIn, type TimedAddition } from './additions';
import type { BookState } from './bookState';
import { pensAnswer } from './penAnswers';
import { readingRow } from './readingRow';
import { readingsOf } from './readingsOf';
import { tankColumns } from './tankColumns';
import { expectedNow, leavingOf } from './tankOutlook';

/** How many readings a tank's first page holds. */
const READINGS_SHOWN = 60;

/** An addition as a row. */
export function additionRow({ record, atMs }: TimedAddition): AdditionRow {
  return { id: record.id, revId: record.head.revId, body: record.body, atMs, by: record.head.by };
}

/** Rows of the newest readings of a tank. */
function rowsOf(book: BookState, tankId: RecordId, count: number): ReadingRow[] {
  const newest = readingsOf(book, tankId).slice(0, count);
  return newest.flatMap((reading) => readingRow(book, reading) ?? []);
}

/** All tanks in the order of the round, each with its newest reading. */
export function tanksAnswer(book: BookState, nowMs: number): readonly TankAnswer[] {
  return [...book.all('tank')]
    .sort((a, b) => a.body.place - b.body.place || (a.id < b.id ? -1 : 1))
    .map(({ id, head, body }, at) => {
      const mixing = mixingIn(book, id, nowMs);
      return {
        id,
        revId: head.revId,
        body,
        number: at + 1,
        latest: rowsOf(book, id, 1)[0],
        leaving: leavingOf(book, { id, body }, nowMs),
        mixing: mixing && additionRow(mixing),
      };
    });
}

/** One tank with its newest readings. */
export function tankDetailAnswer(
  book: BookState,
  id: RecordId,
  nowMs: number,
): TankDetailAnswer | null {
  const tank = tanksAnswer(book, nowMs).find((candidate) => candidate.id === id);
  if (!tank) return null;
  const readings = rowsOf(book, id, READINGS_SHOWN);
  return { ...tank, readings, readingCount: readingsOf(book, id).length };
}

/** What Read needs: tanks, pens with their state now, and the pens last used on each tank. */
export function readAnswer(book: BookState, nowMs: number): ReadAnswer {
  const remembered: Record<string, { phPenId?: string; ecPenId?: string }> = {};
  const expected: Record<string, ExpectedNow> = {};
  for (const { id } of book.all('tank')) {
    const recent = readingsOf(book, id).slice(0, 20);
    const phPenId = recent.find(({ body }) => body.ph)?.body.ph?.penId;
    const ecPenId = recent.find(({ body }) => body.ec)?.body.ec?.penId;
    remembered[id] = { phPenId, ecPenId };
    expected[id] = expectedNow(book, id, nowMs);
  }
  return { tanks: tanksAnswer(book, nowMs), pens: pensAnswer(book, nowMs), remembered, expected };
}

/** A tank's whole history, for charts. */
export function tankHistoryAnswer(book: BookState, id: RecordId): TankHistoryAnswer {
  return {
    columns: tankColumns(book, id),
    additions: additionsOf(book, id).map(additionRow),
  };
}
