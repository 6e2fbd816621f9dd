import { answer, outside, refuse, type OutOfRange, type Result } from '../result';
import { GAS_CONSTANT_J_PER_MOL_K } from '../electrode';
import { kelvinFromCelsius } from '../units';
import {
  ACIDS,
  CHEMISTRY_RANGE_C,
  IONIC_STRENGTH_PER_MS_PER_CM,
  LOG_K,
  PAIRS,
  type AcidName,
  type AcidStep,
  type Pair,
} from './constants';

/** What temperature and salt make of the constants; worked out once for a solution. */
export interface Conditions {
  readonly tempC: number;
  readonly ionicStrength: number;
  /** Activity coefficient of a singly charged ion. */
  readonly gamma1: number;
  /** Conditional constants with the hydrogen ion as activity, concentrations otherwise. */
  readonly kw: number;
  readonly carbonic: readonly [number, number];
  readonly henryCo2: number;
  readonly acids: Readonly<Record<AcidName, readonly number[]>>;
  /** Conditional constants of `PAIRS`, in their order, L/mol. */
  readonly pairs: readonly number[];
}

/** log10 of a constant from its five coefficients. */
function logK([a, b, c, d, e]: readonly [number, number, number, number, number], kelvin: number) {
  return a + b * kelvin + c / kelvin + d * Math.log10(kelvin) + e / kelvin ** 2;
}

/** 25 °C, K. */
const REFERENCE_K = 298.15;

/** pKa at a temperature from 25 °C: van 't Hoff, with the enthalpy moving by its heat capacity. */
function pKaAt({ pKa25, enthalpyKjPerMol, heatCapacityJPerMolK = 0 }: AcidStep, k: number) {
  const perDecade = GAS_CONSTANT_J_PER_MOL_K * Math.LN10;
  const byEnthalpy = ((1000 * enthalpyKjPerMol) / perDecade) * (1 / k - 1 / REFERENCE_K);
  const ratio = REFERENCE_K / k;
  return pKa25 + byEnthalpy - (heatCapacityJPerMolK / perDecade) * (ratio - 1 - Math.log(ratio));
}

/** The charge of an acid that has given off so many protons. */
const ligandCharge = ({ ligand, step }: Pair) =>
  (ligand === 'carbonate' ? 0 : ACIDS[ligand].topCharge) - step;

/**
 * log γ of an ion of charge z by Davies (1962), −A·z²·(√I/(1 + √I) − 0.3·I); good to I ≈ 0.5 mol/L.
 * A from the dielectric constant of water (Malmberg and Maryott 1956): 0.509 at 25 °C.
 */
function logGamma(z: number, ionicStrength: number, kelvin: number): number {
  const t = kelvin - 273.15;
  const epsilon = 87.74 - 0.40008 * t + 9.398e-4 * t ** 2 - 1.41e-6 * t ** 3;
  const a = 1.8246e6 / (epsilon * kelvin) ** 1.5;
  const root = Math.sqrt(ionicStrength);
  return -a * z ** 2 * (root / (1 + root) - 0.3 * ionicStrength);
}

interface Surroundings {
  readonly tempC: number;
  readonly ecMsPerCm: number;
  /** False: constants at no ionic strength, for comparison. On by default. */
  readonly activities?: boolean;
}

/** The constants at a temperature (5–35 °C) and a conductivity; refuses outside. */
export function conditionsAt({
  tempC,
  ecMsPerCm,
  activities = true,
}: Surroundings): Result<Conditions, OutOfRange> {
  const refusal =
    outside('tempC', tempC, CHEMISTRY_RANGE_C) ??
    outside('ecMsPerCm', ecMsPerCm, { min: 0, max: 20 });
  if (refusal) return refuse(refusal);
  const kelvin = kelvinFromCelsius(tempC);
  const ionicStrength = activities ? IONIC_STRENGTH_PER_MS_PER_CM * ecMsPerCm : 0;
  const gamma = (z: number) => 10 ** logGamma(Math.abs(z), ionicStrength, kelvin);
  /** Ka·γ(acid)/γ(base): the hydrogen ion stays an activity, which is what pH tells. */
  const conditional = (pKa: number, acidCharge: number) =>
    (10 ** -pKa * gamma(acidCharge)) / gamma(acidCharge - 1);
  const acids = Object.fromEntries(
    Object.entries(ACIDS).map(([name, { topCharge, steps }]) => [
      name,
      steps.map((step, at) => conditional(pKaAt(step, kelvin), topCharge - at)),
    ]),
  ) as unknown as Record<AcidName, readonly number[]>;
  return answer({
    tempC,
    ionicStrength,
    gamma1: gamma(1),
    kw: 10 ** logK(LOG_K.water, kelvin) / gamma(1),
    carbonic: [
      conditional(-logK(LOG_K.carbonicFirst, kelvin), 0),
      conditional(-logK(LOG_K.carbonicSecond, kelvin), -1),
    ],
    henryCo2: 10 ** logK(LOG_K.henryCo2, kelvin),
    acids,
    pairs: PAIRS.map((pair) => {
      const charge = ligandCharge(pair);
      return (10 ** pair.logK * gamma(2) * gamma(charge)) / gamma(2 + charge);
    }),
  });
}
