import { COVERAGE_FACTOR } from '../uncertainty';
import { FACTOR_OBSERVATION_SIGMA, FACTOR_PRIOR_SIGMA, FORGET_HALF_DAYS } from './constants';

/** One dose with a reading before and after. */
export interface DoseObservation {
  readonly atMs: number;
  /** What the chemistry alone predicted, pH (negative: down). */
  readonly predictedChangePh: number;
  /** What the readings say happened. */
  readonly observedChangePh: number;
  /** Standard uncertainties of the two readings. */
  readonly beforeStdU: number;
  readonly afterStdU: number;
  /** It went into fresh water: that tells of its alkalinity, not of the feed that followed. */
  readonly freshWater?: boolean | undefined;
  /** The grower left it out. */
  readonly excluded?: boolean | undefined;
}

/** Why an observation was not used. */
export type SkipReason = 'tooSmall' | 'wrongWay' | 'beforeWaterChange' | 'freshWater' | 'excluded';

/** A tank's factor: how much more (or less) it moves than the chemistry says. */
export interface TankFactor {
  /** Posterior median. */
  readonly factor: number;
  /** Posterior spread in log space. */
  readonly sigma: number;
  readonly low: number;
  readonly high: number;
  readonly used: number;
  readonly skipped: readonly { readonly at: number; readonly reason: SkipReason }[];
}

const DAY_MS = 86_400_000;

function skipReason(observation: DoseObservation, changedMs: number): SkipReason | undefined {
  const { atMs, predictedChangePh, observedChangePh, beforeStdU, afterStdU } = observation;
  if (observation.excluded) return 'excluded';
  if (atMs < changedMs) return 'beforeWaterChange';
  if (observation.freshWater) return 'freshWater';
  const u = Math.hypot(beforeStdU, afterStdU);
  if (Math.abs(observedChangePh) < COVERAGE_FACTOR * u || predictedChangePh === 0)
    return 'tooSmall';
  return observedChangePh * predictedChangePh > 0 ? undefined : 'wrongWay';
}

/**
 * Learns a tank's factor from its doses: log(observed/predicted), a log-normal prior of 40 %, each
 * observation 20 % plus what the pens leave on both readings, halved in weight every 30 days and
 * forgotten at a water change. Pairs that moved less than twice their own uncertainty are skipped.
 */
export function learnFactor(
  observations: readonly DoseObservation[],
  { nowMs, changedMs = -Infinity }: { readonly nowMs: number; readonly changedMs?: number },
): TankFactor {
  let weight = 1 / FACTOR_PRIOR_SIGMA ** 2;
  let sum = 0;
  let used = 0;
  const skipped: { at: number; reason: SkipReason }[] = [];
  observations.forEach((observation, at) => {
    const reason = skipReason(observation, changedMs);
    if (reason) {
      skipped.push({ at, reason });
      return;
    }
    const { atMs, predictedChangePh, observedChangePh, beforeStdU, afterStdU } = observation;
    const pens = Math.hypot(beforeStdU, afterStdU) / Math.abs(observedChangePh);
    const ageDays = Math.max(0, (nowMs - atMs) / DAY_MS);
    const freshness = 0.5 ** (ageDays / FORGET_HALF_DAYS);
    const precision = freshness / (FACTOR_OBSERVATION_SIGMA ** 2 + pens ** 2);
    weight += precision;
    sum += precision * Math.log(observedChangePh / predictedChangePh);
    used += 1;
  });
  const mean = sum / weight;
  const sigma = 1 / Math.sqrt(weight);
  return {
    factor: Math.exp(mean),
    sigma,
    low: Math.exp(mean - COVERAGE_FACTOR * sigma),
    high: Math.exp(mean + COVERAGE_FACTOR * sigma),
    used,
    skipped,
  };
}
