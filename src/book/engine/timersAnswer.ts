import type { TimerRow } from '@/book/answers';
import type { BookState } from './bookState';
import { mixingIn } from './additions';
import { runningSoak } from './penCare';

/** A soak that ended stays on the line this long, ms: somebody must take the probe out. */
const ENDED_STAYS_MS = 12 * 3_600_000;

/** Every timer that runs, or has just run out: soaks and doses being mixed, soonest first. */
export function timersAnswer(book: BookState, nowMs: number): readonly TimerRow[] {
  const soaks = book.all('careEvent').flatMap(({ id, body }): TimerRow[] => {
    if (body.until === undefined) return [];
    const endMs = Date.parse(body.until);
    const startMs = Date.parse(body.at);
    const pen = book.record('pen', body.penId);
    if (!pen || startMs > nowMs || nowMs > endMs + ENDED_STAYS_MS) return [];
    const side = body.side === 'ec' ? 'ec' : 'ph';
    // A later soak of the same probe takes over.
    const newest = runningSoak(book, body.penId, side, Math.min(nowMs, endMs - 1));
    if (newest && newest.record.id !== id) return [];
    return [{ kind: 'soak', id, startMs, endMs, name: pen.body.code, refId: body.penId }];
  });
  const doses = book.all('tank').flatMap(({ id, body }): TimerRow[] => {
    const mixing = mixingIn(book, id, nowMs);
    if (!mixing) return [];
    const endMs = Date.parse(mixing.record.body.rereadAt!);
    const { atMs: startMs, record } = mixing;
    return [{ kind: 'mixing', id: record.id, startMs, endMs, name: body.name, refId: id }];
  });
  return [...soaks, ...doses].sort((a, b) => a.endMs - b.endMs);
}
