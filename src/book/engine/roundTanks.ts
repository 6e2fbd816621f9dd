import { DAY_MS } from '@/core/units';
import type { OutOfBand, TankAnswer } from '@/book/answers';
import type { BookState } from './bookState';
import { houseDays } from './houseDays';
import { todayOf, type Made } from './roundPens';

/** What of a tank's newest reading is surely out of its band. */
function outOfBand({ latest }: TankAnswer): readonly OutOfBand[] {
  return (['ph', 'ec'] as const).flatMap((quantity) => {
    const verdict = latest?.[quantity]?.judged?.verdict;
    return verdict === 'low' || verdict === 'high' ? [{ quantity, side: verdict }] : [];
  });
}

/**
 * A tank's stop: a dose to be read again; read today and out of band, to be corrected; to be read by
 * its own interval, or read today. None on the days between.
 */
function tankStop(book: BookState, tank: TankAnswer, nowMs: number): Made[] {
  const days = houseDays(book);
  const { dayMs } = todayOf(book, nowMs);
  if (tank.mixing) {
    const dueMs = Date.parse(tank.mixing.body.rereadAt ?? tank.mixing.body.at);
    return [{ kind: 'reread', tank, dueMs, done: false }];
  }
  if (tank.readAgainMs !== undefined)
    return [{ kind: 'reread', tank, dueMs: tank.readAgainMs, done: false }];
  const { latest, body } = tank;
  const off = outOfBand(tank);
  if (latest && latest.atMs >= dayMs)
    return off.length > 0
      ? [{ kind: 'correct', tank, off, done: false }]
      : [{ kind: 'tank', tank, missedDays: 0, done: true }];
  if (!latest) return [{ kind: 'tank', tank, missedDays: 0, done: false }];
  const every = body.readEveryDays ?? 1;
  const dueMs = days.dayAfterMs(latest.atMs, every);
  // Out of its band it is looked at every day.
  if (dueMs > dayMs && off.length === 0) return [];
  const missedDays = Math.max(0, Math.round((dayMs - dueMs) / DAY_MS));
  return [{ kind: 'tank', tank, missedDays, done: false }];
}

/** The stops of the tanks in their order. */
export const tankStops = (
  book: BookState,
  tanks: readonly TankAnswer[],
  nowMs: number,
): readonly Made[] => tanks.flatMap((tank) => tankStop(book, tank, nowMs));
