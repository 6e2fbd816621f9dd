import { answer, outside, refuse, type OutOfRange, type Result } from '../result';
import { findRoot, type Root } from '../statistics';
import {
  acidCharge,
  carbonateCharge,
  carbonOf,
  netCharge,
  waterCharge,
  type Carbonate,
  type Totals,
} from './charge';
import type { Conditions } from './conditions';
import { AIR_CO2_UATM, CHEMISTRY_RANGE_PH, type AcidName } from './constants';

/** A solution: what is dissolved and how much charge its strong ions leave to be balanced. */
export interface Solution {
  readonly at: Conditions;
  readonly totals: Totals;
  readonly carbonate: Carbonate;
  /** Strong cations − strong anions, mol/L (equivalents). Acid lowers it, base raises it. */
  readonly strongChargeMolPerL: number;
}

/** How the carbonate of a solution is known. */
export type CarbonateKnown =
  /** Carbonate alkalinity as a water report states it, mol/L of HCO₃⁻ equivalents. */
  | { readonly kind: 'report'; readonly alkalinityMolPerL: number }
  /** Acid a sample took to pH 4.5, mol/L; phosphate and the rest counted with it. */
  | { readonly kind: 'titration'; readonly alkalinityMolPerL: number }
  /** Long enough in the air: carbon dioxide as the air keeps it. */
  | { readonly kind: 'aired'; readonly co2Uatm?: number };

/** Where a titration of alkalinity ends, pH. Common end point of kits and laboratories. */
export const TITRATION_END_PH = 4.5;

/** Why a solution cannot be made of what is known. */
export type SolutionRefusal =
  OutOfRange | { readonly reason: 'alkalinityBelowWater'; readonly alkalinityMolPerL: number };

/** Carbon that gives a carbonate charge at a pH, mol/L. */
function carbonFor(chargeMolPerL: number, aH: number, at: Conditions): number {
  const perMol = carbonateCharge({ kind: 'closed', carbonMolPerL: 1 }, aH, at);
  return chargeMolPerL / perMol;
}

/** The carbonate a titration to 4.5 leaves once the other acids' part is taken off. */
function titratedCharge(ph: number, totals: Totals, at: Conditions, alkalinity: number): number {
  const [aH, aEnd] = [10 ** -ph, 10 ** -TITRATION_END_PH];
  let others = waterCharge(aH, at) - waterCharge(aEnd, at);
  for (const name of Object.keys(totals) as AcidName[]) {
    others += (totals[name] ?? 0) * (acidCharge(name, aH, at) - acidCharge(name, aEnd, at));
  }
  // At 4.5 a little bicarbonate is left: charge(pH) − charge(4.5) = share·charge(pH).
  const unit: Carbonate = { kind: 'closed', carbonMolPerL: 1 };
  const share = 1 - carbonateCharge(unit, aEnd, at) / carbonateCharge(unit, aH, at);
  return (alkalinity - others) / share;
}

/**
 * A solution from its measured pH, its totals, and what is known of its carbonate. Refuses an
 * alkalinity smaller than water and the other acids alone account for.
 */
export function solutionFrom(
  at: Conditions,
  { ph, totals, known }: { ph: number; totals: Totals; known: CarbonateKnown },
): Result<Solution, SolutionRefusal> {
  const refusal = outside('ph', ph, CHEMISTRY_RANGE_PH);
  if (refusal) return refuse(refusal);
  const aH = 10 ** -ph;
  const charge = (): number => {
    if (known.kind === 'aired') {
      const open: Carbonate = { kind: 'open', co2Uatm: known.co2Uatm ?? AIR_CO2_UATM };
      return carbonateCharge(open, aH, at);
    }
    if (known.kind === 'report') return known.alkalinityMolPerL - waterCharge(aH, at);
    return titratedCharge(ph, totals, at, known.alkalinityMolPerL);
  };
  const carbonateChargeMolPerL = charge();
  if (!(carbonateChargeMolPerL >= 0) && known.kind !== 'aired') {
    return refuse({ reason: 'alkalinityBelowWater', alkalinityMolPerL: known.alkalinityMolPerL });
  }
  const carbonMolPerL = carbonFor(carbonateChargeMolPerL, aH, at);
  const carbonate: Carbonate = { kind: 'closed', carbonMolPerL };
  return answer({
    at,
    totals,
    carbonate,
    strongChargeMolPerL: netCharge(ph, totals, carbonate, at),
  });
}

/** How finely pH is solved for. Charge closes to far below 1e-9 mol/L. */
const PH_TOLERANCE = 1e-10;

/** The pH of a solution, with how well the search closed. */
export interface SolvedPh extends Root {
  readonly ph: number;
}

/** Where tanks are: the search begins here, for further out the charge of water itself is steep. */
const USUAL_PH = { low: 4, high: 9 };

/** Where the search for a pH begins and ends, with what is known there. */
function bracketFor(residual: (ph: number) => number) {
  const { low, high } = USUAL_PH;
  const fLow = residual(low);
  if (fLow > 0) return { low: CHEMISTRY_RANGE_PH.min, high: low, fHigh: fLow };
  const fHigh = residual(high);
  if (fHigh < 0) return { low: high, high: CHEMISTRY_RANGE_PH.max, fLow: fHigh };
  return { low, high, fLow, fHigh };
}

/** The pH at which all charges balance: a bracketed search on 0–14 of a function rising in pH. */
export function solvePh({ at, totals, carbonate, strongChargeMolPerL }: Solution): SolvedPh {
  const residual = (ph: number) => netCharge(ph, totals, carbonate, at) - strongChargeMolPerL;
  const root = findRoot(residual, { ...bracketFor(residual), tolerance: PH_TOLERANCE });
  return { ...root, ph: root.x };
}

/** The same solution with the air's carbon dioxide: where its pH creeps with the pump running. */
export function airedOut(solution: Solution, co2Uatm = AIR_CO2_UATM): Solution {
  return { ...solution, carbonate: { kind: 'open', co2Uatm } };
}

/** The same solution as it stands now, closed: the carbon of an open one becomes its own. */
export function closedNow(solution: Solution): Solution {
  const aH = 10 ** -solvePh(solution).ph;
  const carbonMolPerL = carbonOf(solution.carbonate, aH, solution.at);
  return { ...solution, carbonate: { kind: 'closed', carbonMolPerL } };
}

/** What it takes up per pH at a pH, mol/(L·pH): the slope of its charge. */
export function bufferCapacity({ at, totals, carbonate }: Solution, ph: number): number {
  const half = 0.005;
  const up = netCharge(ph + half, totals, carbonate, at);
  return (up - netCharge(ph - half, totals, carbonate, at)) / (2 * half);
}
