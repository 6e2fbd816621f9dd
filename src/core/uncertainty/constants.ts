/** Coverage factor for an expanded uncertainty of about 95 %. Source: JCGM 100:2008, 6.3.3. */
export const COVERAGE_FACTOR = 2;

/** What lies beyond ±2 standard uncertainties of one normal: 4.55 %. Source: JCGM 100:2008, table G.1. */
export const OUTSIDE_SHARE = 0.0455;

/** Repeatability of a handheld pen with no record of its own (standard): pH, and relative for EC. */
export const REPEAT_STD_U = { ph: 0.015, ec: 0.008 } as const;

/** That default counts as so many repeated dips beside a pen's own. */
export const REPEAT_PRIOR_DIPS = 10;

/** The reference junction differs between buffer and feed, pH (standard). */
export const JUNCTION_STD_U_PH = 0.02;

/** How well the temperature of a cup is known, °C (bound). */
export const CUP_TEMP_BOUND_C = 1;

/** What a degree at the cup does to a standard that the pen does not compensate, relative per °C (KCl). */
export const EC_PER_C_UNCOMPENSATED = 0.019;

/** The same where pen and standard are compensated alike: the thermometers' difference, half a degree. */
export const EC_PER_C_COMPENSATED = 0.0095;

/** How well a pen's thermometer knows a tank, °C (bound). */
export const THERMOMETER_BOUND_C = 0.5;

/** What a laboratory's own value is worth (standard): pH, and relative for EC. Usual reports: k = 2 of twice that. */
export const LABORATORY_STD_U = { ph: 0.05, ec: 0.015 } as const;
