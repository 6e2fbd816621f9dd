/** Potassium chloride standards by concentration. */
export type KclKind = 'kcl-0.01' | 'kcl-0.02' | 'kcl-0.1';

/** Temperatures of the rows, °C. */
export const KCL_KNOTS_C = [0, 5, 10, 15, 18, 20, 22, 25, 28, 30] as const;

/**
 * Conductivity of KCl solutions at `KCL_KNOTS_C`, mS/cm. Relative uncertainty about 0.3 %.
 * @source ISO 7888:1985, table 1 (mol/L solutions), and handbook values by volume.
 */
export const KCL_EC_MS_PER_CM: Readonly<Record<KclKind, readonly number[]>> = {
  'kcl-0.01': [0.776, 0.896, 1.02, 1.147, 1.225, 1.278, 1.332, 1.413, 1.496, 1.552],
  'kcl-0.02': [1.521, 1.752, 1.994, 2.243, 2.397, 2.501, 2.606, 2.765, 2.927, 3.036],
  'kcl-0.1': [7.15, 8.22, 9.33, 10.48, 11.19, 11.67, 12.15, 12.88, 13.62, 14.12],
};

/** Temperature coefficient of a KCl standard above its table, per °C, referred to 25 °C. KCl mean. */
export const STANDARD_ALPHA_PER_C = 0.0191;

/** Temperature coefficient of a feed where none is known, per °C. Feeds run 0.018–0.022. */
export const FEED_ALPHA_PER_C = 0.02;

/** Standard uncertainty of that coefficient, per °C. */
export const FEED_ALPHA_STD_U_PER_C = 0.0012;

/** The reference temperature that all stored conductivities are stated at, °C (ISO 7888:1985). */
export const REFERENCE_TEMP_C = 25;

/** Where linear compensation is allowed, °C. */
export const COMPENSATION_RANGE_C = { min: 0, max: 50 } as const;

/**
 * Linear compensation means nothing where it would change a value more than fivefold: at 0 °C a
 * coefficient of 0.04 makes the line cross zero. KCl itself stands at 0.54 there.
 */
export const COMPENSATION_FACTOR_RANGE = { min: 0.2, max: 5 } as const;

/** No standard conducts less than this, mS/cm: a label's table that says so was mistyped. */
export const STANDARD_MIN_MS_PER_CM = 0.001;

/** Above this linear compensation and the cells of handhelds mean nothing, mS/cm. */
export const STANDARD_MAX_MS_PER_CM = 50;

/** A standard's tolerance where its label states none, relative. */
export const STANDARD_TOLERANCE_REL = 0.01;

/**
 * Bound on the error of linear compensation against the distance from 25 °C: 1 % at 10 °C away,
 * 2.7 % at 20, 5.2 % at 25. At 20 and 25 away this is what ISO 7888's own KCl table gives against
 * κ25·(1 + 0.0191·ΔT), rounded up; at 10 away KCl gives 0.4 %, kept at 1 % for mixed feeds.
 */
export const LINEARITY_BOUND = [
  { tempC: 0, value: 0 },
  { tempC: 10, value: 0.01 },
  { tempC: 20, value: 0.027 },
  { tempC: 25, value: 0.052 },
] as const;
