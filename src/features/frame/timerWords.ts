import { HOUR_MS, MINUTE_MS } from '@/core/units';
import type { TimerRow } from '@/book/answers';
import { dueTime, minutesSeconds } from '@/words';
import { paths, type Path } from '@/shell/navigation/paths';

/** A timer in a few words: what, and how much longer. */
export function timerWords({ kind, name, endMs }: TimerRow, nowMs: number): string {
  const leftMs = endMs - nowMs;
  if (kind === 'soak') {
    return leftMs <= 0
      ? `${name}: soak is over, check it`
      : `${name} soaking until ${dueTime(endMs, nowMs)}`;
  }
  if (kind === 'drying') {
    return leftMs <= 0
      ? `${name}: dry by now, check it`
      : `${name} drying until ${dueTime(endMs, nowMs)}`;
  }
  if (kind === 'cleaner') {
    return leftMs <= 0
      ? `${name}: out of the cleaner, rinse and brush`
      : `${name} in cleaner, ${minutesSeconds(leftMs / 1000)}`;
  }
  if (kind === 'stopGap') {
    return leftMs <= 0
      ? `${name}: its cap needs storage solution`
      : `${name}: storage solution into its cap by ${dueTime(endMs, nowMs)}`;
  }
  if (kind === 'standing') {
    return leftMs <= 0
      ? `${name}: stir the sample and read it`
      : `${name}: sample stands until ${dueTime(endMs, nowMs)}`;
  }
  if (kind === 'still') {
    return leftMs <= 0
      ? `${name}: still for 30 s, type what it shows`
      : `${name} in the cup, ${minutesSeconds(leftMs / 1000)}`;
  }
  if (leftMs <= 0) return `${name}: mixed, re-read it`;
  return leftMs < HOUR_MS
    ? `${name} mixing, ${minutesSeconds(leftMs / 1000)}`
    : `${name} mixing until ${dueTime(endMs, nowMs)}`;
}

/**
 * The moment the book is asked about, epoch ms: each minute, between only the time moves. Rounded up: what
 * was started this minute is there at once.
 */
export const timersUntilMs = (nowMs: number): number => Math.ceil(nowMs / MINUTE_MS) * MINUTE_MS;

/** Where a timer leads. */
export function timerHref(timer: TimerRow): Path {
  switch (timer.kind) {
    case 'mixing':
    case 'standing':
      return paths.read({ tank: timer.refId });
    case 'still':
      return paths.bench(timer.refId);
    case 'stopGap':
    case 'cleaner':
      return paths.care(timer.refId);
    case 'soak':
    case 'drying':
      return paths.pen(timer.refId);
  }
}

/** Timers as they stand on the line: those that run first, the soonest first; then those that ended. */
export const inLine = (timers: readonly TimerRow[], nowMs: number): readonly TimerRow[] => [
  ...timers.filter(({ endMs }) => endMs > nowMs),
  ...timers.filter(({ endMs }) => endMs <= nowMs),
];
