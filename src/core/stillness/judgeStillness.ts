import type { Result } from '../result';
import { fitApproach, type Approach, type ApproachRefusal } from './fitApproach';
import { isStill, type DisplaySample, type StillnessPolicy } from './isStill';

/** Whether a display has come to rest, and where it is going. */
export interface StillnessState {
  /** `slow`: no longer moves within the window, yet is still far from its end. */
  readonly word: 'moving' | 'still' | 'slow';
  /** Seconds from the first sample to the newest. */
  readonly elapsedS: number;
  readonly fit: Result<Approach, ApproachRefusal>;
}

/**
 * Judges a display by a window in which it must not move (whole digits), and by where a first-order
 * fit says it ends: a very slow probe passes any window rule while far from its end. Samples sorted
 * by time; live ones, or the values a grower taps in.
 */
export function judgeStillness(
  samples: readonly DisplaySample[],
  policy: StillnessPolicy,
): StillnessState {
  const first = samples[0]?.atMs ?? 0;
  const last = samples[samples.length - 1];
  const elapsedS = last ? (last.atMs - first) / 1000 : 0;
  const approach = samples.map(({ atMs, shown }) => ({ atS: (atMs - first) / 1000, shown }));
  const fit = fitApproach(approach, policy.resolution);
  if (!last || !isStill(samples, policy)) return { word: 'moving', elapsedS, fit };
  const span = Math.max(policy.span, policy.resolution);
  // Only an end that lies away beyond its own error speaks against it.
  const away = fit.ok ? Math.abs(fit.value.endValue - last.shown) - 2 * fit.value.endStdU : 0;
  return { word: away > span ? 'slow' : 'still', elapsedS, fit };
}
