import * as constants from './constants';

/*
 * Typed anew from the table of defaults that the belief was designed by: a prototype written apart
 * was tried with them on thousands of hidden tanks.
 */
test('every default of the belief is as it was designed', () => {
  expect(constants).toEqual({
    // Factors 1.25 and 1.6: ln 1.25 = 0.223, ln 1.6 = 0.470.
    ALKALINITY_SIGMA: { measured: 0.223, guess: 0.47 },
    IN_USE_CO2_TIMES: 2,
    IN_USE_CO2_SIGMA: 0.9,
    FEED_FACTOR: {
      unknown: { median: 0.6, sigma: 0.8 },
      recipe: { median: 1, sigma: 0.4 },
      suspected: { median: 0.4, sigma: 1 },
    },
    SUSPECTED_LOG_WEIGHT: -1,
    WITNESS_REL: 0.25,
    WIDER: {
      alkalinitySigma: 0.6,
      feedSigma: 1.2,
      co2Sigma: 1.5,
      logWeight: -2,
      inUseLogWeight: -3,
    },
    BELIEVED_TIMES: 40,
    READING_REPEAT_STD_U_PH: 0.021,
    LONE_READING_STD_U_PH: 0.1,
    // √(5² + 2²) %.
    MOVEMENT_REL: 0.054,
    POURED_REL: 0.06,
    PLANNED_REL: 0.08,
    WIDE: { share: 0.05, variance: expect.closeTo(0.09, 12) },
    MOST_SIGMAS: 3,
    LEAST_WEIGHT: 2e-6,
    AIRING: { perHour: 0.2, sigma: 1, unsureRel: 0.2 },
    AIRS_ABOVE_TIMES: 2,
    FILLED_CARBON_SHARE: 0.93,
    FED_CARBON_STD_U: { rel: 0.1, molPerL: 2e-5 },
    FED_CHARGE_MOL_PER_L_PER_MS: 1.5e-4,
    FED_PHOSPHATE_REL: 0.1,
    USUAL_SOURCE_PH: 7.6,
    PASS_CHANCE: 0.01,
    STEP_PH: 0.9,
    STEP_GROWS_TIMES: 4,
    CONTRADICTION_TAIL: 0.006,
    CARRY_SIGMA_PER_SQRT_DAY: 0.2,
    UNKNOWN_STRENGTH: { molPerL: 3, sigma: 0.9, leastSigma: 0.05 },
    GRID: {
      alkalinity: { count: 41, reach: 3.5 },
      feed: { count: 9, reach: 3 },
      airing: { count: 7, reach: 2.4 },
      pen: { count: 5, reach: 2.4 },
    },
    GRID_BESIDE_FEED: {
      alkalinity: { count: 21, reach: 3.5 },
      feed: { count: 9, reach: 3 },
      airing: { count: 7, reach: 2.4 },
      pen: { count: 5, reach: 2.4 },
    },
    GRID_BESIDE_STRENGTH: {
      alkalinity: { count: 13, reach: 3 },
      feed: { count: 7, reach: 2.8 },
      airing: { count: 3, reach: 1.7 },
      pen: { count: 3, reach: 1.7 },
    },
    STRENGTH_AXIS: { count: 25, reach: 3 },
  });
});
