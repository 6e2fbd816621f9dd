import { MINUTE_MS } from '@/core/units';
import { ID_PATTERN, idSource, idTimeMs, type RevId } from './ids';

/** How far ahead of this device a known id may lie and still be followed, ms. */
export const FOLLOW_AHEAD_MS = 10 * MINUTE_MS;

/** A source of ids that never fall below the ids it has seen, however this device's clock runs. */
export interface HybridClock {
  /** A new id: later than every id followed so far. */
  readonly makeId: (nowMs: number) => RevId;
  /** Takes note of an id made by another tab, another phone or on an earlier day. */
  readonly observe: (id: RevId, nowMs: number) => void;
}

/**
 * A hybrid logical clock (Kulkarni et al. 2014, reduced to what ids need): the time in an id is the
 * device's own, or one millisecond after the greatest id followed where that is later. An id more
 * than `FOLLOW_AHEAD_MS` ahead of the device is not followed: one phone with a wrong clock must not
 * push the others into next year. The same holds for this device's own ids once its clock was set
 * back by more than that. `random` in [0, 1) may be given for repeatable ids.
 */
export function hybridClock(random?: () => number): HybridClock {
  let next = idSource(random);
  let greatestMs = 0;
  const follow = (atMs: number, nowMs: number) => {
    if (atMs <= nowMs + FOLLOW_AHEAD_MS && atMs > greatestMs) greatestMs = atMs;
  };
  return {
    observe: (id, nowMs) => {
      if (ID_PATTERN.test(id)) follow(idTimeMs(id), nowMs);
    },
    makeId: (nowMs) => {
      if (greatestMs > nowMs + FOLLOW_AHEAD_MS) {
        greatestMs = 0;
        next = idSource(random);
      }
      // One more than what was seen: two sources must not count up the same chance part.
      const id = next(Math.max(nowMs, greatestMs + 1));
      follow(idTimeMs(id) - 1, nowMs);
      return id;
    },
  };
}
