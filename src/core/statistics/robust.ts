import { median, medianAbsoluteDeviation } from 'simple-statistics';

/** Turns a median absolute deviation into a standard deviation for normal data. 1/Φ⁻¹(3/4). */
const MAD_TO_SIGMA = 1.4826;

/**
 * The middle value of at least one finite number. Throws `RangeError` when there is none.
 * `medianOf([5.8, 5.9, 9.9]) // => 5.9`
 */
export function medianOf(values: readonly number[]): number {
  if (values.length === 0) throw new RangeError('medianOf needs at least one value');
  return median([...values]);
}

/**
 * A standard deviation that one wild value cannot bend: 1.4826 · MAD. At least one value.
 * `robustSigma([5.8, 5.9, 9.9]) // => 0.148`
 */
export function robustSigma(values: readonly number[]): number {
  if (values.length === 0) throw new RangeError('robustSigma needs at least one value');
  return MAD_TO_SIGMA * medianAbsoluteDeviation([...values]);
}
