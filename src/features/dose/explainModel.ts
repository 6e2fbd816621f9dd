import type { WaterShare } from '@/book/answers';
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
  type Product,
} from '@/core/chemistry';

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

/** How many protons a mole of phosphoric acid gives off at a pH. */
export function phosphoricProtons(
  ph: number,
  { tempC, ecMsPerCm }: { tempC: number; ecMsPerCm: number },
): number | undefined {
  const at = conditionsAt({ tempC, ecMsPerCm });
  return at.ok ? Math.abs(equivalentsAt('phosphoric', ph, { at: at.value })) : undefined;
}

/** Alkalinity, EC and pH of the mixture of a tank's waters; undefined where any is missing. */
export function mixtureOf(waters: readonly WaterShare[]) {
  const sum = (of: (share: WaterShare) => number | undefined) =>
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
  const water = solutionFrom(at.value, { ph: WATER_PH, totals: {}, known });
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
