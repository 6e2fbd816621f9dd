import type { PenAnswer, PenDetailAnswer, SessionRow } from '@/book/answers';
import { worstWord } from '@/core/schedule';
import type { BookState, LiveRecord } from './bookState';
import { comparisonsOf } from './comparisons';
import { driftAnswer } from './driftAnswer';
import { careDueAnswer } from './careDueAnswer';
import { careOf } from './penCare';
import { penSide } from './penSide';
import { sessionsOf, sidesOf } from './penTrack';
import { spare } from './spare';
import type { PenId } from '@/records';

/** One pen with the state of each side at `nowMs`; without sides where they cannot be worked out. */
export function penAnswer(book: BookState, pen: LiveRecord<'pen'>, nowMs: number): PenAnswer {
  return spare(
    book,
    pen.body.code,
    () => penNow(book, pen, nowMs),
    () => ({
      id: pen.id,
      revId: pen.head.revId,
      body: pen.body,
      word: 'cantBeTrusted',
      sides: [],
      openBench: [],
    }),
  );
}

function penNow(book: BookState, pen: LiveRecord<'pen'>, nowMs: number): PenAnswer {
  const sides = sidesOf(pen).flatMap((quantity) => penSide(book, pen, { quantity, nowMs }) ?? []);
  const openBench = book
    .all('benchDraft')
    .filter(({ body }) => body.penId === pen.id)
    .map(({ body }) => body.quantity);
  const word = worstWord(sides.map((side) => side.word));
  return { id: pen.id, revId: pen.head.revId, body: pen.body, word, sides, openBench };
}

/** All pens, by code. */
export function pensAnswer(book: BookState, nowMs: number): readonly PenAnswer[] {
  return [...book.all('pen')]
    .sort((a, b) => a.body.code.localeCompare(b.body.code, 'en', { numeric: true }))
    .map((pen) => penAnswer(book, pen, nowMs));
}

/** The pens that are there: what is lost, sold or broken is offered nowhere. */
export const pensThere = (book: BookState, nowMs: number): readonly PenAnswer[] =>
  pensAnswer(book, nowMs).filter(({ body }) => body.gone === undefined);

/** A session as a row. */
export function sessionRow(book: BookState, record: LiveRecord<'session'>): SessionRow {
  const penCode = book.record('pen', record.body.penId)?.body.code ?? '?';
  const atMs = Date.parse(record.body.finishedAt);
  const { revId, by } = record.head;
  return { id: record.id, revId, body: record.body, penCode, atMs, by };
}

/** One pen with its sessions and care, newest first, and the drift of each side. */
export function penDetailAnswer(book: BookState, id: PenId, nowMs: number): PenDetailAnswer | null {
  const pen = book.record('pen', id);
  if (!pen) return null;
  const sessions = (['ph', 'ec'] as const)
    .flatMap((quantity) => sessionsOf(book, id, quantity))
    .sort((a, b) => b.atMs - a.atMs)
    .map(({ record }) => sessionRow(book, record));
  const seen = new Map(
    (['ph', 'ec'] as const).flatMap((side) =>
      careOf(book, id, side).map((care) => [care.record.id, care] as const),
    ),
  );
  const care = [...seen.values()]
    .sort((a, b) => b.atMs - a.atMs)
    .map(({ record, atMs }) => ({
      id: record.id,
      revId: record.head.revId,
      body: record.body,
      atMs,
      by: record.head.by,
    }));
  const answer = penAnswer(book, pen, nowMs);
  const drift = answer.sides.flatMap((side) =>
    spare(
      book,
      pen.body.code,
      () => driftAnswer(book, pen, side, nowMs) ?? [],
      () => [],
    ),
  );
  return {
    careDue: careDueAnswer(book, pen, nowMs),
    ...answer,
    sessions,
    care,
    drift,
    comparisons: comparisonsOf(book, id),
  };
}
