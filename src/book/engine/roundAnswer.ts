import type { PenAnswer, RoundAnswer, RoundStop } from '@/book/answers';
import type { BookState } from './bookState';
import { shelfAnswer } from './otherAnswers';
import { PEN_WORDS_WORST_FIRST } from '@/core/schedule';
import { pensThere } from './penAnswers';
import { tanksInUse } from './tankAnswers';

/**
 * Today's round: pens that need a check (or had one today), every tank in its order, lots past their
 * date. `dayStartMs` is the local midnight of the phone that asks.
 */
export function roundAnswer(
  book: BookState,
  { nowMs, dayStartMs }: { nowMs: number; dayStartMs: number },
): RoundAnswer {
  const pens = pensThere(book, nowMs);
  const tanks = tanksInUse(book, nowMs);
  const urgency = (pen: PenAnswer) => PEN_WORDS_WORST_FIRST.indexOf(pen.word);
  const byUrgency = [...pens].sort((a, b) => urgency(a) - urgency(b));
  const penStops = byUrgency.flatMap((pen): RoundStop[] => {
    if (pen.word === 'resting') return [];
    const soaking = pen.sides.find((side) => side.soakUntilMs !== undefined);
    if (pen.word === 'soaking' && soaking?.soakUntilMs)
      return [{ kind: 'soak', pen, endMs: soaking.soakUntilMs, done: false }];
    if (pen.word !== 'ready') return [{ kind: 'pen', pen, done: false }];
    const checkedToday = pen.sides.some((side) => (side.lastCheckMs ?? 0) >= dayStartMs);
    return checkedToday ? [{ kind: 'pen', pen, done: true }] : [];
  });
  const tankStops = tanks.map((tank): RoundStop => {
    if (tank.mixing) {
      const dueMs = Date.parse(tank.mixing.body.rereadAt ?? tank.mixing.body.at);
      return { kind: 'reread', tank, dueMs, done: false };
    }
    if (tank.readAgainMs !== undefined)
      return { kind: 'reread', tank, dueMs: tank.readAgainMs, done: false };
    const done = tank.latest !== undefined && tank.latest.atMs >= dayStartMs;
    return { kind: 'tank', tank, done };
  });
  // A re-read that is due goes before everything; one still mixing waits at its tank's place.
  const dueNow = tankStops.filter((stop) => stop.kind === 'reread' && stop.dueMs <= nowMs);
  const lotStops = shelfAnswer(book, nowMs).flatMap((lot): RoundStop[] =>
    lot.state.word === 'expired' || lot.state.word === 'tooOld'
      ? [{ kind: 'lot', lot, done: false }]
      : [],
  );
  const later = tankStops.filter((stop) => !dueNow.includes(stop));
  const soaks = penStops.filter((stop) => stop.kind === 'soak');
  const checks = penStops.filter((stop) => stop.kind !== 'soak');
  const stops = [...dueNow, ...checks, ...later, ...soaks, ...lotStops];
  return { stops, tankCount: tanks.length, penCount: pens.length };
}
