/** The isopotential point: where offset and gain part, pH. Convention of glass electrodes (IUPAC 2002). */
export const ISOPOTENTIAL_PH = 7;

/**
 * A pen whose gain lies below this tells nothing: it shows (almost) the same in every liquid. Probes
 * are replaced below 0.85; what is left at 0.2 is a broken bulb, a torn wire or a stuck display.
 */
export const MIN_TELLING_GAIN = 0.2;

/** The same for conductivity, shown / true: a cell this low is dry, broken or short of its scale. */
export const MIN_TELLING_EC_GAIN = 0.05;

/** A pen that tells nothing of pH leaves it anywhere between 0 and 14: ± so much, pH (bound). */
export const NOTHING_TOLD_BOUND_PH = 7;

/** A pen that tells nothing of conductivity leaves it anywhere up to strong feed, mS/cm (bound). */
export const NOTHING_TOLD_BOUND_MS_PER_CM = 10;

/** How far off a pen may be found before it is adjusted. The trade's three schools. */
export type TolerancePolicy = 'laboratory' | 'normal' | 'relaxed';

/** As-found tolerance on pH for each policy. */
export const TOLERANCE_PH: Readonly<Record<TolerancePolicy, number>> = {
  laboratory: 0.02,
  normal: 0.05,
  relaxed: 0.1,
};

/** As-found tolerance on EC for each policy, relative. */
export const TOLERANCE_EC_REL: Readonly<Record<TolerancePolicy, number>> = {
  laboratory: 0.02,
  normal: 0.03,
  relaxed: 0.05,
};

/** An adjusted point is accepted within this (three digits of a 0.01 pen), pH. Trade practice. */
export const AS_LEFT_TOLERANCE_PH = 0.03;

/** An adjusted EC point is accepted within this, relative. */
export const AS_LEFT_TOLERANCE_EC_REL = 0.02;
