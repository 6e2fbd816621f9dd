/** Anything that stands in a pen's record at a moment: a check of its pH or its EC side. */
export interface TimedCheck<Anchor> {
  readonly atMs: number;
  /** Missing when it was adjusted unseen. */
  readonly found?: Anchor | undefined;
  /** Equal to `found` when nothing was adjusted. */
  readonly left: Anchor;
  /** Cleaned before it was read as found: it no longer tells what past readings suffered. */
  readonly afterCleaning?: boolean | undefined;
}

/** Where a moment lies among a pen's checks. */
export type Segment =
  | { readonly kind: 'unverified' }
  /** Between an as-left and the next as-found; `fraction` of the way. */
  | { readonly kind: 'between'; readonly from: number; readonly fraction: number }
  /** Before a known jump: what was left still held; `elapsedMs` since that check. */
  | { readonly kind: 'beforeJump'; readonly from: number; readonly elapsedMs: number }
  /** After a known jump: what was found already held; `elapsedMs` until that check. */
  | { readonly kind: 'afterJump'; readonly from: number; readonly elapsedMs: number }
  /** After the newest check, or before one that was adjusted unseen. */
  | { readonly kind: 'held'; readonly from: number; readonly elapsedMs: number };

/** Index of the last check at or before `atMs`, or −1. Checks sorted by time. */
export function lastCheckAt(checks: readonly { readonly atMs: number }[], atMs: number): number {
  let [low, high] = [0, checks.length];
  while (low < high) {
    const middle = (low + high) >> 1;
    if (checks[middle]!.atMs <= atMs) low = middle + 1;
    else high = middle;
  }
  return low - 1;
}

/**
 * Where a moment lies. Nobody knows when between two checks a pen moved, so the change is spread
 * evenly; a known incident (knock, dry-out) puts the jump at its time instead. With several
 * incidents it happened at one of them: between the first and the last it stands half way.
 */
export function segmentAt(
  checks: readonly TimedCheck<unknown>[],
  incidentsMs: readonly number[],
  atMs: number,
): Segment {
  const from = lastCheckAt(checks, atMs);
  if (from < 0) return { kind: 'unverified' };
  const start = checks[from]!;
  const end = checks[from + 1];
  if (!end?.found) return { kind: 'held', from, elapsedMs: atMs - start.atMs };
  const jumps = incidentsMs.filter((jump) => jump > start.atMs && jump < end.atMs);
  if (jumps.length === 0) {
    return { kind: 'between', from, fraction: (atMs - start.atMs) / (end.atMs - start.atMs) };
  }
  if (atMs < Math.min(...jumps)) {
    return { kind: 'beforeJump', from, elapsedMs: atMs - start.atMs };
  }
  if (atMs >= Math.max(...jumps)) return { kind: 'afterJump', from, elapsedMs: end.atMs - atMs };
  return { kind: 'between', from, fraction: 0.5 };
}
