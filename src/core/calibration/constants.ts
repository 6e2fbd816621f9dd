/** The isopotential point: where offset and gain part, pH. Convention of glass electrodes (IUPAC 2002). */
export const ISOPOTENTIAL_PH = 7;

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
