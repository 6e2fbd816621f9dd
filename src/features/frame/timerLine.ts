import { MINUTE_MS } from '@/core/units';
import type { TimerRow } from '@/book/answers';
import { paths, type Path } from '@/shell/navigation/paths';

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
