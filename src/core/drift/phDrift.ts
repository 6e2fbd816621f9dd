import type { PhAnchor, PhMap } from '../calibration';
import { PRIOR_GAIN_RATE_PER_DAY, PRIOR_OFFSET_RATE_PH_PER_DAY } from './constants';
import { driftRate, widenedStdU, type DriftRate } from './driftRate';
import { incrementsOf, type TrackBreaks } from './increments';
import { segmentAt, type Segment, type TimedCheck } from './segment';

/** A finished check of a pen's pH side. */
export type PhCheck = TimedCheck<PhAnchor>;

/** How fast a pen's offset and gain drift. */
export interface PhRates {
  readonly offset: DriftRate;
  readonly gain: DriftRate;
}

/** A pen's pH side through time. */
export interface PhTrack {
  readonly checks: readonly PhCheck[];
  /** Knocks, dry-outs and the like, epoch ms. */
  readonly incidentsMs: readonly number[];
  /** Rates known once the check at this index was made; computed once. */
  readonly ratesAfter: (index: number) => PhRates;
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

/** One straight piece of what is known. */
export interface PhLineState {
  readonly map: PhMap;
  readonly anchor: PhAnchor;
  readonly spread: PhDriftSpread;
}

/** What is known of a pen's pH side at one moment. Plain data: it travels to the page. */
export type PhPenState =
  | { readonly basis: 'unverified' }
  | ({
      readonly basis: 'checked';
      /** For a pen that adjusts in two pieces: what rules from this display value on. */
      readonly above?: { readonly fromShownPh: number; readonly line: PhLineState } | undefined;
    } & PhLineState);

/** Puts a pen's checks in order of time and remembers what is asked of them again and again. */
export function makePhTrack(
  checks: readonly PhCheck[],
  { incidentsMs = [], probesMs = [] }: TrackBreaks = {},
): PhTrack {
  const sorted = [...checks].sort((a, b) => a.atMs - b.atMs);
  const offsets = incrementsOf(sorted, ({ map }) => map.offsetPh, probesMs);
  const gains = incrementsOf(sorted, ({ map }) => map.gain, probesMs);
  const known = new Map<number, PhRates>();
  const ratesAfter = (index: number): PhRates => {
    const remembered = known.get(index);
    if (remembered) return remembered;
    const until = sorted[index]?.atMs ?? -Infinity;
    const upTo = (list: typeof offsets) => list.filter((increment) => increment.atMs <= until);
    const rates = {
      offset: driftRate(upTo(offsets), PRIOR_OFFSET_RATE_PH_PER_DAY),
      gain: driftRate(upTo(gains), PRIOR_GAIN_RATE_PER_DAY),
    };
    known.set(index, rates);
    return rates;
  };
  return { checks: sorted, incidentsMs: [...incidentsMs, ...probesMs], ratesAfter };
}

const interpolate = (from: number, to: number, fraction: number) => from + fraction * (to - from);

/** Offset and gain go linearly from the as-left of one check to the as-found of the next. */
function between(left: PhAnchor, found: PhAnchor, fraction: number): PhLineState {
  const [start, end] = [left.map, found.map];
  return {
    map: {
      offsetPh: interpolate(start.offsetPh, end.offsetPh, fraction),
      gain: interpolate(start.gain, end.gain, fraction),
    },
    anchor: fraction < 0.5 ? left : found,
    spread: {
      kind: 'between',
      changeOffsetPh: end.offsetPh - start.offsetPh,
      changeGain: end.gain - start.gain,
      fraction,
    },
  };
}

/** A map held over a time, widened by what the pen may have moved. */
function held(anchor: PhAnchor, rates: PhRates, elapsedMs: number): PhLineState {
  const offsetStdU = widenedStdU(rates.offset, elapsedMs);
  const gainStdU = widenedStdU(rates.gain, elapsedMs);
  return { map: anchor.map, anchor, spread: { kind: 'held', offsetStdU, gainStdU } };
}

type Piece = (anchor: PhAnchor) => PhAnchor;

/** One piece of the state in a segment. */
function lineIn(
  track: PhTrack,
  segment: Exclude<Segment, { kind: 'unverified' }>,
  piece: Piece,
): PhLineState {
  const { from } = segment;
  const left = piece(track.checks[from]!.left);
  if (segment.kind === 'held' || segment.kind === 'beforeJump') {
    return held(left, track.ratesAfter(from), segment.elapsedMs);
  }
  const found = piece(track.checks[from + 1]!.found!);
  return segment.kind === 'between'
    ? between(left, found, segment.fraction)
    : held(found, track.ratesAfter(from + 1), segment.elapsedMs);
}

const below: Piece = (anchor) => anchor;
const above: Piece = (anchor) => anchor.above?.anchor ?? anchor;

/**
 * What is known of a pen's pH side at `atMs`: unverified before its first check, interpolated
 * between two, held and widened after the newest (or when the next was adjusted without an as-found
 * reading). Nothing is ever corrected forward by a guessed rate.
 */
export function phPenStateAt(track: PhTrack, atMs: number): PhPenState {
  const segment = segmentAt(track.checks, track.incidentsMs, atMs);
  if (segment.kind === 'unverified') return { basis: 'unverified' };
  const line = lineIn(track, segment, below);
  const { left } = track.checks[segment.from]!;
  const bend = left.above ?? track.checks[segment.from + 1]?.found?.above;
  if (!bend) return { basis: 'checked', ...line };
  const upper = { fromShownPh: bend.fromShownPh, line: lineIn(track, segment, above) };
  return { basis: 'checked', ...line, above: upper };
}

/** The straight piece of a checked state that rules at a display value. */
export function phLineFor(
  state: Extract<PhPenState, { basis: 'checked' }>,
  shownPh: number,
): PhLineState {
  return state.above && shownPh >= state.above.fromShownPh ? state.above.line : state;
}

/**
 * The drift part of the standard uncertainty at a true pH: |Δ|·√(f(1 − f)) between two checks (none
 * beside a check, half the change midway), the widened spread otherwise.
 */
export function phDriftStdU(spread: PhDriftSpread, ph: number): number {
  const distance = ph - 7;
  if (spread.kind === 'held') {
    return Math.sqrt(spread.offsetStdU ** 2 + (spread.gainStdU * distance) ** 2);
  }
  const change = spread.changeOffsetPh + spread.changeGain * distance;
  return Math.abs(change) * Math.sqrt(spread.fraction * (1 - spread.fraction));
}
