import type { PhAnchor, PhMap } from '../calibration';
import { PRIOR_GAIN_RATE_PER_DAY, PRIOR_OFFSET_RATE_PH_PER_DAY } from './constants';
import { driftRate, widenedStdU, type DriftIncrement } from './driftRate';

/** A finished check of a pen's pH side; `found` is missing when it was adjusted unseen. */
export interface PhCheck {
  readonly atMs: number;
  readonly found?: PhAnchor | undefined;
  /** Equal to `found` when nothing was adjusted. */
  readonly left: PhAnchor;
}

/** How the drift part of the uncertainty follows from the pH read. */
export type PhDriftSpread =
  | {
      readonly kind: 'between';
      readonly changeOffsetPh: number;
      readonly changeGain: number;
      readonly fraction: number;
    }
  | { readonly kind: 'held'; readonly offsetStdU: number; readonly gainStdU: number };

/** What is known of a pen's pH side at one moment. Plain data: it travels to the page. */
export type PhPenState =
  | { readonly basis: 'unverified' }
  | {
      readonly basis: 'checked';
      readonly map: PhMap;
      readonly anchor: PhAnchor;
      readonly spread: PhDriftSpread;
    };

const interpolate = (from: number, to: number, fraction: number) => from + fraction * (to - from);

/** Offset and gain go linearly from the as-left of one check to the as-found of the next. */
function between(from: PhCheck, to: PhCheck & { found: PhAnchor }, atMs: number): PhPenState {
  const fraction = (atMs - from.atMs) / (to.atMs - from.atMs);
  const [start, end] = [from.left.map, to.found.map];
  const map = {
    offsetPh: interpolate(start.offsetPh, end.offsetPh, fraction),
    gain: interpolate(start.gain, end.gain, fraction),
  };
  const spread: PhDriftSpread = {
    kind: 'between',
    changeOffsetPh: end.offsetPh - start.offsetPh,
    changeGain: end.gain - start.gain,
    fraction,
  };
  return { basis: 'checked', map, anchor: fraction < 0.5 ? from.left : to.found, spread };
}

/** The increments of one part of the map over a pen's checks, as left to next as found. */
function increments(checks: readonly PhCheck[], part: (map: PhMap) => number): DriftIncrement[] {
  return checks.slice(1).flatMap((check, at) => {
    const before = checks[at]!;
    if (!check.found) return [];
    const change = part(check.found.map) - part(before.left.map);
    return [{ change, intervalMs: check.atMs - before.atMs }];
  });
}

/** After the newest check: hold its as-left and widen; never a guessed correction forward. */
function held(checks: readonly PhCheck[], last: PhCheck, atMs: number): PhPenState {
  const known = checks.slice(0, checks.indexOf(last) + 1);
  const offset = driftRate(
    increments(known, (map) => map.offsetPh),
    PRIOR_OFFSET_RATE_PH_PER_DAY,
  );
  const gain = driftRate(
    increments(known, (map) => map.gain),
    PRIOR_GAIN_RATE_PER_DAY,
  );
  const elapsedMs = atMs - last.atMs;
  const spread: PhDriftSpread = {
    kind: 'held',
    offsetStdU: widenedStdU(offset, elapsedMs),
    gainStdU: widenedStdU(gain, elapsedMs),
  };
  return { basis: 'checked', map: last.left.map, anchor: last.left, spread };
}

/**
 * What is known of a pen's pH side at `atMs` from its checks (sorted by time): unverified before
 * the first, interpolated between two, held and widened after the newest (or when the next check
 * was adjusted without an as-found reading).
 */
export function phPenStateAt(checks: readonly PhCheck[], atMs: number): PhPenState {
  const before = checks.filter((check) => check.atMs <= atMs).at(-1);
  if (!before) return { basis: 'unverified' };
  const after = checks[checks.indexOf(before) + 1];
  if (after?.found) return between(before, { ...after, found: after.found }, atMs);
  return held(checks, before, atMs);
}

/**
 * The drift part of the standard uncertainty at a true pH: |Δ|·√(f(1 − f)) between two checks (none
 * beside a check, half the change midway), the widened spread after the newest.
 */
export function phDriftStdU(spread: PhDriftSpread, ph: number): number {
  const distance = ph - 7;
  if (spread.kind === 'held') return Math.hypot(spread.offsetStdU, spread.gainStdU * distance);
  const change = spread.changeOffsetPh + spread.changeGain * distance;
  return Math.abs(change) * Math.sqrt(spread.fraction * (1 - spread.fraction));
}
