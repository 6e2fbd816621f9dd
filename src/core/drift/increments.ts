import type { DriftIncrement } from './driftRate';
import type { TimedCheck } from './segment';

/** An increment with the moment it was known. */
export interface TimedIncrement extends DriftIncrement {
  readonly atMs: number;
}

/** Moments at which a pen's line breaks. */
export interface TrackBreaks {
  /** Knocks, dry-outs and the like: the change between two checks happened there. */
  readonly incidentsMs?: readonly number[] | undefined;
  /** A new probe was fitted: what it shows has nothing to do with the old one. */
  readonly probesMs?: readonly number[] | undefined;
}

/**
 * How much one quantity moved from each as-left to the next as-found, by time. Checks adjusted
 * unseen or read after cleaning, or first of a new probe tell nothing of the drift and give none.
 */
export function incrementsOf<Anchor>(
  checks: readonly TimedCheck<Anchor>[],
  quantity: (anchor: Anchor) => number,
  probesMs: readonly number[] = [],
): readonly TimedIncrement[] {
  return checks.slice(1).flatMap((check, at) => {
    const before = checks[at]!;
    if (!check.found || check.afterCleaning) return [];
    if (probesMs.some((fitted) => fitted > before.atMs && fitted <= check.atMs)) return [];
    const change = quantity(check.found) - quantity(before.left);
    return [{ change, intervalMs: check.atMs - before.atMs, atMs: check.atMs }];
  });
}
