import { DAY_MS } from '../units';
import { type Dip, type Tolerance } from '../calibration';
import { probabilityBelow, type Spread } from '../uncertainty';
import { BankWalk } from './bank';
import type { PenCheck } from './events';
import { varianceAt, type PenState } from './penState';
import { knownOf, stateAfter, type KnownThen, type PenTrack } from './track';

/** No date by drift lies further off than this, days. */
export const DUE_CAP_DAYS = 90;

/** None lies nearer, days. */
const DUE_FLOOR_DAYS = 1;

/** A date by a pen's own drift is offered from this many checks on. */
const DUE_BY_DRIFT_FROM_CHECKS = 2;

/** The chance of being out of tolerance at which a pen is due. */
const DUE_PROBABILITY = 0.05;

/** Where and how far off a pen may be. */
export interface DueRule {
  /** p* − 7 for pH, 0 for EC. */
  readonly lever: number;
  /** Interval of the error: pH, or relative. */
  readonly tolerance: Tolerance;
}

/** How a pen's error at a lever is spread; in pH, or ln for EC. */
export function errorSpread({ variance, jump }: PenState, lever: number): Spread {
  const own = varianceAt(variance, lever);
  const stdU = Math.sqrt(own);
  if (!jump) return { stdU };
  const { probability, variance: more } = jump;
  return { stdU, jump: { probability, stdU: Math.sqrt(own + more) } };
}

/** The tolerance in the model's own terms: EC errors are logarithms there. */
function inModelTerms({ low, high }: Tolerance, quantity: PenState['quantity']): Tolerance {
  if (quantity === 'ph') return { low, high };
  return { low: Math.log1p(Math.max(low, -0.99)), high: Math.log1p(high) };
}

/** The probability that the pen is out of tolerance. */
export function probabilityOut(state: PenState, { lever, tolerance }: DueRule): number {
  const { low, high } = inModelTerms(tolerance, state.quantity);
  const mean = state.level + state.gain * lever;
  const spread = errorSpread(state, lever);
  return probabilityBelow(low - mean, spread) + 1 - probabilityBelow(high - mean, spread);
}

/** Whole days after a moment before the pen is out of tolerance by more than 1 in 20: 1 to 90. */
export function daysWithin(track: PenTrack, known: KnownThen, rule: DueRule): number {
  let days = DUE_FLOOR_DAYS;
  for (let next = DUE_FLOOR_DAYS + 1; next <= DUE_CAP_DAYS; next += 1) {
    const state = stateAfter(track, known, known.atMs + next * DAY_MS);
    if (probabilityOut(state, rule) > DUE_PROBABILITY) break;
    days = next;
  }
  return days;
}

/** When the pen is due by its own drift, epoch ms; undefined before its second check. */
export function dueByDriftMs(track: PenTrack, rule: DueRule): number | undefined {
  const checked = track.checks.filter(({ found, left }) => found.length + left.length > 0);
  if (checked.length < DUE_BY_DRIFT_FROM_CHECKS) return undefined;
  const known = track.knownAt(track.ends.length - 1);
  return known.atMs + daysWithin(track, known, rule) * DAY_MS;
}

/** The cups of a dip as they would show right after an adjustment. */
const asAdjusted = (dip: Dip): Dip => ({ ...dip, difference: 0 });

/**
 * When it would be due if it were adjusted now, every cup taken exactly. Undefined without a check
 * that tells of its cups.
 */
export function dueIfAdjustedMs(track: PenTrack, rule: DueRule, nowMs: number): number | undefined {
  const last = track.checks.findLast(({ found, left }) => found.length + left.length > 0);
  if (!last) return undefined;
  const cups = last.left.length > 0 ? last.left : last.found;
  const levers = new Set(cups.map(({ lever }) => lever));
  const adjusted: PenCheck = {
    ...last,
    atMs: Math.max(nowMs, track.events.at(-1)!.atMs),
    found: [],
    adjusted: { offset: true, gain: levers.size > 1, bend: false },
    left: cups.map(asAdjusted),
    afterCleaning: false,
  };
  const facts = { ...track.facts, events: [...track.events, adjusted] };
  const bank = new BankWalk(facts).bank();
  const known = knownOf(bank, bank.nodes.at(-1)!);
  return known.atMs + daysWithin(track, known, rule) * DAY_MS;
}
