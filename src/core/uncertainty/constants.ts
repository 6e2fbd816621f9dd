/** Coverage factor for an expanded uncertainty of about 95 %. Source: JCGM 100:2008, 6.3.3. */
export const COVERAGE_FACTOR = 2;

/** Repeatability of a handheld pH pen when the pen has no own record, pH (standard). */
export const REPEAT_STD_U_PH = 0.02;

/** Repeatability of a handheld EC pen, relative (standard). */
export const REPEAT_STD_U_EC_REL = 0.01;

/** The reference junction differs between buffer and feed, pH (standard). */
export const JUNCTION_STD_U_PH = 0.02;

/** How well the temperature of a cup is known, °C (bound). */
export const CUP_TEMP_BOUND_C = 1;

/** How well a pen's thermometer knows a tank, °C (bound). */
export const THERMOMETER_BOUND_C = 0.5;

/** A one-point check leaves the gain between 0.90 and 1.00: 0.05/√3, per pH away from the point. */
export const UNKNOWN_GAIN_STD_U = 0.03;
