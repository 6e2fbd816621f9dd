/**
 * Drift of a pen with no history, per day. Prior from typical handheld probes: an offset of about
 * 0.1 pH and 1.5 % of gain a month. Replaced by the pen's own record as it grows.
 */
export const PRIOR_OFFSET_RATE_PH_PER_DAY = 0.003;

/** Prior drift of the pH gain, per day (0.05 %). */
export const PRIOR_GAIN_RATE_PER_DAY = 0.0005;

/** Prior drift of an EC pen's gain, per day (0.1 %). */
export const PRIOR_EC_GAIN_RATE_PER_DAY = 0.001;

/** From this many increments on, the pen's own rate stands alone; below, the prior is a floor. */
export const OWN_RATE_FROM_INCREMENTS = 5;

/** One day, ms. */
export const DAY_MS = 86_400_000;
