import { MIN_TELLING_EC_GAIN, type EcAnchor } from '../calibration';
import { PRIOR_EC_GAIN_RATE_PER_DAY } from './constants';
import { driftRate, widenedStdU, type DriftRate } from './driftRate';
import { incrementsOf, type TrackBreaks } from './increments';
import { segmentAt, type TimedCheck } from './segment';

/** A gain that may be divided by: below it the pen tells nothing, and nothing rests on it. */
const telling = (gain: number) => Math.max(gain, MIN_TELLING_EC_GAIN);

/** A finished check of a pen's EC side. */
export type EcCheck = TimedCheck<EcAnchor>;

/** A pen's EC side through time. */
export interface EcTrack {
  readonly checks: readonly EcCheck[];
  readonly incidentsMs: readonly number[];
  /** The rate known once the check at this index was made; computed once. */
  readonly rateAfter: (index: number) => DriftRate;
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

/** Puts a pen's checks in order of time and remembers what is asked of them again and again. */
export function makeEcTrack(
  checks: readonly EcCheck[],
  { incidentsMs = [], probesMs = [] }: TrackBreaks = {},
): EcTrack {
  const sorted = [...checks].sort((a, b) => a.atMs - b.atMs);
  const gains = incrementsOf(sorted, ({ gain }) => gain, probesMs);
  const known = new Map<number, DriftRate>();
  const rateAfter = (index: number): DriftRate => {
    const remembered = known.get(index);
    if (remembered) return remembered;
    const until = sorted[index]?.atMs ?? -Infinity;
    const rate = driftRate(
      gains.filter((increment) => increment.atMs <= until),
      PRIOR_EC_GAIN_RATE_PER_DAY,
    );
    known.set(index, rate);
    return rate;
  };
  return { checks: sorted, incidentsMs: [...incidentsMs, ...probesMs], rateAfter };
}

/**
 * What is known of a pen's EC side at `atMs`; the same rules as for pH: unverified, interpolated
 * with |Δ|·√(f(1 − f)), or held and widened.
 */
export function ecPenStateAt(track: EcTrack, atMs: number): EcPenState {
  const segment = segmentAt(track.checks, track.incidentsMs, atMs);
  if (segment.kind === 'unverified') return { basis: 'unverified' };
  const { from } = segment;
  const held = (anchor: EcAnchor, rate: DriftRate, elapsedMs: number): EcPenState => ({
    basis: 'checked',
    gain: anchor.gain,
    anchor,
    driftStdURel: widenedStdU(rate, elapsedMs) / telling(anchor.gain),
  });
  const { left } = track.checks[from]!;
  if (segment.kind === 'held' || segment.kind === 'beforeJump') {
    return held(left, track.rateAfter(from), segment.elapsedMs);
  }
  const found = track.checks[from + 1]!.found!;
  if (segment.kind === 'afterJump') {
    return held(found, track.rateAfter(from + 1), segment.elapsedMs);
  }
  const { fraction } = segment;
  const change = found.gain - left.gain;
  const gain = left.gain + fraction * change;
  const driftStdURel = (Math.abs(change) * Math.sqrt(fraction * (1 - fraction))) / telling(gain);
  return { basis: 'checked', gain, anchor: fraction < 0.5 ? left : found, driftStdURel };
}
