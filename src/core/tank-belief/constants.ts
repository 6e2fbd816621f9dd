/**
 * Standard deviation of ln(alkalinity), by where it comes from: measured on this water (a factor of
 * 1.25), or a guess or yearly mean (1.6).
 */
export const ALKALINITY_SIGMA = { measured: 0.223, guess: 0.47 } as const;

/** Carbon dioxide in a feed in use beside that of the air, and its spread (log): roots breathe. */
export const IN_USE_CO2_TIMES = 2;
export const IN_USE_CO2_SIGMA = 0.9;

/** A factor as supposed before anything is seen: median and spread (log). */
export interface Prior {
  readonly median: number;
  readonly sigma: number;
}

/**
 * The factor on phosphate and ammonium: no recipe entered (a fifth must lie inside), one entered, and
 * a tank that is only suspected to be in use.
 */
export const FEED_FACTOR = {
  unknown: { median: 0.6, sigma: 0.8 },
  recipe: { median: 1, sigma: 0.4 },
  suspected: { median: 0.4, sigma: 1 },
} as const satisfies Readonly<Record<string, Prior>>;

/**
 * Log weight of the suspicion that a tank booked as freshly filled is a feed in use, where its EC
 * does not show the fill.
 */
export const SUSPECTED_LOG_WEIGHT = -1;

/** An EC this close (relative) to source water plus booked feed counts as evidence of the fill. */
export const WITNESS_REL = 0.25;

/**
 * Wider assumptions, added once readings contradict what was recorded: standard deviations of
 * logarithms, and log weights.
 */
export const WIDER = {
  alkalinitySigma: 0.6,
  feedSigma: 1.2,
  co2Sigma: 1.5,
  logWeight: -2,
  inUseLogWeight: -3,
} as const;

/** An alternative this much less likely than the best one no longer limits the dose. */
export const BELIEVED_TIMES = 40;

/** Standard deviation of a hurried reading, without its digit, pH. */
export const READING_REPEAT_STD_U_PH = 0.021;

/** Extra standard uncertainty of a reading that no second reading confirms, pH. */
export const LONE_READING_STD_U_PH = 0.1;

/** Relative standard error of a predicted pH change: 5 % from the model, 2 % from the pen's gain. */
export const MOVEMENT_REL = 0.054;

/** Relative standard error of a poured amount. */
export const POURED_REL = 0.06;

/** Relative standard error of what a planned amount does. */
export const PLANNED_REL = 0.08;

/** Outliers: one reading in twenty has this much extra variance, pH². */
export const WIDE = { share: 0.05, variance: 0.3 ** 2 } as const;

/** A reading moves charge and carbon by no more than this many of its standard deviations. */
export const MOST_SIGMAS = 3;

/** Nodes that weigh less are dropped. */
export const LEAST_WEIGHT = 2e-6;

/**
 * Carbon dioxide beyond twice that of the air leaves at such a rate, per hour (median and spread, log):
 * a still tank 0.03, with an air stone above 1. A tank keeps its rate: what its first hour shows counts
 * for the next. Of what leaves so much is unsure besides.
 */
export const AIRING = { perHour: 0.2, sigma: 1, unsureRel: 0.2 } as const;

/** Above this many times the air's carbon dioxide it leaves. */
export const AIRS_ABOVE_TIMES = 2;

/** Carbon of a source water beside what its alkalinity gives at its pH, once filled in. */
export const FILLED_CARBON_SHARE = 0.93;

/**
 * What is unsure of a fed fill: of its carbon (share and mol/L), of its charge, and of its
 * phosphate.
 */
export const FED_CARBON_STD_U = { rel: 0.1, molPerL: 2e-5 } as const;
export const FED_CHARGE_MOL_PER_L_PER_MS = 1.5e-4;
export const FED_PHOSPHATE_REL = 0.1;

/** pH of a source water where nobody measured it. */
export const USUAL_SOURCE_PH = 7.6;

/** Chance that a step may pass a limit. */
export const PASS_CHANCE = 0.01;

/** The largest move in one step, pH. */
export const STEP_PH = 0.9;

/** A step is at most this many times the largest that was poured and read. */
export const STEP_GROWS_TIMES = 4;

/** A reading whose tail probability is below this contradicts the belief. */
export const CONTRADICTION_TAIL = 0.006;

/** Random walk of ln(factor) between sessions: standard deviation per √day. */
export const CARRY_SIGMA_PER_SQRT_DAY = 0.2;

/**
 * A product of unknown strength: equivalents per litre, spread (log), and the least spread it
 * keeps.
 */
export const UNKNOWN_STRENGTH = { molPerL: 3, sigma: 0.9, leastSigma: 0.05 } as const;

/** Values of each axis, and how many of its standard deviations it reaches. */
export const GRID = {
  alkalinity: { count: 41, reach: 3.5 },
  feed: { count: 9, reach: 3 },
  airing: { count: 7, reach: 2.4 },
  pen: { count: 5, reach: 2.4 },
} as const;

/**
 * The same where a feed's factor is unsure too, and where a product's strength is: fewer of the
 * rest.
 */
export const GRID_BESIDE_FEED = { ...GRID, alkalinity: { count: 21, reach: 3.5 } } as const;
export const GRID_BESIDE_STRENGTH = {
  alkalinity: { count: 13, reach: 3 },
  feed: { count: 7, reach: 2.8 },
  airing: { count: 3, reach: 1.7 },
  pen: { count: 3, reach: 1.7 },
} as const;
export const STRENGTH_AXIS = { count: 25, reach: 3 } as const;
