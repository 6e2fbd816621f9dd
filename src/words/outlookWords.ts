import type { Leaving } from '@/core/forecast';
import { daysBetween, shortDay } from './when';
import { counted } from './counted';

/** Where a tank's value goes: "Rising; leaves its band in about 5 days (3 to 9)." */
export function leavingSentence(leaving: Leaving | undefined, nowMs: number): string {
  if (!leaving) return '';
  const { edge, atMs, earliestMs, latestMs } = leaving;
  if (edge === 'none') return 'Holding still.';
  const way = edge === 'high' ? 'Rising' : 'Falling';
  if (atMs === undefined) return `${way}.`;
  const inDays = (ms: number) => Math.max(0, daysBetween(nowMs, ms));
  const days = inDays(atMs);
  if (days > 60) return `${way} slowly.`;
  const when = days === 0 ? 'today' : days === 1 ? 'tomorrow' : `in about ${counted(days, 'day')}`;
  if (earliestMs === undefined) return `${way}; leaves its band ${when}.`;
  const first = inDays(earliestMs);
  const last = latestMs === undefined ? undefined : inDays(latestMs);
  if (last === undefined || last > 60)
    return `${way}; leaves its band ${when}, ${first === 0 ? 'today' : shortDay(earliestMs)} at the earliest.`;
  return first === last
    ? `${way}; leaves its band ${when}.`
    : `${way}; leaves its band ${when} (${first} to ${last}).`;
}
