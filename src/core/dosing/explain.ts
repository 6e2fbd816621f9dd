import {
  addReagent,
  airedOut,
  conditionsAt,
  equivalentsAt,
  molPerLToReach,
  molPerUnit,
  REAGENTS,
  type Reagent,
  solutionFrom,
  solvePh,
  WATER_CALCIUM_MMOL_PER_MEQ,
  WATER_MAGNESIUM_MMOL_PER_MEQ,
  type Product,
} from '../chemistry';

/** What a mL of a liquid holds, and what reading its percentage without its density would make of it. */
export function concentratedFacts({ reagent, strength }: Product) {
  if (strength.kind !== 'percentByMass') return undefined;
  const whole = molPerUnit({ reagent, strength });
  if (!whole.ok) return undefined;
  const { molarMassGPerMol } = REAGENTS[reagent];
  const { percent, densityGPerMl } = strength;
  return {
    percent,
    densityGPerMl,
    gPerMl: (percent / 100) * densityGPerMl,
    mmolPerMl: 1000 * whole.value,
    naiveMmolPerMl: (1000 * (percent / 100)) / molarMassGPerMol,
  };
}

/** Protons that a molecule of an acid holds, where it holds more than it gives. */
export const PROTONS: Readonly<Partial<Record<Reagent, number>>> = {
  phosphoric: 3,
  citric: 3,
  citricMonohydrate: 3,
  sulfuric: 2,
};

/** How many protons a mole of an acid gives off at a pH. */
export function protonsOf(
  reagent: Reagent,
  ph: number,
  { tempC, ecMsPerCm }: { tempC: number; ecMsPerCm: number },
): number | undefined {
  const at = conditionsAt({ tempC, ecMsPerCm });
  if (!at.ok) return undefined;
  const carbonate = { kind: 'closed', carbonMolPerL: 0 } as const;
  // What its own form gives; sulfuric acid's first proton is off before it is counted.
  return -equivalentsAt(reagent, ph, { at: at.value, totals: {}, carbonate });
}

/** A water of a tank with its share of the fill; what nobody measured of it is absent. */
export interface WaterPart {
  readonly share: number;
  readonly water: {
    readonly name: string;
    readonly ecMsPerCm?: number | undefined;
    readonly alkalinityMmolPerL?: number | undefined;
  };
}

/** Alkalinity and EC of the mixture of a tank's waters; undefined where any is missing. */
export function mixtureOf(waters: readonly WaterPart[]) {
  const sum = (of: (part: WaterPart) => number | undefined) =>
    waters.reduce((all, each) => all + each.share * (of(each) ?? NaN), 0);
  const alkalinityMmolPerL = sum(({ water }) => water.alkalinityMmolPerL);
  const ecMsPerCm = sum(({ water }) => water.ecMsPerCm);
  const known = waters.length > 0 && Number.isFinite(alkalinityMmolPerL + ecMsPerCm);
  return known ? { alkalinityMmolPerL, ecMsPerCm } : undefined;
}

/** A usual pH of tap water; only its alkalinity matters for the acid it takes. */
const WATER_PH = 7.6;

/** What acid to an aim does in fresh water: how much it takes, and where it airs to. */
export function hardWaterFacts(
  { alkalinityMmolPerL, ecMsPerCm }: { alkalinityMmolPerL: number; ecMsPerCm: number },
  {
    aimPh,
    tempC,
    leaveMmolPerL = 0,
    reagent = 'nitric',
  }: { aimPh: number; tempC: number; leaveMmolPerL?: number; reagent?: Reagent },
) {
  const at = conditionsAt({ tempC, ecMsPerCm });
  if (!at.ok) return undefined;
  const known = { kind: 'report', alkalinityMolPerL: alkalinityMmolPerL / 1000 } as const;
  const metals = {
    calciumMolPerL: (WATER_CALCIUM_MMOL_PER_MEQ * alkalinityMmolPerL) / 1000,
    magnesiumMolPerL: (WATER_MAGNESIUM_MMOL_PER_MEQ * alkalinityMmolPerL) / 1000,
  };
  const water = solutionFrom(at.value, { ph: WATER_PH, totals: {}, known, metals });
  if (!water.ok) return undefined;
  const toAim = molPerLToReach(water.value, reagent, aimPh);
  const perMol = Math.abs(equivalentsAt(reagent, aimPh, water.value));
  const molPerL = Math.max(0, toAim - leaveMmolPerL / 1000 / perMol);
  const after = addReagent(water.value, reagent, molPerL);
  return {
    acidMmolPerL: 1000 * molPerL * perMol,
    molPerL,
    mixedPh: solvePh(after).ph,
    airedPh: solvePh(airedOut(after)).ph,
  };
}
