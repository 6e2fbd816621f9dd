import { COVERAGE_FACTOR } from '../uncertainty';
import { DAY_MS } from './constants';
import type { DriftRate } from './driftRate';

/** No date by drift lies further off than this, days. */
export const DUE_CAP_DAYS = 90;

/** None lies nearer, days. */
export const DUE_FLOOR_DAYS = 1;

/** A due date by a pen's own drift is offered from this many checks on. */
export const DUE_BY_DRIFT_FROM_CHECKS = 6;

/** What decides when drift alone may have carried a pen out of tolerance. */
export interface DueByDriftInput {
  readonly lastCheckMs: number;
  /** What the pen was left off by where the crops live: pH, or relative for EC. */
  readonly residual: number;
  /** In the unit of the residual. */
  readonly tolerance: number;
  /** Each rate with its lever: 1 for an offset, the distance from pH 7 for a gain. */
  readonly rates: readonly { readonly rate: DriftRate; readonly lever: number }[];
}

/**
 * The first day on which |residual| + 2·u_drift(t) exceeds the tolerance (the drift part only, not
 * a reading's whole budget), at least 1 and at most 90 days after the check. u² = A·t² + B·t, so
 * the day is the root of a quadratic.
 */
export function dueByDriftMs({ lastCheckMs, residual, tolerance, rates }: DueByDriftInput): number {
  const room = (tolerance - Math.abs(residual)) / COVERAGE_FACTOR;
  const square = rates.reduce((sum, { rate, lever }) => sum + (rate.perDay * lever) ** 2, 0) / 3;
  const linear = rates.reduce(
    (sum, { rate, lever }) => sum + (rate.sigmaPerSqrtDay * lever) ** 2,
    0,
  );
  const days = room <= 0 ? 0 : positiveRoot(square, linear, room ** 2);
  return lastCheckMs + Math.min(Math.max(days, DUE_FLOOR_DAYS), DUE_CAP_DAYS) * DAY_MS;
}

/** t > 0 with A·t² + B·t = C, written so that a vanishing A loses no digits; Infinity when A = B = 0. */
function positiveRoot(a: number, b: number, c: number): number {
  const denominator = b + Math.sqrt(b * b + 4 * a * c);
  return denominator > 0 ? (2 * c) / denominator : Infinity;
}
