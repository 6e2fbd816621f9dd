/** What a pH display can show, pH. */
export const PH_DISPLAY_RANGE = { min: 0, max: 14 } as const;

/** Conductivity a feed, a standard or a stock solution can have, mS/cm. */
export const EC_RANGE_MS_PER_CM = { min: 0, max: 50 } as const;

/** A tank's feed lies below this, mS/cm; above it a wrong scale is likelier than a strong feed. */
export const FEED_EC_LIKELY_MAX_MS_PER_CM = 8;

/** Below this a feed reading above zero is likelier a wrong scale than a real feed, mS/cm. */
export const FEED_EC_LIKELY_MIN_MS_PER_CM = 0.02;

/** Temperatures a solution under cover can have, °C. */
export const SOLUTION_RANGE_C = { min: 0, max: 45 } as const;

/** °F readings that a solution under cover shows: 2 to 45 °C. */
export const LIKELY_FAHRENHEIT = { min: 46, max: 113 } as const;
