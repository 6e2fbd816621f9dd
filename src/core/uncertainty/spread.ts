import { normalCdf } from '../statistics';
import { COVERAGE_FACTOR, OUTSIDE_SHARE } from './constants';

/**
 * How a value's error is spread: one normal, or two about the same mean where with some probability
 * the pen jumped unseen. Standard deviations in the unit of the value.
 */
export interface Spread {
  readonly stdU: number;
  readonly jump?: { readonly probability: number; readonly stdU: number } | undefined;
}

/**
 * The probability that the error lies below `distance`.
 * `probabilityBelow(0.1, { stdU: 0.05 }) // => 0.977`
 */
export function probabilityBelow(distance: number, { stdU, jump }: Spread): number {
  const calm = normalCdf(distance / stdU);
  if (!jump) return calm;
  return (1 - jump.probability) * calm + jump.probability * normalCdf(distance / jump.stdU);
}

const density = (x: number, stdU: number) =>
  Math.exp(-0.5 * (x / stdU) ** 2) / (stdU * Math.sqrt(2 * Math.PI));

/** A step this small leaves an error of about its cube. */
const ENOUGH = 1e-3;

/** Halley's steps; the tail is smooth and convex, a handful is plenty. */
const STEPS = 8;

/**
 * The expanded uncertainty U: the error lies beyond ±U in 4.55 % of cases. 2·u for one normal; for
 * two solved by Halley's method from 2·u.
 * `expandedUOf({ stdU: 0.04, jump: { probability: 0.1, stdU: 0.2 } }) // => 0.15`
 */
export function expandedUOf({ stdU, jump }: Spread): number {
  const start = COVERAGE_FACTOR * stdU;
  if (!jump || jump.probability < 1e-9) return start;
  const { probability, stdU: jumped } = jump;
  let u = start;
  for (let step = 0; step < STEPS; step += 1) {
    const [calm, wide] = [1 - probability, probability];
    const outside = 2 * (calm * normalCdf(-u / stdU) + wide * normalCdf(-u / jumped));
    const [near, far] = [calm * density(u, stdU), wide * density(u, jumped)];
    const [excess, slope] = [outside - OUTSIDE_SHARE, 2 * (near + far)];
    const bend = 2 * u * (near / stdU ** 2 + far / jumped ** 2);
    // Far from the answer the bend would lead astray: at most twice Newton's step.
    const change = excess / Math.max(slope - (excess * bend) / (2 * slope), slope / 2);
    u = Math.min(Math.max(u + change, start), COVERAGE_FACTOR * jumped);
    if (Math.abs(change) < ENOUGH * u) break;
  }
  return u;
}

/**
 * Whether the expanded uncertainty is above a limit: more lies beyond it than may.
 * `isWiderThan(0.1, { stdU: 0.04 }) // => false`
 */
export function isWiderThan(limit: number, spread: Spread): boolean {
  const { stdU, jump } = spread;
  if (COVERAGE_FACTOR * stdU > limit) return true;
  if (!jump || COVERAGE_FACTOR * jump.stdU <= limit) return false;
  return 2 * probabilityBelow(-limit, spread) > OUTSIDE_SHARE;
}
