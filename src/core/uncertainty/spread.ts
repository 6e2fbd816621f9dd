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

/** The probability that the error lies below `distance`. */
export function probabilityBelow(distance: number, { stdU, jump }: Spread): number {
  const calm = normalCdf(distance / stdU);
  if (!jump) return calm;
  return (1 - jump.probability) * calm + jump.probability * normalCdf(distance / jump.stdU);
}

const density = (x: number, stdU: number) =>
  Math.exp(-0.5 * (x / stdU) ** 2) / (stdU * Math.sqrt(2 * Math.PI));

/** A step this small leaves an error of about its square. */
const ENOUGH = 1e-4;

/** Newton's steps; the tail is smooth and convex, a handful is plenty. */
const STEPS = 8;

/**
 * The expanded uncertainty U: the error lies beyond ±U in 4.55 % of cases. 2·u for one normal; for
 * two solved by Newton's method from 2·u.
 */
export function expandedUOf({ stdU, jump }: Spread): number {
  const start = COVERAGE_FACTOR * stdU;
  if (!jump || jump.probability < 1e-9) return start;
  const { probability, stdU: jumped } = jump;
  let u = start;
  for (let step = 0; step < STEPS; step += 1) {
    const outside =
      (1 - probability) * 2 * normalCdf(-u / stdU) + probability * 2 * normalCdf(-u / jumped);
    const slope = 2 * ((1 - probability) * density(u, stdU) + probability * density(u, jumped));
    const change = (outside - OUTSIDE_SHARE) / slope;
    u = Math.min(Math.max(u + change, start), COVERAGE_FACTOR * jumped);
    if (Math.abs(change) < ENOUGH * u) break;
  }
  return u;
}
