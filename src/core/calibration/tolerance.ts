import { requireFinite } from '../result';
import { TOLERANCE, type TolerancePolicy } from './constants';
import type { Quantity } from './quantity';

/** How far off a value may be: an interval round its target, both ends in the unit of the target. */
export interface Tolerance {
  readonly low: number;
  readonly high: number;
  /** One digit in the same unit, where it is counted in digits. */
  readonly digit?: number | undefined;
}

/** How far a leaflet lets a display lie below and above its target, in the display's unit. */
export interface Leaflet {
  readonly below: number;
  readonly above: number;
}

/** What decides how far off a display may be. */
export interface ToleranceRule {
  readonly target: number;
  /** To either side, or as a leaflet prints it, lopsided. */
  readonly tolerance: number | Leaflet;
  /** One digit of the display. */
  readonly resolution: number;
}

/** How a shown value compares. */
export interface ToleranceResult {
  /** Shown − target, in the display's unit. */
  readonly error: number;
  readonly within: boolean;
}

const digitsOf = (value: number, resolution: number) => Math.round(value / resolution);

/**
 * The displays that are within tolerance of a target: whole digits round the digit nearest to it,
 * never fewer than one to each side (a 0.1 pen cannot show 7.02). Resolution must be positive.
 * `displayTolerance({ target: 7.01, tolerance: 0.05, resolution: 0.1 }).high // => 7.1`
 */
export function displayTolerance({ target, tolerance, resolution }: ToleranceRule): Tolerance {
  if (!(resolution > 0)) throw new RangeError('resolution must be positive');
  const middle = digitsOf(requireFinite('target', target), resolution);
  const { below, above } =
    typeof tolerance === 'number' ? { below: tolerance, above: tolerance } : tolerance;
  const digits = (side: number) => Math.max(1, digitsOf(side, resolution));
  return {
    low: (middle - digits(below)) * resolution,
    high: (middle + digits(above)) * resolution,
  };
}

/**
 * Whether a display lies within tolerance of its target, counted in whole digits.
 * `withinTolerance(6.96, { target: 7.01, tolerance: 0.05, resolution: 0.01 }).within // => true`
 */
export function withinTolerance(
  shown: number,
  { target, tolerance, resolution }: ToleranceRule,
): ToleranceResult {
  const { low, high } = displayTolerance({ target, tolerance, resolution });
  const at = digitsOf(requireFinite('shown', shown), resolution);
  const within = at >= digitsOf(low, resolution) && at <= digitsOf(high, resolution);
  return { error: shown - target, within };
}

/**
 * How far off a pen may be by its policy, as an interval of its error: pH, or relative for EC. Never
 * narrower than one digit to each side (`digit` in the same unit): the same rule as at a cup. A pen's
 * own leaflet, in the same unit, rules over the policy.
 * `errorTolerance('ph', 'normal', 0.01).high // => 0.05`
 */
export function errorTolerance(
  quantity: Quantity,
  policy: TolerancePolicy | Leaflet,
  digit: number,
): Tolerance {
  const usual = typeof policy === 'string' ? TOLERANCE[quantity][policy] : 0;
  const { below, above } = typeof policy === 'string' ? { below: usual, above: usual } : policy;
  const atLeast = (side: number) => Math.max(side, requireFinite('digit', digit));
  return { low: -atLeast(below), high: atLeast(above), digit };
}

/** Whether an error lies within a tolerance: counted in whole digits, as at a cup. */
export function isWithin(error: number, { low, high, digit }: Tolerance): boolean {
  if (digit === undefined || !(digit > 0)) return error >= low && error <= high;
  const at = digitsOf(error, digit);
  return at >= digitsOf(low, digit) && at <= digitsOf(high, digit);
}
