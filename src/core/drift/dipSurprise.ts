import type { Dip } from '../calibration';
import { DOUBTFUL_DIP_SIGMAS } from './model';
import { varianceAt, type PenState } from './penState';

/**
 * How far a dip lies from what is expected of its pen, in standard deviations of that expectation: the
 * pen's state, the dip's own doubt and scatter, its bottle taken as a new one.
 */
export function dipSurprise(state: PenState, dip: Dip, repeatStdU: number): number {
  const expected = state.level + state.gain * dip.lever;
  const variance =
    varianceAt(state.variance, dip.lever) +
    dip.variance +
    repeatStdU ** 2 +
    (dip.lot?.stdU ?? 0) ** 2;
  return Math.abs(dip.difference - expected) / Math.sqrt(variance);
}

/** Whether a dip is worth a second one in a fresh portion: one cannot tell a jump from dirt. */
export function isDoubtfulDip(state: PenState, dip: Dip, repeatStdU: number): boolean {
  return state.standing === 'checked' && dipSurprise(state, dip, repeatStdU) > DOUBTFUL_DIP_SIGMAS;
}
