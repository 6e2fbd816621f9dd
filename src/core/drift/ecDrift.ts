import type { EcAnchor } from '../calibration';
import { PRIOR_EC_GAIN_RATE_PER_DAY } from './constants';
import { driftRate, widenedStdU } from './driftRate';

/** A finished check of a pen's EC side. */
export interface EcCheck {
  readonly atMs: number;
  readonly found?: EcAnchor | undefined;
  /** Equal to `found` when nothing was adjusted. */
  readonly left: EcAnchor;
}

/** What is known of a pen's EC side at one moment. Plain data: it travels to the page. */
export type EcPenState =
  | { readonly basis: 'unverified' }
  | {
      readonly basis: 'checked';
      readonly gain: number;
      readonly anchor: EcAnchor;
      readonly driftStdURel: number;
    };

/**
 * What is known of a pen's EC side at `atMs` from its checks (sorted by time); the same rules as for
 * pH: unverified, interpolated with |Δ|·√(f(1 − f)), or held and widened.
 */
export function ecPenStateAt(checks: readonly EcCheck[], atMs: number): EcPenState {
  const before = checks.filter((check) => check.atMs <= atMs).at(-1);
  if (!before) return { basis: 'unverified' };
  const after = checks[checks.indexOf(before) + 1];
  if (after?.found) {
    const fraction = (atMs - before.atMs) / (after.atMs - before.atMs);
    const change = after.found.gain - before.left.gain;
    const gain = before.left.gain + fraction * change;
    const driftStdURel = (Math.abs(change) * Math.sqrt(fraction * (1 - fraction))) / gain;
    const anchor = fraction < 0.5 ? before.left : after.found;
    return { basis: 'checked', gain, anchor, driftStdURel };
  }
  const known = checks.slice(0, checks.indexOf(before) + 1);
  const increments = known.slice(1).flatMap((check, at) => {
    const previous = known[at]!;
    if (!check.found) return [];
    return [
      { change: check.found.gain - previous.left.gain, intervalMs: check.atMs - previous.atMs },
    ];
  });
  const rate = driftRate(increments, PRIOR_EC_GAIN_RATE_PER_DAY);
  const driftStdURel = widenedStdU(rate, atMs - before.atMs) / before.left.gain;
  return { basis: 'checked', gain: before.left.gain, anchor: before.left, driftStdURel };
}
