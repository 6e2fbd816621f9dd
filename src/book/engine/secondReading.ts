import { MINUTE_MS } from '@/core/units';
import type { ReadingRow } from '@/book/answers';
import type { SecondReading } from '@/core/dosing';
import { newestAgreed } from '@/core/tank-belief';
import { sideOfVerdict } from '@/core/look-back';
import type { Reservoir } from '@/records/kinds';
import { additionsOf, isPhDose } from './additions';
import type { BookState } from './bookState';
import { lastReadSession, mixedMsOf, type TankSession } from './tankSessions';
import { SESSION_MS } from './tankStory';
import { mixingOfTank } from './tankTimeline';
import type { TankId } from '@/records';

/** A tank that can be dosed, with its newest reading. */
interface Dosed {
  readonly body: Reservoir;
  readonly latest?: ReadingRow | undefined;
}

/**
 * A second reading that has to agree before anything more is poured. After a dose only what was read
 * once it had mixed counts; before the first one a second reading settles what is only probable.
 */
export function secondOf(session: TankSession, { body, latest }: Dosed): SecondReading | undefined {
  const verdict = latest?.ph?.judged.verdict ?? 'cantTell';
  const { betweenMinutes } = mixingOfTank(body, body.volumeL);
  const last = session.readings.at(-1);
  if (!last) return undefined;
  const first = { firstPh: last.seen.ph, firstMs: last.atMs };
  const notBeforeMs = last.atMs + MINUTE_MS * betweenMinutes;
  const dose = session.doses.at(-1);
  if (dose) {
    const read = session.readings.findLast(({ after, left }) => after === dose && !left);
    if (!read) return { why: 'notRead', ...first, notBeforeMs: mixedMsOf(dose) };
    return last.lone ? { why: 'afterDose', ...first, notBeforeMs } : undefined;
  }
  const probable = verdict === 'probablyHigh' || verdict === 'probablyLow';
  const seen = session.readings.map((reading) => reading.seen);
  const agreed = newestAgreed(seen, { betweenMinutes }) === seen.length - 1;
  return probable && !agreed ? { why: 'probable', ...first, notBeforeMs } : undefined;
}

/**
 * When a tank dosed today and still out of its band is to be read once more: what was read since
 * stands alone, so nothing is planned on it yet. Undefined where nothing waits.
 */
export function secondWaitedFor(
  book: BookState,
  id: TankId,
  tank: Dosed,
  nowMs: number,
): number | undefined {
  const judged = tank.latest?.ph?.judged;
  const side = judged && sideOfVerdict(judged.verdict);
  const dose = additionsOf(book, id).findLast(isPhDose);
  if ((side !== 'low' && side !== 'high') || !dose || nowMs - dose.atMs > SESSION_MS)
    return undefined;
  const session = lastReadSession(book, id, nowMs);
  const second = session && secondOf(session, tank);
  return second?.why === 'afterDose' ? second.notBeforeMs : undefined;
}
