import type { BookState } from './bookState';
import { penAnswer } from './penAnswers';
import { roundAnswer } from './roundAnswer';
import { inOrder, tankAnswer } from './tankAnswers';

/**
 * What a Round is made of: a pen or a tank at a time, then all of it. Worked out one after the other, its
 * question finds most of it remembered.
 */
export function* roundPieces(book: BookState, nowMs: number): Generator<() => unknown> {
  for (const pen of book.all('pen')) yield () => penAnswer(book, pen, nowMs);
  for (const { id } of inOrder(book)) yield () => tankAnswer(book, id, nowMs);
  yield () => roundAnswer(book, { nowMs });
}
