import { requireFinite } from '../result';

/** A shown value against what it should be. */
export interface ToleranceCheck {
  readonly shown: number;
  readonly target: number;
  readonly tolerance: number;
  /** One digit of the display. */
  readonly resolution: number;
}

/** How a shown value compares. */
export interface ToleranceResult {
  /** Shown − target, in the display's unit. */
  readonly error: number;
  readonly within: boolean;
}

/**
 * Whether a display lies within tolerance of its target, counted in whole digits and never tighter
 * than one digit: a 0.1 pen cannot show 7.02. Resolution must be positive.
 */
export function withinTolerance(check: ToleranceCheck): ToleranceResult {
  const { shown, target, tolerance, resolution } = check;
  if (!(resolution > 0)) throw new RangeError('resolution must be positive');
  const error = requireFinite('shown', shown) - requireFinite('target', target);
  const allowedDigits = Math.max(1, Math.round(tolerance / resolution));
  return { error, within: Math.round(Math.abs(error) / resolution) <= allowedDigits };
}
