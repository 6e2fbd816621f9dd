import type { RoundAnswer, RoundStop, StopAbout } from '@/book/answers';
import type { BookState } from './bookState';
import { houseDays } from './houseDays';
import { pensThere } from './penAnswers';
import { roundAhead } from './roundAhead';
import { copyStops, type Copied } from './roundCopy';
import { penStops, todayOf, type Made } from './roundPens';
import { shelfStops } from './roundShelf';
import { tankStops } from './roundTanks';
import { tanksInUse } from './tankAnswers';
import { stagesBegun } from './tankHeld';

/** What a stop is about, the same from day to day. */
function stopKey(stop: StopAbout): string {
  switch (stop.kind) {
    case 'reread':
    case 'correct':
    case 'tank':
      return `${stop.kind}/${stop.tank.id}`;
    case 'soak':
    case 'pen':
      return `${stop.kind}/${stop.pen.id}`;
    case 'care':
      return `care/${stop.pen.id}`;
    case 'lot':
      return `lot/${stop.lot.id}`;
    case 'supply':
      return `supply/${stop.liquid.kind}/${stop.liquid.nominal ?? ''}`;
    case 'copy':
      return 'copy';
  }
}

/** With whether it was passed by today, or why the last time. */
function withSkips(book: BookState, stop: Made, dayMs: number): RoundStop {
  const key = stopKey(stop);
  const last = book
    .remember('skips', () => {
      const newest = new Map<string, { atMs: number; why: SkipWhy; by: string }>();
      for (const { body, head } of book.all('skip')) {
        const atMs = Date.parse(body.at);
        if (atMs > (newest.get(body.stop)?.atMs ?? -Infinity))
          newest.set(body.stop, { atMs, why: body.why, by: head.by });
      }
      return newest;
    })
    .get(key);
  if (!last || stop.done) return { ...stop, key };
  return last.atMs >= dayMs
    ? { ...stop, key, skipped: { why: last.why, by: last.by } }
    : { ...stop, key, skippedBefore: last.why };
}

type SkipWhy = NonNullable<RoundStop['skippedBefore']>;

/**
 * Today's round, by the day of the house: re-reads that are due, pens to check and to care for, every
 * tank in its order, soaks, the Shelf, a copy of the book; and what falls due in the week ahead.
 */
export function roundAnswer(
  book: BookState,
  { nowMs, copied = { own: false } }: { readonly nowMs: number; readonly copied?: Copied },
): RoundAnswer {
  const pens = pensThere(book, nowMs);
  const tanks = tanksInUse(book, nowMs);
  const { dayMs, nextDayMs } = todayOf(book, nowMs);
  const ofPens = penStops(book, pens, nowMs);
  const ofTanks = tankStops(book, tanks, nowMs);
  // A re-read that is due goes before everything; one still mixing waits at its tank's place.
  const isDueNow = (stop: Made) => stop.kind === 'reread' && stop.dueMs <= nowMs;
  const stops = [
    ...ofTanks.filter(isDueNow),
    ...ofPens.filter(({ kind }) => kind !== 'soak'),
    ...ofTanks.filter((stop) => !isDueNow(stop)),
    ...ofPens.filter(({ kind }) => kind === 'soak'),
    ...shelfStops(book, pens, nowMs),
    ...copyStops(book, copied, nowMs),
  ].map((stop) => withSkips(book, stop, dayMs));
  return {
    stops,
    ahead: roundAhead(book, pens, nowMs),
    stagesToday: stagesBegun(book, dayMs, nextDayMs),
    stagesTomorrow: stagesBegun(book, nextDayMs, houseDays(book).dayAfterMs(nowMs, 2)),
    tankCount: tanks.length,
    penCount: pens.length,
  };
}
