import { DAY_MS } from '@/core/units';
import type { TopUpWeek } from '@/book/answers';
import { afterTopUps } from '@/core/tank-belief';
import { additionsOf } from './additions';
import type { BookState } from './bookState';
import { tankBelief } from './tankBelief';
import { watersOf } from './watersOf';
import type { TankId } from '@/records';

/** How far back top-ups are looked at, days, and from how many on they are a habit. */
const WINDOW_DAYS = 42;
const LEAST_TOP_UPS = 3;
const WEEK_DAYS = 7;

/** Litres a day by what was booked: all but the first, over the days they lasted. */
function pouredPerDay(topUps: readonly { readonly atMs: number; readonly litres: number }[]) {
  const [first, ...later] = topUps;
  const days = first ? (topUps.at(-1)!.atMs - first.atMs) / DAY_MS : 0;
  if (topUps.length < LEAST_TOP_UPS || days < 1) return undefined;
  return later.reduce((sum, { litres }) => sum + litres, 0) / days;
}

/**
 * What a week of the usual top-ups does to a tank's pH by their water alone. Undefined where top-ups
 * are no habit yet, their water's alkalinity is not known, or the tank was not read since it was dosed.
 */
export function topUpWeek(book: BookState, id: TankId, nowMs: number): TopUpWeek | undefined {
  const tank = book.record('tank', id)?.body;
  const poured = additionsOf(book, id).filter(
    ({ atMs, record }) => record.body.what === 'water' && atMs > nowMs - WINDOW_DAYS * DAY_MS,
  );
  const litresPerDay = pouredPerDay(
    poured.map(({ atMs, record }) => ({ atMs, litres: record.body.waterL ?? 0 })),
  );
  const shares = poured.at(-1)?.record.body.waters ?? tank?.waters;
  const { alkalinityMmolPerL, ph } = watersOf(book, shares);
  const best = tankBelief(book, id)?.beliefs[0]?.belief;
  if (!tank?.volumeL || !litresPerDay || alkalinityMmolPerL === undefined || !best)
    return undefined;
  const { events } = best.session;
  const readAt = events.findLastIndex(({ kind }) => kind === 'reading');
  if (events.slice(readAt).some(({ kind }) => kind === 'dose' || kind === 'feed')) return undefined;
  const { fromPh, toPh, broughtMolPerL } = afterTopUps(best, {
    perDayRel: litresPerDay / tank.volumeL,
    days: WEEK_DAYS,
    water: { alkalinityMolPerL: alkalinityMmolPerL / 1000, ph },
  });
  return { litresPerDay, broughtMeqPerL: 1000 * broughtMolPerL, fromPh, toPh };
}
