import type { BookApi } from '../bookApi';
import type { BookState } from './bookState';
import { conflictsAnswer } from './conflicts';
import { doseAnswer } from './doseAnswer';
import { ecDoseAnswer } from './ecDoseAnswer';
import { ledgerAnswer } from './ledgerAnswer';
import { benchAnswer, settingsAnswer, shelfAnswer } from './otherAnswers';
import { lookBackAnswer } from './lookBackAnswer';
import { penDetailAnswer, pensAnswer } from './penAnswers';
import { productsAnswer } from './productsAnswer';
import { roundAnswer } from './roundAnswer';
import { shoppingAnswer } from './shoppingAnswer';
import {
  readAnswer,
  readingsPage,
  tankAnswer,
  tankHistoryAnswer,
  tanksAnswer,
} from './tankAnswers';
import { rowsAnswer } from './rowsAnswer';
import { timersAnswer } from './timersAnswer';
import { waterUseAnswer } from './waterUseAnswer';

/** The questions of the book worker. */
export type Questions = Omit<
  BookApi,
  | 'open'
  | 'append'
  | 'setDevice'
  | 'chooseBook'
  | 'catchUp'
  | 'loadDraft'
  | 'keepDraft'
  | 'exportBook'
  | 'openFile'
  | 'takeFile'
  | 'resolve'
>;

/** Answers every question of a screen from the book in memory. */
export function answerBook(book: () => BookState): Questions {
  return {
    conflicts: async () => conflictsAnswer(book()),
    rows: async (kind) => rowsAnswer(book(), kind),
    round: async (nowMs, dayStartMs) => roundAnswer(book(), { nowMs, dayStartMs }),
    tanks: async (nowMs) => tanksAnswer(book(), nowMs),
    tank: async (id, nowMs) => tankAnswer(book(), id, nowMs),
    tankHistory: async (id, sample) => tankHistoryAnswer(book(), id, sample),
    readingsPage: async (tankId, sample, count) => readingsPage(book(), { tankId, sample, count }),
    waterUse: async (tankId, nowMs) => waterUseAnswer(book(), tankId, nowMs),
    read: async (nowMs) => readAnswer(book(), nowMs),
    pens: async (nowMs) => pensAnswer(book(), nowMs),
    pen: async (id, nowMs) => penDetailAnswer(book(), id, nowMs),
    bench: async (penId, quantity, nowMs) => benchAnswer(book(), { penId, quantity, nowMs }),
    lookBack: async (penId, quantity, checkMs) =>
      lookBackAnswer(book(), { penId, quantity, checkMs }),
    foundLookBack: async (penId, quantity, found) =>
      lookBackAnswer(book(), { penId, quantity, found }),
    dose: async (tankId, nowMs) => doseAnswer(book(), tankId, nowMs),
    ecDose: async (tankId, nowMs) => ecDoseAnswer(book(), tankId, nowMs),
    products: async () => productsAnswer(book()),
    timers: async (nowMs) => timersAnswer(book(), nowMs),
    shopping: async (nowMs) => shoppingAnswer(book(), nowMs),
    shelf: async (nowMs) => shelfAnswer(book(), nowMs),
    ledger: async (count) => ledgerAnswer(book(), count),
    settings: async () => settingsAnswer(book()),
  };
}
