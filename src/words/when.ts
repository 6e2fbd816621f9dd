import { differenceInCalendarDays } from 'date-fns/differenceInCalendarDays';
import { startOfDay } from 'date-fns/startOfDay';
import { DAY_MS, HOUR_MS, MINUTE_MS } from '@/core/units';

/** By number, as `Date` counts them. Not asked of the browser, which builds its rules anew for each date. */
const WEEKDAYS = ['Sun', 'Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat'] as const;
const MONTHS = [
  ...['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun'],
  ...['Jul', 'Aug', 'Sept', 'Oct', 'Nov', 'Dec'],
];

const twoDigits = (value: number) => String(value).padStart(2, '0');

/** Local midnight of the day a moment lies in. */
export function dayStart(ms: number): number {
  return startOfDay(ms).getTime();
}

/** Whole local days from one moment to another; today is 0. Safe across summer time. */
export function daysBetween(fromMs: number, toMs: number): number {
  return differenceInCalendarDays(toMs, fromMs);
}

/** Eleven months: longer ago than this a date without its year could be meant of this year, ms. */
const SAME_YEAR_MS = 335 * DAY_MS;

/** Due dates and the like lie less than this ahead, ms; a date further on bears its year. */
const SOON_MS = 100 * DAY_MS;

/** Whether a date must bear its year to be understood. */
function needsYear(ms: number, nowMs: number): boolean {
  return ms < nowMs - SAME_YEAR_MS || ms > nowMs + SOON_MS;
}

/** A day as people say it: Tue 24 Nov; with its year where it is not of the last eleven months. */
export function shortDay(ms: number, nowMs: number = Date.now()): string {
  const weekday = WEEKDAYS[new Date(ms).getDay()]!;
  return `${weekday} ${needsYear(ms, nowMs) ? dayMonthYear(ms) : dayMonth(ms)}`;
}

/** A time of day: 07:30. */
export function clock(ms: number): string {
  const at = new Date(ms);
  return `${twoDigits(at.getHours())}:${twoDigits(at.getMinutes())}`;
}

/** How long ago, for the line under a number: "just now", "12 min ago", "today 07:30", "19 d ago". */
export function ago(ms: number, nowMs: number): string {
  const elapsedMs = nowMs - ms;
  if (elapsedMs < -10 * MINUTE_MS) return `on ${shortDay(ms, nowMs)}`;
  if (elapsedMs < 2 * MINUTE_MS) return 'just now';
  if (elapsedMs < HOUR_MS) return `${Math.round(elapsedMs / MINUTE_MS)} min ago`;
  const days = daysBetween(ms, nowMs);
  if (days === 0) return `today ${clock(ms)}`;
  if (days === 1) return 'yesterday';
  return `${days} d ago`;
}

/** A due date: "today", "tomorrow", "by Fri 27 Nov", "2 d ago". */
export function dueBy(ms: number, nowMs: number): string {
  const days = daysBetween(nowMs, ms);
  if (days < 0) return `${-days} d ago`;
  if (days === 0) return 'today';
  return days === 1 ? 'tomorrow' : `by ${shortDay(ms, nowMs)}`;
}

/** Seconds as m:ss. */
export function minutesSeconds(totalS: number): string {
  const whole = Math.max(0, Math.floor(totalS));
  return `${Math.floor(whole / 60)}:${twoDigits(whole % 60)}`;
}

/** A day along an axis: 24 Nov. */
export function dayMonth(ms: number): string {
  const at = new Date(ms);
  return `${at.getDate()} ${MONTHS[at.getMonth()]!}`;
}

/** A moment to come within a day or so: "14:30", "tomorrow 07:12", "Fri 27 Nov 07:12". */
export function dueTime(ms: number, nowMs: number): string {
  const days = daysBetween(nowMs, ms);
  if (days === 0) return clock(ms);
  return `${days === 1 ? 'tomorrow' : shortDay(ms, nowMs)} ${clock(ms)}`;
}

/** A day with its year: 24 Nov 2026. */
export function dayMonthYear(ms: number): string {
  return `${dayMonth(ms)} ${new Date(ms).getFullYear()}`;
}

/** A day of a pen's papers, kept as year-month-day, as people say it; any other text as it stands. */
export const paperDay = (text: string): string =>
  /^\d{4}-\d{2}-\d{2}$/.test(text) ? dayMonthYear(Date.parse(`${text}T12:00:00`)) : text;

/** What stands under an axis of so long a time: hours of a day, days, or months with their year. */
export function axisWriter(
  [fromMs, toMs]: readonly [number, number],
  nowMs: number = Date.now(),
): (ms: number) => string {
  const days = (toMs - fromMs) / DAY_MS;
  if (days <= 2) return clock;
  if (days <= 300) return needsYear(fromMs, nowMs) ? dayMonthYear : dayMonth;
  return (ms) => {
    const at = new Date(ms);
    return `${MONTHS[at.getMonth()]!} ${at.getFullYear()}`;
  };
}
