import type { DueAnswer } from '@/book/answers';
import { careDueAnswer } from './careDueAnswer';
import type { BookState } from './bookState';
import { pensThere } from './penAnswers';
import { shelfAnswer } from './otherAnswers';

/** Everything that falls due on a known day: checks, cleanings, soaks, dates of bottles. */
export function dueDays(book: BookState, nowMs: number): readonly DueAnswer[] {
  const pens = pensThere(book, nowMs).flatMap(({ id, body, sides }): DueAnswer[] => {
    const record = book.record('pen', id);
    const care = record ? careDueAnswer(book, record, nowMs) : [];
    const checks = sides.flatMap(({ quantity, dueAtMs }): DueAnswer[] =>
      dueAtMs === undefined
        ? []
        : [{ kind: 'check', id, about: body.code, quantity, atMs: dueAtMs }],
    );
    const cleaned = care.flatMap(({ side, cleanAtMs, soakAtMs }): DueAnswer[] => [
      ...(cleanAtMs === undefined
        ? []
        : [{ kind: 'clean' as const, id, about: body.code, quantity: side, atMs: cleanAtMs }]),
      ...(soakAtMs === undefined
        ? []
        : [{ kind: 'soak' as const, id, about: body.code, quantity: side, atMs: soakAtMs }]),
    ]);
    return [...checks, ...cleaned];
  });
  const lots = shelfAnswer(book, nowMs).flatMap(({ id, body, state }): DueAnswer[] =>
    state.goodUntilMs === undefined || state.word === 'empty'
      ? []
      : [{ kind: 'lot', id, about: body.lotCode, lot: body, atMs: state.goodUntilMs }],
  );
  return [...pens, ...lots].sort((a, b) => a.atMs - b.atMs);
}
