import type { BookApi } from '../bookApi';
import type { BookState } from './bookState';
import { benchAnswer, ledgerAnswer, settingsAnswer, shelfAnswer } from './otherAnswers';
import { penDetailAnswer, pensAnswer } from './penAnswers';
import { roundAnswer } from './roundAnswer';
import { readAnswer, tankDetailAnswer, tanksAnswer } from './tankAnswers';

/** The questions of the book worker. */
export type Questions = Omit<BookApi, 'open' | 'append' | 'setDevice' | 'chooseBook' | 'catchUp'>;

/** Answers every question of a screen from the book in memory. */
export function answerBook(book: () => BookState): Questions {
  return {
    round: async (nowMs, dayStartMs) => roundAnswer(book(), { nowMs, dayStartMs }),
    tanks: async () => tanksAnswer(book()),
    tank: async (id) => tankDetailAnswer(book(), id),
    read: async (nowMs) => readAnswer(book(), nowMs),
    pens: async (nowMs) => pensAnswer(book(), nowMs),
    pen: async (id, nowMs) => penDetailAnswer(book(), id, nowMs),
    bench: async (penId, quantity, nowMs) => benchAnswer(book(), { penId, quantity, nowMs }),
    shelf: async (nowMs) => shelfAnswer(book(), nowMs),
    ledger: async (count) => ledgerAnswer(book(), count),
    settings: async () => settingsAnswer(book()),
  };
}
