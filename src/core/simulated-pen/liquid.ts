import { findRoot } from '../statistics';
import {
  ACID_NAMES,
  acidConstantsAt,
  chargePerMole,
  type AcidSystem,
  type ConstantsAt,
} from './acidSystems';

/** What a cup, a film or a bottle holds. Immutable: pouring and mixing make a new one. */
export interface Liquid {
  readonly volumeMl: number;
  readonly tempC: number;
  /** Total of each weak acid, mol/L. */
  readonly molPerL: Readonly<Record<AcidSystem, number>>;
  /** Strong cations − strong anions, mol/L: what the weak acids must balance. */
  readonly strongIonDifferenceMolPerL: number;
  /** Conductivity at 25 °C that follows the KCl table, mS/cm. */
  readonly ecKcl25MsPerCm: number;
  /** Conductivity at 25 °C of everything else, mS/cm. */
  readonly ecOther25MsPerCm: number;
  /** Share of probe cleaner or detergent, 0–1. */
  readonly soapShare: number;
}

/** No acid at all. */
export const NO_ACIDS: Readonly<Record<AcidSystem, number>> = {
  phthalate: 0,
  phosphate: 0,
  borate: 0,
  carbonate: 0,
  ammonium: 0,
};

/** Net negative charge of water and acids, mol/L: what the strong ions must balance. Rises with pH. */
function chargeOf(liquid: Pick<Liquid, 'molPerL'>, ph: number, at: ConstantsAt): number {
  const aH = 10 ** -ph;
  let charge = at.kw / aH - aH;
  for (const name of ACID_NAMES) {
    const total = liquid.molPerL[name];
    if (total > 0) charge += total * chargePerMole(name, aH, at);
  }
  return charge;
}

/** Where a pH is looked for: first round what it was before, then where cups stand, then everywhere. */
const NEAR_PH = 0.05;
const USUAL_PH = { low: 3, high: 11 };
const ALL_PH = { low: 0, high: 14 };
const PH_TOLERANCE = 1e-9;

/**
 * The pH of a liquid at its temperature, by charge balance: Brent's method between pH 0 and 14, closed to
 * 1e-9. The balance is monotone in pH. `near` is where it stood before, if it did.
 */
function solveLiquidPh(liquid: Liquid, near?: number): number {
  const at = acidConstantsAt(liquid.tempC);
  const off = (ph: number) => chargeOf(liquid, ph, at) - liquid.strongIonDifferenceMolPerL;
  const round = near === undefined ? [] : [{ low: near - NEAR_PH, high: near + NEAR_PH }];
  for (const { low, high } of [...round, USUAL_PH]) {
    const [fLow, fHigh] = [off(low), off(high)];
    if (fLow <= 0 && fHigh >= 0)
      return findRoot(off, { low, high, fLow, fHigh, tolerance: PH_TOLERANCE }).x;
  }
  return findRoot(off, { ...ALL_PH, tolerance: PH_TOLERANCE }).x;
}

const solved = new WeakMap<Liquid, number>();
const stoodAt = new WeakMap<Liquid, number>();

/** The pH of a liquid, solved once for each. */
export function liquidPh(liquid: Liquid): number {
  const known = solved.get(liquid);
  if (known !== undefined) return known;
  const ph = solveLiquidPh(liquid, stoodAt.get(liquid));
  solved.set(liquid, ph);
  return ph;
}

/** A liquid that changed by a little from one whose pH is solved: the next search begins there, always. */
function changedFrom(before: Liquid, after: Liquid): Liquid {
  stoodAt.set(after, liquidPh(before));
  return after;
}

/** The same liquid with the strong ions that give it a pH at 25 °C. */
export function withPh(liquid: Liquid, ph: number, tempC = 25): Liquid {
  const strongIonDifferenceMolPerL = chargeOf(liquid, ph, acidConstantsAt(tempC));
  return { ...liquid, strongIonDifferenceMolPerL };
}

/** Volumes poured together and stirred: every total is a mean by volume (conservation of mass). */
export function mixed(a: Liquid, b: Liquid): Liquid {
  const volumeMl = a.volumeMl + b.volumeMl;
  if (!(volumeMl > 0)) return a;
  const share = b.volumeMl / volumeMl;
  return { ...blended(a, b, share), volumeMl };
}

/** A share of `b` in the place of as much of `a`; the volume stays that of `a`. */
export function blended(a: Liquid, b: Liquid, share: number): Liquid {
  const mean = (x: number, y: number) => x + share * (y - x);
  const molPerL = Object.fromEntries(
    ACID_NAMES.map((name) => [name, mean(a.molPerL[name], b.molPerL[name])]),
  ) as Record<AcidSystem, number>;
  return {
    volumeMl: a.volumeMl,
    tempC: mean(a.tempC, b.tempC),
    molPerL,
    strongIonDifferenceMolPerL: mean(a.strongIonDifferenceMolPerL, b.strongIonDifferenceMolPerL),
    ecKcl25MsPerCm: mean(a.ecKcl25MsPerCm, b.ecKcl25MsPerCm),
    ecOther25MsPerCm: mean(a.ecOther25MsPerCm, b.ecOther25MsPerCm),
    soapShare: mean(a.soapShare, b.soapShare),
  };
}

/** The liquid in another amount, mL. */
export const amountOf = (liquid: Liquid, volumeMl: number): Liquid => ({ ...liquid, volumeMl });

/** Everything dissolved `factor` times as strong: what evaporation or too little water does. */
export function concentrated(liquid: Liquid, factor: number): Liquid {
  const molPerL = Object.fromEntries(
    ACID_NAMES.map((name) => [name, liquid.molPerL[name] * factor]),
  ) as Record<AcidSystem, number>;
  return {
    ...liquid,
    molPerL,
    strongIonDifferenceMolPerL: liquid.strongIonDifferenceMolPerL * factor,
    ecKcl25MsPerCm: liquid.ecKcl25MsPerCm * factor,
    ecOther25MsPerCm: liquid.ecOther25MsPerCm * factor,
  };
}

/** Water evaporates from an open cup of a standard shape: mL an hour at 20 °C and half humidity. */
const EVAPORATION_ML_PER_H = 0.2;

/** So little of a cup stays whatever the time, mL: a crust is no liquid any more. */
const DRIED_UP_ML = 4;

/** Dissolved carbon dioxide in balance with air of 420 µatm at 25 °C, mol/L: 10^−1.47 · 420e−6. */
const AIR_CO2_MOL_PER_L = 10 ** -1.47 * 420e-6;

/**
 * How fast an open, unstirred cup trades carbon dioxide with air, per hour: a transfer speed of
 * 1e−5 m/s over 3 cm of depth. Source: Liss and Merlivat (1986), still water.
 */
const CO2_EXCHANGE_PER_H = 1.2;

/**
 * A cup that stands open for so many hours: water evaporates, carbon dioxide comes in or goes out by the
 * difference between what is dissolved and what the air keeps there.
 */
export function stoodOpen(liquid: Liquid, hours: number, tempC = liquid.tempC): Liquid {
  const least = Math.min(liquid.volumeMl, DRIED_UP_ML);
  const leftMl = Math.max(least, liquid.volumeMl - EVAPORATION_ML_PER_H * hours);
  const dry = concentrated({ ...liquid, volumeMl: leftMl }, liquid.volumeMl / leftMl);
  const at = acidConstantsAt(dry.tempC);
  const aH = 10 ** -liquidPh(liquid);
  const [first, second] = at.ka.carbonate as readonly [number, number];
  const whole = 1 / (1 + first / aH + (first * second) / aH ** 2);
  const carbon = dry.molPerL.carbonate;
  const dissolved = carbon * whole;
  // Beyond what is dissolved as gas the carbon stays as it is; the step never overshoots the balance.
  const share = 1 - Math.exp(-CO2_EXCHANGE_PER_H * hours * (whole > 0.01 ? whole : 1));
  const gained =
    whole > 0.01
      ? share * (AIR_CO2_MOL_PER_L / whole - carbon)
      : CO2_EXCHANGE_PER_H * hours * (AIR_CO2_MOL_PER_L - dissolved);
  const carbonate = Math.max(0, carbon + gained);
  return changedFrom(liquid, { ...dry, tempC, molPerL: { ...dry.molPerL, carbonate } });
}
