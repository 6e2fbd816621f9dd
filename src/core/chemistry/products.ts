import { answer, outside, refuse, type OutOfRange, type Result } from '../result';
import type { AcidName } from './constants';

/** What a product is made of. */
export type Reagent =
  | 'nitric'
  | 'phosphoric'
  | 'sulfuric'
  | 'citric'
  | 'citricMonohydrate'
  | 'koh'
  | 'k2co3'
  | 'khco3'
  | 'strongAcid'
  | 'strongBase';

/** What a mole of a reagent does to a solution. */
export interface ReagentFacts {
  readonly molarMassGPerMol: number;
  /** Change of the strong charge, equivalents per mole. */
  readonly strongIonDifference: number;
  /** Weak acids it adds, moles per mole. */
  readonly adds: Readonly<Partial<Record<AcidName, number>>>;
  /** Carbon it adds, moles per mole. */
  readonly carbon: number;
  /** Nutrients, grams per mole. */
  readonly nutrientsGPerMol: Readonly<Partial<Record<'N' | 'P' | 'S' | 'K', number>>>;
  readonly acid: boolean;
}

const facts = (
  molarMassGPerMol: number,
  more: Partial<Omit<ReagentFacts, 'molarMassGPerMol'>> & { readonly acid: boolean },
): ReagentFacts => ({
  molarMassGPerMol,
  strongIonDifference: 0,
  adds: {},
  carbon: 0,
  nutrientsGPerMol: {},
  ...more,
});

/**
 * Reagents. A weak or polyprotic acid adds its own total and no strong charge: how many protons it
 * gives follows from the pH. Molar masses and atomic weights: IUPAC 2021 (N 14.007, P 30.974,
 * S 32.06, K 39.098). A product of unknown make counts as a strong acid or base of its equivalents.
 */
export const REAGENTS: Readonly<Record<Reagent, ReagentFacts>> = {
  nitric: facts(63.01, { acid: true, strongIonDifference: -1, nutrientsGPerMol: { N: 14.007 } }),
  phosphoric: facts(98.0, { acid: true, adds: { phosphate: 1 }, nutrientsGPerMol: { P: 30.974 } }),
  sulfuric: facts(98.08, { acid: true, adds: { sulfate: 1 }, nutrientsGPerMol: { S: 32.06 } }),
  citric: facts(192.12, { acid: true, adds: { citrate: 1 } }),
  citricMonohydrate: facts(210.14, { acid: true, adds: { citrate: 1 } }),
  koh: facts(56.11, { acid: false, strongIonDifference: 1, nutrientsGPerMol: { K: 39.098 } }),
  k2co3: facts(138.21, {
    acid: false,
    strongIonDifference: 2,
    carbon: 1,
    nutrientsGPerMol: { K: 2 * 39.098 },
  }),
  khco3: facts(100.12, {
    acid: false,
    strongIonDifference: 1,
    carbon: 1,
    nutrientsGPerMol: { K: 39.098 },
  }),
  strongAcid: facts(1, { acid: true, strongIonDifference: -1 }),
  strongBase: facts(1, { acid: false, strongIonDifference: 1 }),
};

/** How strong a product is. */
export type Strength =
  /** Percent by mass with the density of the solution, g/mL. */
  | { readonly kind: 'percentByMass'; readonly percent: number; readonly densityGPerMl: number }
  /** A powder: dosed in grams. */
  | { readonly kind: 'dry'; readonly purityPercent?: number }
  /** A concentrate further diluted: parts of concentrate in all. */
  | { readonly kind: 'diluted'; readonly of: Strength; readonly parts: number }
  /** Grams in a litre of the solution: "10 % w/v" on a label is 100 g/L. */
  | { readonly kind: 'weightByVolume'; readonly gPerL: number }
  /** Equivalents per litre, from a label or learned from jar tests. */
  | { readonly kind: 'equivalents'; readonly molPerL: number }
  | { readonly kind: 'unknown' };

/** A product to correct pH with. */
export interface Product {
  readonly reagent: Reagent;
  readonly strength: Strength;
}

/** Moles per mL (or per gram of a powder), or why it is not known. */
export type StrengthRefusal = OutOfRange | { readonly reason: 'strengthUnknown' };

/** Usual densities of commercial solutions, g/mL at 20 °C. Source: CRC Handbook, aqueous solutions. */
export const DENSITY_G_PER_ML = {
  nitric38: 1.235,
  nitric60: 1.367,
  phosphoric75: 1.579,
  phosphoric85: 1.685,
  sulfuric38: 1.29,
  citric50: 1.24,
  koh45: 1.45,
  k2co340: 1.41,
} as const;

/**
 * The usual density of a reagent at a percentage by mass, g/mL; undefined where the table has none.
 * `usualDensityGPerMl('nitric', 38) // => 1.235`
 */
export function usualDensityGPerMl(
  reagent: Reagent,
  percent: number | undefined,
): number | undefined {
  const entry = Object.entries(DENSITY_G_PER_ML).find(([key]) => key === `${reagent}${percent}`);
  return entry?.[1];
}

/**
 * Moles in one unit of a product: in a mL of a liquid, in a gram of a powder. By mass:
 * mol/L = 10·w%·ρ/M. A percentage of unknown kind is no strength: ask, or learn it.
 * `molPerUnit({ reagent: 'nitric', strength:
 * { kind: 'percentByMass', percent: 38, densityGPerMl: 1.235 } }).value // => 0.00745`
 */
export function molPerUnit({ reagent, strength }: Product): Result<number, StrengthRefusal> {
  const { molarMassGPerMol } = REAGENTS[reagent];
  switch (strength.kind) {
    case 'percentByMass': {
      const refusal =
        outside('percent', strength.percent, { min: 0.1, max: 100 }) ??
        outside('densityGPerMl', strength.densityGPerMl, { min: 0.9, max: 2 });
      if (refusal) return refuse(refusal);
      return answer(((strength.percent / 100) * strength.densityGPerMl) / molarMassGPerMol);
    }
    case 'dry':
      return answer((strength.purityPercent ?? 100) / 100 / molarMassGPerMol);
    case 'diluted': {
      const refusal = outside('parts', strength.parts, { min: 1, max: 10_000 });
      if (refusal) return refuse(refusal);
      const whole = molPerUnit({ reagent, strength: strength.of });
      return whole.ok ? answer(whole.value / strength.parts) : whole;
    }
    case 'weightByVolume': {
      const refusal = outside('gPerL', strength.gPerL, { min: 0.1, max: 2000 });
      return refusal ? refuse(refusal) : answer(strength.gPerL / 1000 / molarMassGPerMol);
    }
    case 'equivalents': {
      const refusal = outside('molPerL', strength.molPerL, { min: 1e-4, max: 40 });
      return refusal ? refuse(refusal) : answer(strength.molPerL / 1000);
    }
    case 'unknown':
      return refuse({ reason: 'strengthUnknown' });
  }
}

/** Whether a product is dosed in grams. */
export function isDry({ strength }: Product): boolean {
  return strength.kind === 'dry' || (strength.kind === 'diluted' && strength.of.kind === 'dry');
}
