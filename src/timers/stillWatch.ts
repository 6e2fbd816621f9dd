import { STILL_WINDOW_MS } from '@/core/stillness';

/** A dip being watched; times are epoch ms and survive a reload. */
export interface StillTimes {
  readonly dipSinceMs?: number | undefined;
  /** Since when the display did not move. */
  readonly stillSinceMs?: number | undefined;
}

/** Where the watch stands. */
export interface StillWatch {
  readonly running: boolean;
  readonly still: boolean;
  /** Seconds since the last movement, at most the window. */
  readonly elapsedS: number;
  readonly remainingS: number;
  /** How long it took to come to rest, once it is still. */
  readonly settleS?: number | undefined;
}

/** The watch at `nowMs`: still when nothing moved for 30 s. Right after any sleep of the phone. */
export function stillWatch({ dipSinceMs, stillSinceMs }: StillTimes, nowMs: number): StillWatch {
  if (stillSinceMs === undefined) {
    return { running: false, still: false, elapsedS: 0, remainingS: STILL_WINDOW_MS / 1000 };
  }
  const elapsedMs = Math.min(Math.max(0, nowMs - stillSinceMs), STILL_WINDOW_MS);
  const still = elapsedMs >= STILL_WINDOW_MS;
  const settleS = Math.max(0, (stillSinceMs - (dipSinceMs ?? stillSinceMs)) / 1000);
  return {
    running: true,
    still,
    elapsedS: elapsedMs / 1000,
    remainingS: Math.ceil((STILL_WINDOW_MS - elapsedMs) / 1000),
    settleS: still ? settleS : undefined,
  };
}
