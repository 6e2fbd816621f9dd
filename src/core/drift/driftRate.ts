import { medianOf, robustSigma } from '../statistics';
import { DAY_MS, OWN_RATE_FROM_INCREMENTS } from './constants';

/** How much one quantity moved from an as-left to the next as-found. */
export interface DriftIncrement {
  readonly change: number;
  readonly intervalMs: number;
}

/** How fast a quantity drifts and how unevenly. */
export interface DriftRate {
  /** Median absolute rate, per day. */
  readonly perDay: number;
  /** Robust spread of the increments, per √day. */
  readonly sigmaPerSqrtDay: number;
  /** How many increments it rests on; 0 = prior only. */
  readonly increments: number;
}

/**
 * The rate that widens a pen's uncertainty after its newest check: the median absolute rate and the
 * robust spread of its increments (one dry-out must not bend it). With fewer than five increments
 * `priorPerDay` is the floor of the rate. Increments over no time are ignored.
 */
export function driftRate(increments: readonly DriftIncrement[], priorPerDay: number): DriftRate {
  const usable = increments.filter((increment) => increment.intervalMs > 0);
  if (usable.length === 0) return { perDay: priorPerDay, sigmaPerSqrtDay: 0, increments: 0 };
  const days = usable.map((increment) => increment.intervalMs / DAY_MS);
  const ownPerDay = medianOf(usable.map(({ change }, at) => Math.abs(change) / days[at]!));
  const sigmaPerSqrtDay = robustSigma(
    usable.map(({ change }, at) => change / Math.sqrt(days[at]!)),
  );
  const own = usable.length >= OWN_RATE_FROM_INCREMENTS;
  return {
    perDay: own ? ownPerDay : Math.max(ownPerDay, priorPerDay),
    sigmaPerSqrtDay,
    increments: usable.length,
  };
}

/** Standard uncertainty after `elapsedMs` without a check: √((r·Δt)²/3 + s²·Δt). Grows with time. */
export function widenedStdU(rate: DriftRate, elapsedMs: number): number {
  const days = Math.max(0, elapsedMs) / DAY_MS;
  return Math.sqrt((rate.perDay * days) ** 2 / 3 + rate.sigmaPerSqrtDay ** 2 * days);
}
