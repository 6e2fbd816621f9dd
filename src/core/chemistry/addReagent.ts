import {
  acidsCharge,
  netCharge,
  standingAt,
  waterCharge,
  type Dissolved,
  type Totals,
} from './charge';
import type { Conditions } from './conditions';
import type { AcidName } from './constants';
import { REAGENTS, type Reagent } from './products';
import { standingOf, type FreeMetals } from './speciation';
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
  const { strongIonDifference, carbon } = REAGENTS[reagent];
  const { carbonate } = solution;
  return {
    ...solution,
    totals: withAdded(solution.totals, reagent, molPerL),
    strongIonDifferenceMolPerL: solution.strongIonDifferenceMolPerL + strongIonDifference * molPerL,
    carbonate:
      carbonate.kind === 'closed'
        ? { kind: 'closed', carbonMolPerL: carbonate.carbonMolPerL + carbon * molPerL }
        : carbonate,
  };
}

/** How many protons a mole of a reagent takes off (+) or brings (−) at a pH in a solution, equivalents. */
export function equivalentsAt(reagent: Reagent, ph: number, solution: Dissolved): number {
  const aH = 10 ** -ph;
  return equivalentsBeside(reagent, aH, standingAt(solution, aH));
}

/** The same beside so many free metals. */
function equivalentsBeside(
  reagent: Reagent,
  aH: number,
  surrounding: { readonly at: Conditions; readonly free: FreeMetals },
): number {
  const { strongIonDifference, adds, carbon } = REAGENTS[reagent];
  let taken = strongIonDifference;
  for (const [name, each] of Object.entries(adds) as [AcidName, number][])
    taken -= each * standingOf(name, aH, surrounding).charge;
  if (carbon > 0) taken -= carbon * standingOf('carbonate', aH, surrounding).charge;
  return taken;
}

/** Protons a closed solution takes up (+) or gives off (−) on its way to a pH, equivalents per litre. */
export function acidToReach(solution: Solution, aimPh: number): number {
  return solution.strongIonDifferenceMolPerL - netCharge(aimPh, solution);
}

/** An acid that metals hold on to changes what they hold: the amount settles in so many rounds. */
const REACH_ROUNDS = 40;
const REACH_ENOUGH = 1e-9;

/**
 * How much of a reagent brings a closed solution to a pH, mol/L: since totals enter the balance
 * in proportion, one division for given free metals, and a few rounds where the reagent's own acid
 * takes some of them. Negative when the pH lies the other way.
 */
export function molPerLToReach(solution: Solution, reagent: Reagent, aimPh: number): number {
  const aH = 10 ** -aimPh;
  const first = -acidToReach(solution, aimPh) / equivalentsAt(reagent, aimPh, solution);
  if (!solution.metals) return first;
  let molPerL = first;
  for (let round = 0; round < REACH_ROUNDS; round += 1) {
    const beside = standingAt(addReagent(solution, reagent, molPerL), aH);
    const { carbonMolPerL } = standingAt(solution, aH);
    const without =
      waterCharge(aH, solution.at) + acidsCharge(solution, aH, { ...beside, carbonMolPerL });
    const next =
      (without - solution.strongIonDifferenceMolPerL) / equivalentsBeside(reagent, aH, beside);
    const moved = Math.abs(next - molPerL);
    molPerL = next;
    if (moved <= REACH_ENOUGH * Math.abs(next)) break;
  }
  return molPerL;
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
