import type { DayAhead, LotAnswer, PenAnswer } from '@/book/answers';
import type { BookState } from './bookState';
import { houseDays } from './houseDays';
import { careDates, checkDueMs } from './roundPens';
import { shelfAnswer } from './otherAnswers';
import { stagesBegun } from './tankHeld';

/** How far the round looks ahead, days. */
const AHEAD_DAYS = 7;

/** The days to come on which something falls due, tomorrow first; a day without anything is left out. */
export function roundAhead(
  book: BookState,
  pens: readonly PenAnswer[],
  nowMs: number,
): readonly DayAhead[] {
  const days = houseDays(book);
  const awake = pens.filter(({ word }) => word !== 'resting');
  const lots = shelfAnswer(book, nowMs);
  return Array.from({ length: AHEAD_DAYS }, (_, at) => at + 1).flatMap((ahead): DayAhead[] => {
    const dayMs = days.dayAfterMs(nowMs, ahead);
    const endMs = days.dayAfterMs(nowMs, ahead + 1);
    const falls = (atMs: number | undefined) => atMs !== undefined && atMs >= dayMs && atMs < endMs;
    const codes = (isDue: (pen: PenAnswer) => boolean) =>
      awake.filter(isDue).map(({ body }) => body.code);
    const day = {
      dayMs,
      checks: codes((pen) => falls(checkDueMs(pen))),
      care: codes((pen) =>
        careDates(book, pen, nowMs).some(({ what, dueMs }) => what !== 'cap' && falls(dueMs)),
      ),
      lots: lots.filter(
        ({ state }: LotAnswer) => state.word !== 'empty' && falls(state.goodUntilMs),
      ),
      stages: stagesBegun(book, dayMs, endMs),
    };
    const { checks, care, lots: ending, stages } = day;
    return [checks, care, ending, stages].some((falling) => falling.length > 0) ? [day] : [];
  });
}
