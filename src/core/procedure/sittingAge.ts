import { DAY_MS, HOUR_MS, MINUTE_MS } from '../units';
import type { BenchEvent } from './benchEvents';

/** How old a sitting is: go on, ask first, or begin afresh. */
export type SittingAge = 'going' | 'left' | 'over';

/** A portion that stood open so long is asked about, ms. */
const ASK_AFTER_MS = HOUR_MS;

/** After so long a pen, its portions and their temperature are others, ms. */
const OVER_AFTER_MS = DAY_MS;

/** What tells when a sitting was last worked at; times are epoch ms. */
export interface SittingTimes {
  readonly startedMs: number;
  readonly events: readonly BenchEvent[];
  /** When it was gone on with after it had been left. */
  readonly resumedMs?: number | undefined;
  /** When the dip under way began. */
  readonly dipSinceMs?: number | undefined;
}

/** When a sitting was last worked at, epoch ms. */
export function lastWorkedMs({ startedMs, events, resumedMs, dipSinceMs }: SittingTimes): number {
  const times = events.flatMap((event) => ('atMs' in event ? [event.atMs] : []));
  return Math.max(startedMs, resumedMs ?? -Infinity, dipSinceMs ?? -Infinity, ...times);
}

/** When its last value was read, epoch ms; undefined where none was. */
export function lastReadMs(events: readonly BenchEvent[]): number | undefined {
  const times = events.flatMap((event) => (event.type === 'read' ? [event.atMs] : []));
  return times.length === 0 ? undefined : Math.max(...times);
}

/** How old a sitting is at a moment: left for an hour it asks before it goes on, after a day it is over. */
export function sittingAge(times: SittingTimes, nowMs: number): SittingAge {
  const agoMs = nowMs - lastWorkedMs(times);
  if (agoMs > OVER_AFTER_MS) return 'over';
  return agoMs > ASK_AFTER_MS ? 'left' : 'going';
}

/**
 * When a pen switches itself off, epoch ms, counted from its last press that we know of: the beginning,
 * a point that was set, being switched on again. Undefined for a pen that stays on.
 */
export function switchesOffMs(
  times: SittingTimes,
  autoOffMinutes: number | null | undefined,
): number | undefined {
  if (!autoOffMinutes) return undefined;
  const presses = times.events.flatMap((event) =>
    event.type === 'switchedOff' || (event.type === 'read' && event.phase === 'asLeft')
      ? [event.atMs]
      : [],
  );
  const last = Math.max(times.startedMs, times.resumedMs ?? -Infinity, ...presses);
  return last + autoOffMinutes * MINUTE_MS;
}
