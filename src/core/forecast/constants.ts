/** Fewer readings than this since the last addition tell no trend. */
export const FORECAST_FROM_READINGS = 4;

/** Over less time than this one only sees the daily swing, hours. */
export const FORECAST_FROM_HOURS = 36;

/** No more than this many readings carry a trend; older ones tell of another plant. */
export const FORECAST_READINGS_MAX = 60;

/** How far a tank moves in a day where nothing else is known (standard): pH. Trade experience. */
export const DAILY_MOVE_PH = 0.15;

/** The same for EC, relative. */
export const DAILY_MOVE_EC_REL = 0.05;

/** A reading is surprising beyond this many standard uncertainties of expectation and reading. */
export const SURPRISE_SIGMAS = 3;

/** Nothing nearer to the expectation than this is worth a question: pH. */
export const SURPRISE_FLOOR_PH = 0.3;

/** The same for EC, relative. */
export const SURPRISE_FLOOR_EC_REL = 0.15;

/** One day, ms. */
