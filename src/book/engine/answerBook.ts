import { writeCsv, writePackage } from '@/interchange/tables';
import type { BookApi } from '../bookApi';
import type { HouseApi } from '@/book/houseApi';
import { inTurns } from '../longWork';
import type { TableDesk } from '../tableDeskApi';
import { amendEffects } from './amendEffects';
import { bookNames } from './bookNames';
import type { BookState } from './bookState';
import { conflictsAnswer } from './conflicts';
import { doseAnswer, dosePlanAnswer } from './doseAnswer';
import { dueDays } from './dueDays';
import { ecDoseAnswer } from './ecDoseAnswer';
import { entryAnswer } from './entryAnswer';
import { eraseAnswer } from './eraseAnswer';
import { intakesAnswer } from './intakesAnswer';
import { ledgerAnswer } from './ledgerAnswer';
import { benchAnswer, settingsAnswer, shelfAnswer } from './otherAnswers';
import { lookBackAnswer } from './lookBackAnswer';
import { penDetailAnswer, pensAnswer } from './penAnswers';
import { outTable, outTables } from './outTables';
import { penSheets } from './penSheets';
import { productsAnswer } from './productsAnswer';
import { roundAnswer } from './roundAnswer';
import type { Copied } from './roundCopy';
import { shoppingAnswer } from './shoppingAnswer';
import {
  readAnswer,
  readingsPage,
  tankAnswer,
  tankHistoryAnswer,
  tanksAnswer,
} from './tankAnswers';
import { labelsAnswer } from './labelsAnswer';
import { rowsAnswer } from './rowsAnswer';
import { columnPieces } from './tankColumns';
import { timersAnswer } from './timersAnswer';
import { waterUseAnswer } from './waterUseAnswer';

/** The questions of the book worker. */
export type Questions = Omit<
  BookApi,
  | keyof TableDesk
  | keyof HouseApi
  | 'open'
  | 'append'
  | 'erase'
  | 'undo'
  | 'setDevice'
  | 'chooseBook'
  | 'catchUp'
  | 'health'
  | 'correctClock'
  | 'bringBack'
  | 'beginAnew'
  | 'loadDraft'
  | 'keepDraft'
  | 'practiceRuns'
  | 'keepPracticeRun'
  | 'exportBook'
  | 'stopFile'
  | 'rescue'
  | 'openFile'
  | 'takeFile'
  | 'resolve'
>;

/** Answers every question of a screen from the book in memory. `setNow` tells it the time of the page. */
export function answerBook(
  state: () => BookState,
  setNow: (nowMs: number) => void = () => undefined,
  copied: () => Copied = () => ({ own: false }),
): Questions {
  /** The book as it stands at the moment of the page that asks. */
  const at = (nowMs: number) => {
    setNow(nowMs);
    return state();
  };
  return {
    conflicts: async () => conflictsAnswer(state()),
    labels: async () => labelsAnswer(state()),
    rows: async (kind) => rowsAnswer(state(), kind),
    round: async (nowMs) => roundAnswer(at(nowMs), { nowMs, copied: copied() }),
    tanks: async (nowMs) => tanksAnswer(at(nowMs), nowMs),
    tank: async (id, nowMs) => tankAnswer(at(nowMs), id, nowMs),
    async tankHistory(id, sample) {
      // Years of a tank take a while: a save meanwhile is not held up by them.
      await inTurns(columnPieces(state(), id, sample));
      return tankHistoryAnswer(state(), id, sample);
    },
    readingsPage: async (tankId, sample, count) => readingsPage(state(), { tankId, sample, count }),
    waterUse: async (tankId, nowMs) => waterUseAnswer(at(nowMs), tankId, nowMs),
    read: async (nowMs) => readAnswer(at(nowMs), nowMs),
    pens: async (nowMs) => pensAnswer(at(nowMs), nowMs),
    pen: async (id, nowMs) => penDetailAnswer(at(nowMs), id, nowMs),
    bench: async (penId, quantity, nowMs) => benchAnswer(at(nowMs), { penId, quantity, nowMs }),
    lookBack: async (penId, quantity, checkMs) =>
      lookBackAnswer(state(), { penId, quantity, checkMs }),
    foundLookBack: async (penId, quantity, found) =>
      lookBackAnswer(state(), { penId, quantity, found }),
    dose: async (tankId, nowMs) => doseAnswer(at(nowMs), tankId, nowMs),
    dosePlan: async (tankId, wish, nowMs) => dosePlanAnswer(at(nowMs), { tankId, wish, nowMs }),
    ecDose: async (tankId, nowMs) => ecDoseAnswer(at(nowMs), tankId, nowMs),
    products: async () => productsAnswer(state()),
    timers: async (nowMs) => timersAnswer(at(nowMs), nowMs),
    shopping: async (nowMs) => shoppingAnswer(at(nowMs), nowMs),
    shelf: async (nowMs) => shelfAnswer(at(nowMs), nowMs),
    ledger: async (query, part) => ledgerAnswer(state(), query, part),
    bookNames: async () => bookNames(state()),
    penSheets: async (fromMs, toMs, penId) => penSheets(state(), { penId, fromMs, toMs }),
    outCsv: async (kind, query, mark) =>
      new Blob([writeCsv(outTable(state(), kind, query), mark)], { type: 'text/csv' }),
    outPackage: async (query, nowMs) => {
      const about = { title: 'Book', created: new Date(nowMs).toISOString() };
      const bytes = writePackage(outTables(at(nowMs), query), about);
      return new Blob([bytes as BlobPart], { type: 'application/zip' });
    },
    dueDays: async (nowMs) => dueDays(at(nowMs), nowMs),
    amendEffects: async (changes, nowMs) => amendEffects(at(nowMs), changes, nowMs),
    entry: async (recordId) => entryAnswer(state(), recordId),
    settings: async () => settingsAnswer(state()),
    async erasable(wish, nowMs) {
      return eraseAnswer(at(nowMs), wish, nowMs);
    },
    intakes: async () => intakesAnswer(state()),
  };
}
