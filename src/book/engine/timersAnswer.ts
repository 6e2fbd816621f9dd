import { STILL_WINDOW_MS } from '@/core/stillness';
import { HOUR_MS, MINUTE_MS } from '@/core/units';
import type { TimerRow } from '@/book/answers';
import { STOP_GAP_HOURS } from '@/core/schedule';
import type { CareKind, PenId } from '@/records';
import type { BookState } from './bookState';
import { mixingIn } from './additions';
import { careOf, runningSoak } from './penCare';
import { sessionsOf } from './penTrack';
import { lastUseOf } from './penUse';
import { newestReadings } from './readingsOf';

/** A soak that ended stays on the line this long, ms: somebody must take the probe out. */
const ENDED_STAYS_MS = 12 * HOUR_MS;

/** What decides how wet a tip stands: the newest of these. */
const WETS: readonly CareKind[] = ['stopGap', 'capTopUp', 'soak', 'newProbe'];

/** Caps that hold a stop-gap until somebody fills them with storage solution or soaks the probe. */
function stopGaps(book: BookState, nowMs: number): TimerRow[] {
  return book.all('pen').flatMap(({ id, body }): TimerRow[] => {
    if (body.gone) return [];
    const newest = careOf(book, id, 'ph').findLast(({ record }) => WETS.includes(record.body.what));
    if (newest?.record.body.what !== 'stopGap' || newest.atMs > nowMs) return [];
    const endMs = newest.atMs + STOP_GAP_HOURS * HOUR_MS;
    const startMs = newest.atMs;
    return [{ kind: 'stopGap', id: newest.record.id, startMs, endMs, name: body.code, refId: id }];
  });
}

const CLEANED: readonly CareKind[] = ['clean', 'cleanHeavy', 'cleanOil'];

/** Whether the cleaning that a stand in cleaner belongs to was booked: its timer was answered. */
const cleanedAfter = (book: BookState, penId: PenId, sinceMs: number): boolean =>
  careOf(book, penId, 'ph').some(
    ({ record, atMs }) => atMs > sinceMs && CLEANED.includes(record.body.what),
  );

/** Whether a pen was checked or read with after a moment: what ended then was answered. */
const usedAfter = (book: BookState, penId: PenId, sinceMs: number): boolean =>
  (['ph', 'ec'] as const).some((side) =>
    [sessionsOf(book, penId, side).at(-1)?.atMs, lastUseOf(book, penId, side)].some(
      (atMs) => atMs !== undefined && atMs >= sinceMs,
    ),
  );

/** Samples left to stand, until the place is read. */
export function standings(book: BookState, nowMs: number): TimerRow[] {
  return book.all('standing').flatMap(({ id, body }): TimerRow[] => {
    const tank = book.record('tank', body.tankId);
    const [startMs, endMs] = [Date.parse(body.at), Date.parse(body.until)];
    if (!tank || startMs > nowMs || nowMs > endMs + ENDED_STAYS_MS) return [];
    const readAt = newestReadings(book, body, 1)[0]?.body.takenAt;
    if (readAt && Date.parse(readAt) > startMs) return [];
    const { name } = tank.body;
    return [{ kind: 'standing', id, startMs, endMs, name, refId: body.tankId }];
  });
}

/** A watch over a display that stands still stays on the line this long after it ended, ms. */
const STILL_STAYS_MS = 10 * MINUTE_MS;

/** The watches of sittings that are open. */
function watches(book: BookState, nowMs: number): TimerRow[] {
  return book.all('benchDraft').flatMap(({ id, body }): TimerRow[] => {
    const { stillSinceMs: startMs, penId } = body;
    const pen = book.record('pen', penId);
    if (!pen || startMs === undefined || startMs > nowMs) return [];
    const endMs = startMs + STILL_WINDOW_MS;
    if (nowMs > endMs + STILL_STAYS_MS) return [];
    return [{ kind: 'still', id, startMs, endMs, name: pen.body.code, refId: penId }];
  });
}

/** Every timer that runs, or has just run out and was not answered yet, soonest first. */
export function timersAnswer(book: BookState, nowMs: number): readonly TimerRow[] {
  const soaks = book.all('careEvent').flatMap(({ id, body }): TimerRow[] => {
    if (body.until === undefined) return [];
    const endMs = Date.parse(body.until);
    const startMs = Date.parse(body.at);
    const pen = book.record('pen', body.penId);
    if (!pen || pen.body.gone || startMs > nowMs || nowMs > endMs + ENDED_STAYS_MS) return [];
    const side = body.side === 'ec' ? 'ec' : 'ph';
    const row = { id, startMs, endMs, name: pen.body.code, refId: body.penId };
    if (body.what !== 'inCleaner' && usedAfter(book, body.penId, endMs)) return [];
    if (body.what === 'wetElectronics') return [{ kind: 'drying', ...row }];
    if (body.what === 'inCleaner')
      return cleanedAfter(book, body.penId, startMs) ? [] : [{ kind: 'cleaner', ...row }];
    // A later soak of the same probe takes over.
    const newest = runningSoak(book, body.penId, side, Math.min(nowMs, endMs - 1));
    if (newest && newest.record.id !== id) return [];
    return [{ kind: 'soak', ...row }];
  });
  const doses = book.all('tank').flatMap(({ id, body }): TimerRow[] => {
    const mixing = mixingIn(book, id, nowMs);
    if (!mixing) return [];
    const endMs = Date.parse(mixing.record.body.rereadAt!);
    const { atMs: startMs, record } = mixing;
    return [{ kind: 'mixing', id: record.id, startMs, endMs, name: body.name, refId: id }];
  });
  return [
    ...soaks,
    ...stopGaps(book, nowMs),
    ...doses,
    ...standings(book, nowMs),
    ...watches(book, nowMs),
  ].sort((a, b) => a.endMs - b.endMs);
}
