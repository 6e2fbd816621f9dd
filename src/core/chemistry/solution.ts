import { answer, outside, refuse, type OutOfRange, type Result } from '../result';
import { findRoot, type Root } from '../statistics';
import {
  acidsCharge,
  carbonOf,
  netCharge,
  waterCharge,
  type Carbonate,
  type Dissolved,
  type Totals,
} from './charge';
import type { Conditions } from './conditions';
import { AIR_CO2_UATM, CHEMISTRY_RANGE_PH } from './constants';
import { NO_METALS, freeMetals, standingOf, type Metals } from './speciation';

/** A solution: what is dissolved and how much charge its strong ions leave to be balanced. */
export interface Solution extends Dissolved {
  /** Strong cations − strong anions, mol/L (equivalents). Acid lowers it, base raises it. */
  readonly strongIonDifferenceMolPerL: number;
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
const TITRATION_END_PH = 4.5;

/** Why a solution cannot be made of what is known. */
export type SolutionRefusal =
  OutOfRange | { readonly reason: 'alkalinityBelowWater'; readonly alkalinityMolPerL: number };

/** The carbonate a titration to 4.5 leaves once the other acids' part is taken off. */
function titratedCharge(ph: number, { at, totals }: Dissolved, alkalinity: number): number {
  const [aH, aEnd] = [10 ** -ph, 10 ** -TITRATION_END_PH];
  const bare = { at, free: NO_METALS, carbonMolPerL: 0 };
  const others =
    waterCharge(aH, at) -
    waterCharge(aEnd, at) +
    acidsCharge({ totals }, aH, bare) -
    acidsCharge({ totals }, aEnd, bare);
  // At 4.5 a little bicarbonate is left: charge(pH) − charge(4.5) = share·charge(pH).
  const charge = (a: number) => standingOf('carbonate', a, bare).charge;
  return (alkalinity - others) / (1 - charge(aEnd) / charge(aH));
}

/** Carbon that gives a carbonate charge at a pH, mol/L: metals and carbon found in turn. */
function carbonFor(chargeMolPerL: number, aH: number, dissolved: Dissolved): number {
  const { at, totals, metals } = dissolved;
  let free = NO_METALS;
  let carbon = chargeMolPerL / standingOf('carbonate', aH, { at, free }).charge;
  for (let round = 0; metals && round < CARBON_ROUNDS; round += 1) {
    free = freeMetals(metals, aH, { at, ligands: { ...totals, carbonate: carbon } });
    carbon = chargeMolPerL / standingOf('carbonate', aH, { at, free }).charge;
  }
  return carbon;
}

const CARBON_ROUNDS = 20;

/**
 * A solution from its measured pH, its totals, and what is known of its carbonate. Refuses an
 * alkalinity smaller than water and the other acids alone account for.
 */
export function solutionFrom(
  at: Conditions,
  {
    ph,
    totals,
    known,
    metals,
  }: { ph: number; totals: Totals; known: CarbonateKnown; metals?: Metals | undefined },
): Result<Solution, SolutionRefusal> {
  const refusal = outside('ph', ph, CHEMISTRY_RANGE_PH);
  if (refusal) return refuse(refusal);
  const aH = 10 ** -ph;
  const without = { at, totals, metals };
  const withCarbonate = (carbonate: Carbonate): Solution => {
    const dissolved = { ...without, carbonate };
    return { ...dissolved, strongIonDifferenceMolPerL: netCharge(ph, dissolved) };
  };
  if (known.kind === 'aired') {
    const open: Carbonate = { kind: 'open', co2Uatm: known.co2Uatm ?? AIR_CO2_UATM };
    const carbonMolPerL = carbonOf({ ...without, carbonate: open }, aH);
    return answer(withCarbonate({ kind: 'closed', carbonMolPerL }));
  }
  const { alkalinityMolPerL } = known;
  const none = { ...without, carbonate: { kind: 'closed', carbonMolPerL: 0 } } as const;
  const charge =
    known.kind === 'report'
      ? alkalinityMolPerL - waterCharge(aH, at)
      : titratedCharge(ph, none, alkalinityMolPerL);
  if (!(charge >= 0)) return refuse({ reason: 'alkalinityBelowWater', alkalinityMolPerL });
  return answer(withCarbonate({ kind: 'closed', carbonMolPerL: carbonFor(charge, aH, none) }));
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
export function solvePh(solution: Solution): SolvedPh {
  const residual = (ph: number) => netCharge(ph, solution) - solution.strongIonDifferenceMolPerL;
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
  const carbonMolPerL = carbonOf(solution, aH);
  return { ...solution, carbonate: { kind: 'closed', carbonMolPerL } };
}

/** What it takes up per pH at a pH, mol/(L·pH): the slope of its charge. */
export function bufferCapacity(solution: Dissolved, ph: number): number {
  const half = 0.005;
  return (netCharge(ph + half, solution) - netCharge(ph - half, solution)) / (2 * half);
}
