import { acidCharge, netCharge, type Totals } from './charge';
import type { AcidName } from './constants';
import { REAGENTS, type Reagent } from './products';
import { solvePh, type Solution } from './solution';

/** Totals with a reagent's own acids added. */
function withAdded(totals: Totals, reagent: Reagent, molPerL: number): Totals {
  const sum: Partial<Record<AcidName, number>> = { ...totals };
  for (const [name, each] of Object.entries(REAGENTS[reagent].adds) as [AcidName, number][]) {
    sum[name] = (sum[name] ?? 0) + each * molPerL;
  }
  return sum;
}

/** A solution after a reagent was poured in and mixed, `molPerL` of the tank. */
export function addReagent(solution: Solution, reagent: Reagent, molPerL: number): Solution {
  const { strongCharge, carbon } = REAGENTS[reagent];
  const { carbonate } = solution;
  return {
    ...solution,
    totals: withAdded(solution.totals, reagent, molPerL),
    strongChargeMolPerL: solution.strongChargeMolPerL + strongCharge * molPerL,
    carbonate:
      carbonate.kind === 'closed'
        ? { kind: 'closed', carbonMolPerL: carbonate.carbonMolPerL + carbon * molPerL }
        : carbonate,
  };
}

/** How many protons a mole of a reagent takes off (+) or brings (−) at a pH, equivalents. */
export function equivalentsAt(reagent: Reagent, ph: number, { at }: Pick<Solution, 'at'>): number {
  const { strongCharge, adds, carbon } = REAGENTS[reagent];
  const aH = 10 ** -ph;
  let taken = strongCharge;
  for (const [name, each] of Object.entries(adds) as [AcidName, number][]) {
    taken -= each * acidCharge(name, aH, at);
  }
  const unit = { kind: 'closed', carbonMolPerL: 1 } as const;
  const bare = netCharge(ph, {}, { kind: 'closed', carbonMolPerL: 0 }, at);
  if (carbon > 0) taken -= carbon * (netCharge(ph, {}, unit, at) - bare);
  return taken;
}

/** Protons a closed solution takes up (+) or gives off (−) on its way to a pH, equivalents per litre. */
export function acidToReach(solution: Solution, aimPh: number): number {
  const { at, totals, carbonate, strongChargeMolPerL } = solution;
  return strongChargeMolPerL - netCharge(aimPh, totals, carbonate, at);
}

/**
 * How much of a reagent brings a closed solution to a pH, mol/L: since totals enter the balance
 * in proportion, one division. Negative when the pH lies the other way.
 */
export function molPerLToReach(solution: Solution, reagent: Reagent, aimPh: number): number {
  return -acidToReach(solution, aimPh) / equivalentsAt(reagent, aimPh, solution);
}

/** pH against dose, closed: one point for each dose in mol/L. */
export function titrationCurve(
  solution: Solution,
  reagent: Reagent,
  dosesMolPerL: readonly number[],
): readonly { readonly molPerL: number; readonly ph: number }[] {
  return dosesMolPerL.map((molPerL) => ({
    molPerL,
    ph: solvePh(addReagent(solution, reagent, molPerL)).ph,
  }));
}
