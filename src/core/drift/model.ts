import type { Quantity } from '../calibration';

/** A mean with its standard deviation. */
export interface Known {
  readonly mean: number;
  readonly stdU: number;
}

/** The numbers of the model of a pen for one quantity. Levels: pH offset and gain deviation; EC ln gain. */
export interface PenModel {
  /** How many levels: 2 for pH, 1 for EC. */
  readonly levels: 1 | 2;
  /** Steps of the three walks of the bank: level per √day. */
  readonly walks: readonly number[];
  /** Prior weight of each walk; they sum to 1. */
  readonly walkWeights: readonly number[];
  /** Variance of each level's walk as a share of the first one's. */
  readonly walkShares: readonly number[];
  /** Levels of a new pen. */
  readonly start: readonly Known[];
  /** Their rates per day. */
  readonly rates: readonly Known[];
  /** Size of an unnoticed jump of the first level (standard). */
  readonly jump: number;
  /** What cleaning, a soak, a knock, dryness adds to each level (standard). */
  readonly disturbance: readonly number[];
  /** What an adjustment leaves unknown of each level until its dips are seen (standard). */
  readonly adjusted: readonly number[];
  /** Jumps are supposed to come so often until a pen's own record says otherwise. */
  readonly jumpsBefore: { readonly count: number; readonly days: number };
  /** A pen unsurer than this can't be trusted: a fifth of a pH eats most of a band. pH, or relative. */
  readonly trustedBelow: number;
  /** Above this expanded uncertainty nothing is known: pH, or relative. */
  readonly unknownAbove: number;
}

/** Half a jump in ninety days. */
const JUMPS_BEFORE = { count: 0.5, days: 90 } as const;

/**
 * The model's numbers. Chosen on simulated pens for the coverage table in docs/decisions; each row
 * was tried against its neighbours there. pH: offset in pH, gain without unit; EC: natural logarithm.
 */
export const PEN_MODEL: Readonly<Record<Quantity, PenModel>> = {
  ph: {
    levels: 2,
    walks: [0.002, 0.006, 0.018],
    walkWeights: [0.25, 0.5, 0.25],
    walkShares: [1, 0.0225],
    start: [
      { mean: 0, stdU: 0.15 },
      { mean: -0.02, stdU: 0.03 },
    ],
    rates: [
      { mean: 0, stdU: 0.003 },
      { mean: -0.0003, stdU: 0.0002 },
    ],
    jump: 0.12,
    disturbance: [0.15, 0.02],
    adjusted: [1, 0.2],
    jumpsBefore: JUMPS_BEFORE,
    trustedBelow: 0.2,
    unknownAbove: 0.5,
  },
  ec: {
    levels: 1,
    walks: [0.0007, 0.002, 0.006],
    walkWeights: [0.25, 0.5, 0.25],
    walkShares: [1],
    start: [{ mean: 0, stdU: 0.05 }],
    rates: [{ mean: 0, stdU: 0.001 }],
    jump: 0.05,
    disturbance: [0.05],
    adjusted: [0.5],
    jumpsBefore: JUMPS_BEFORE,
    trustedBelow: 0.1,
    unknownAbove: 0.2,
  },
};

/** Gain deviation of a pen on which only one point can be set: nobody ever tended its slope. */
export const ONE_POINT_GAIN: Known = { mean: -0.04, stdU: 0.03 };

/** Gain deviation after a dated two-point adjustment by the factory or dealer. */
export const FACTORY_GAIN: Known = { mean: 0, stdU: 0.02 };

/** Extra gain above the neutral point: a new pen, and after an adjustment in two pieces (standard). */
export const BEND_STD_U = { start: 0.01, adjusted: 0.02 } as const;

/** Old evidence on a pen's temper fades, pens age, days. */
export const FADING_DAYS = 120;

/** The chance of a jump by a cleaning that came before the dip. */
export const CLEANING_JUMP_PROBABILITY = 0.1;

/** A second cup this far from expectation (squared, in variances) tells that the gain jumped too. */
export const GAIN_JUMP_FROM = 12;

/** Filters that weigh less than this are left out of the way back. */
export const MIN_SMOOTHED_WEIGHT = 0.02;

/** A pen outside these is broken or wrongly noted: error at pH 7, pH gain, EC gain. */
export const ABSURD = {
  offsetPh: 1,
  gainPh: { min: 0.7, max: 1.15 },
  gainEc: { min: 0.5, max: 2 },
} as const;

/** A dip further than this from what is expected of the pen is worth a second one, standard deviations. */
export const DOUBTFUL_DIP_SIGMAS = 3.5;

/** One day, ms. */
