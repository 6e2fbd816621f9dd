import { nernstSlopeMvPerPh } from '../electrode';

/** A pH electrode with its reference, as it truly is. Shares are 0–1. */
export interface Probe {
  /** Potential at pH 7 when new and clean, mV. */
  readonly zeroMv: number;
  /** Share of the Nernst slope; 1 when new, usable down to 0.90. */
  readonly efficiency: number;
  /** Age and wear together, days: what it has left of its life is counted against these. */
  readonly ageDays: number;
  readonly wornDays: number;
  /** 1 = the glass is fully hydrated. */
  readonly hydration: number;
  /** Dirt on glass and wick. */
  readonly fouling: number;
  /** Grease of fingers or oil, which water alone does not take off; part of the fouling. */
  readonly grease: number;
  /** 1 = the reference holds its potassium chloride. */
  readonly reference: number;
  /** Dried salt round the tip: keeps liquid from it. */
  readonly crystals: number;
  /** Charge from rubbing, mV; leaks away. */
  readonly staticMv: number;
  /** Potential the glass has reached, mV. */
  readonly glassMv: number;
  /** Temperature its sensor has reached, °C. */
  readonly sensorC: number;
  /** Slow wander, mV. */
  readonly wanderMv: number;
}

/** A probe as it comes from its box: hydrated, clean, 25 days on a shelf. */
export const NEW_PROBE: Probe = {
  zeroMv: 2,
  efficiency: 0.99,
  ageDays: 25,
  wornDays: 0,
  hydration: 1,
  fouling: 0,
  grease: 0,
  reference: 1,
  crystals: 0,
  staticMv: 0,
  glassMv: 0,
  sensorC: 21,
  wanderMv: 0,
};

/** Response of clean, wet, new glass at 25 °C, s: 98 % of a step in half a minute. */
const GLASS_TAU_S = 6;

/**
 * Time constant of the glass, s. Grows with age, dirt and dry glass; doubles for each 15 °C colder, as
 * glass resistance does (Bates 1973, ch. 11; the sizes are of hand-held probes: 30 s new, minutes when dirty or dry).
 */
export function glassTauS(probe: Probe, tempC: number): number {
  const aged = 2 * ((probe.ageDays + probe.wornDays) / 365);
  const slowed = 1 + aged + 8 * probe.fouling + 15 * (1 - probe.hydration);
  return GLASS_TAU_S * slowed * 2 ** ((25 - tempC) / 15);
}

/** The temperature sensor follows the liquid with this time constant, s; in air with the other. */
export const SENSOR_TAU_S = 14;
export const SENSOR_AIR_TAU_S = 120;

/** Slope the probe truly has, as a share of Nernst: dirt and dry glass take some of it. */
const trueEfficiency = ({ efficiency, fouling, hydration }: Probe): number =>
  efficiency * (1 - 0.06 * fouling) * (1 - 0.08 * (1 - hydration));

/** Potential at pH 7 as it truly is: a leached reference and dirt shift it, mV. */
const trueZeroMv = ({ zeroMv, reference, fouling, hydration }: Probe): number =>
  zeroMv + 45 * (1 - reference) - 9 * fouling + 12 * (1 - hydration);

/**
 * The junction's own potential beside a liquid, mV. In buffers it belongs to the calibration; a feed differs by
 * `ownMv` (0.02 pH of spread from pen to pen); below 0.1 mS/cm it grows by the logarithm. Source: Henderson's
 * equation in its form for one salt (Bates 1973, ch. 3).
 */
export function junctionMv(ecMsPerCm: number, ownMv: number): number {
  const poor = Math.max(0, Math.log10(0.1 / Math.max(ecMsPerCm, 1e-4)));
  const strong = ecMsPerCm > 3.5 ? 0 : 1;
  return strong * ownMv + 9 * poor;
}

/**
 * The potential the glass goes to in a liquid, mV: E = E0 − S(T)·e·(pH − 7), with junction and charge.
 */
export function targetMv(
  probe: Probe,
  {
    ph,
    tempC,
    junction,
  }: { readonly ph: number; readonly tempC: number; readonly junction: number },
): number {
  const slope = nernstSlopeMvPerPh(tempC) * trueEfficiency(probe);
  // Salt crust keeps the liquid away: the glass sees the neutral storage liquid behind it.
  const seen = ph + probe.crystals * 0.6 * (7 - ph);
  return trueZeroMv(probe) - slope * (seen - 7) + junction + probe.staticMv;
}

/** Standard deviation of the slow wander, mV: dry glass, dirt and a poor reference wander more. */
export const wanderSdMv = (probe: Probe, ecMsPerCm: number): number =>
  0.2 +
  4 * (1 - probe.hydration) +
  1.2 * probe.fouling +
  3 * (1 - probe.reference) +
  4 * Math.max(0, Math.log10(0.1 / Math.max(ecMsPerCm, 1e-4)));

/** How long the wander remembers itself, s. */
export const WANDER_TAU_S = 45;

/** Goes from `from` towards `to` with a time constant: the first-order law, exact for any step. */
export const approach = (from: number, to: number, seconds: number, tauS: number): number =>
  to + (from - to) * Math.exp(-seconds / tauS);
