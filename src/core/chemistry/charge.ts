import type { AcidName } from './constants';
import type { Conditions } from './conditions';
import { NO_METALS, freeMetals, standingOf, type FreeMetals, type Metals } from './speciation';

/** Totals of the weak acids and bases dissolved, mol/L. Absent: none. */
export type Totals = Readonly<Partial<Record<AcidName, number>>>;

/** The carbonate of a solution: a fixed amount (closed), or whatever the air keeps it at (open). */
export type Carbonate =
  | { readonly kind: 'closed'; readonly carbonMolPerL: number }
  | { readonly kind: 'open'; readonly co2Uatm: number };

/** What takes up protons in a solution. */
export interface Dissolved {
  readonly at: Conditions;
  readonly totals: Totals;
  readonly carbonate: Carbonate;
  /** Calcium and magnesium, which hold on to some acids. Absent: none. */
  readonly metals?: Metals | undefined;
}

/** Carbon dioxide that the air keeps dissolved, mol/L. */
const keptByAir = (co2Uatm: number, { henryCo2 }: Conditions) => henryCo2 * co2Uatm * 1e-6;

/** Carbon that an open solution holds, with the pairs of its free metals, mol/L. */
function openCarbon(co2Uatm: number, aH: number, { at, free }: Surrounding): number {
  return keptByAir(co2Uatm, at) / standingOf('carbonate', aH, { at, free }).whole;
}

interface Surrounding {
  readonly at: Conditions;
  readonly free: FreeMetals;
}

/** Rounds of metals and carbon of an open solution: each moves the other by little. */
const OPEN_ROUNDS = 12;

/** Metals left free at a hydrogen-ion activity, and the carbon there, mol/L. */
export function standingAt(
  { at, totals, carbonate, metals }: Dissolved,
  aH: number,
): Surrounding & { readonly carbonMolPerL: number } {
  if (carbonate.kind === 'closed') {
    const { carbonMolPerL } = carbonate;
    if (!metals) return { at, free: NO_METALS, carbonMolPerL };
    const free = freeMetals(metals, aH, { at, ligands: { ...totals, carbonate: carbonMolPerL } });
    return { at, free, carbonMolPerL };
  }
  let free = NO_METALS;
  let carbonMolPerL = openCarbon(carbonate.co2Uatm, aH, { at, free });
  for (let round = 0; metals && round < OPEN_ROUNDS; round += 1) {
    free = freeMetals(metals, aH, { at, ligands: { ...totals, carbonate: carbonMolPerL } });
    carbonMolPerL = openCarbon(carbonate.co2Uatm, aH, { at, free });
  }
  return { at, free, carbonMolPerL };
}

/** Total dissolved carbon, mol/L. */
export const carbonOf = (dissolved: Dissolved, aH: number): number =>
  standingAt(dissolved, aH).carbonMolPerL;

/** OH⁻ − H⁺, mol/L. */
export function waterCharge(aH: number, { kw, gamma1 }: Conditions): number {
  return kw / aH - aH / gamma1;
}

/** Negative charge on carbonate and on the acids, mol/L, beside so many free metals. */
export function acidsCharge(
  { totals }: Pick<Dissolved, 'totals'>,
  aH: number,
  { carbonMolPerL, ...surrounding }: Surrounding & { readonly carbonMolPerL: number },
): number {
  let charge = carbonMolPerL * standingOf('carbonate', aH, surrounding).charge;
  for (const name of Object.keys(totals) as AcidName[]) {
    const total = totals[name] ?? 0;
    if (total !== 0) charge += total * standingOf(name, aH, surrounding).charge;
  }
  return charge;
}

/**
 * The net negative charge of everything that takes up protons, mol/L: what the strong ions must
 * balance. Rises with pH; each term in the same units, so that mass and charge close exactly.
 */
export function netCharge(ph: number, dissolved: Dissolved): number {
  const aH = 10 ** -ph;
  return waterCharge(aH, dissolved.at) + acidsCharge(dissolved, aH, standingAt(dissolved, aH));
}
