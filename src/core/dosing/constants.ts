/** The first step of a computed dose where the tank is unknown, share. */
export const FIRST_STEP_UNLEARNED = 0.6;

/** The first step with three learned doses, a jar test, or fresh water of measured alkalinity. */
export const FIRST_STEP_KNOWN = 0.8;

/** Learned means at least this many doses. */
export const LEARNED_FROM_DOSES = 3;

/** No step into an unlearned running feed goes beyond this, meq/L. */
export const CAP_UNLEARNED_MEQ_PER_L = 0.1;

/** No step into fresh water takes more than this share of its measured alkalinity. */
export const CAP_FRESH_SHARE = 0.8;

/**
 * No step into a tank in use moves the model (at the strong end of its factor) by more than this, pH.
 * Two tanks of one factor still bend differently: 0.8 by the model keeps every true tank of the
 * property test under 1.0.
 */
export const CAP_STEP_PH = 0.8;

/**
 * No step into fresh water moves the model by more than this, pH, nor water of so much less
 * alkalinity than was measured: hard water goes down in two or three steps, each read again.
 */
export const CAP_FRESH_STEP_PH = 0.9;
export const FRESH_ALKALINITY_SHARE = 0.8;

/** Source water holds at most this many times its alkalinity as carbon: at pH 6.65 and above. */
export const SOURCE_CARBON_TIMES = 1.5;

/**
 * The weakest feed that is thinkable: this share of the usual phosphate, no ammonium, aired. An
 * unlearned dose must do no harm there either.
 */
export const WEAK_FEED_SHARE = 0.2;

/** In the weakest thinkable feed an unlearned dose moves no more than this, pH. */
export const WEAK_FEED_STEP_PH = 0.8;

/** There it passes the band's far edge by no more than this, pH. */
export const WEAK_FEED_BEYOND_PH = 0.1;

/** Spread (log) of a tank's factor before anything is learned: 40 %. */
export const FACTOR_PRIOR_SIGMA = 0.4;

/** Spread (log) of one observation beyond what the pens make: 20 %. */
export const FACTOR_OBSERVATION_SIGMA = 0.2;

/** An observation counts half after this long, days. */
export const FORGET_HALF_DAYS = 30;

/** Alkalinity left in a fresh fill so that it does not air back above 7, meq/L. Trade practice. */
export const LEFT_OVER_MEQ_PER_L = 0.5;

/** With the pump running this long a tank's carbon dioxide is that of the air, hours. */
export const AIRED_AFTER_HOURS = 24;

/** Mixing takes at least this long, minutes, and three turnovers of the pump. */
export const MIXING_MIN_MINUTES = 10;
export const MIXING_TURNOVERS = 3;

/** Acid after base, or base after acid, within this long is chasing, minutes. */
export const CHASING_MINUTES = 60;

/** One drop, mL. Calibrate by counting the drops in 1 mL. */
export const DROP_ML = 0.05;

/** Product is poured into this many times its volume of water first, within the limits of jugs. */
export const PRE_DILUTION_TIMES = 100;
export const PRE_DILUTION_L = { min: 1, max: 10 } as const;

/**
 * What a jar test's dose may be too much by: the dropper, the dilution and the litre are each good
 * to a few percent, 15 % together.
 */
export const JAR_DOSE_HIGH = 1.15;

/** The whole reading that such a dose could reach lies no further than this from the start, pH. */
export const CAP_JAR_WORST_PH = 0.95;

/** A sample stands for its tank this long; later it has aired or the plants have drunk, minutes. */
export const JAR_SAMPLE_MINUTES = 120;

/** Where nobody measured the tank's temperature, °C: what most solutions are kept at. */
export const USUAL_TEMP_C = 20;

/** Where nobody measured its EC, mS/cm: a middling feed. */
export const USUAL_EC_MS_PER_CM = 1.5;
