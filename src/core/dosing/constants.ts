/** The first step of stock where its gain is only its label's, share. */
export const FIRST_STEP_UNLEARNED = 0.6;

/** The first step by a jar test, or of stock whose gain was learned. */
export const FIRST_STEP_KNOWN = 0.8;

/** No step by a jar test moves its own curve by more than this, pH. */
export const CAP_STEP_PH = 0.8;

/** Alkalinity a whole change is left with, meq/L. Trade practice; where it airs to is worked out and said. */
export const LEFT_OVER_MEQ_PER_L = 0.5;

/** With the pump running this long a tank's carbon dioxide is that of the air, hours. */
export const AIRED_AFTER_HOURS = 24;

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

/** Aims a dose may be given, pH: beyond them no crop is fed. */
const AIM_PH = { least: 4, most: 9 } as const;

/** Whether a pH may be aimed at. `isAimPh(3.9) // => false` */
export const isAimPh = (ph: number): boolean => ph >= AIM_PH.least && ph <= AIM_PH.most;

/** The strongest feed that may be aimed at, mS/cm at 25 °C: a number above it was typed in another unit. */
export const MOST_AIM_EC_MS_PER_CM = 20;
