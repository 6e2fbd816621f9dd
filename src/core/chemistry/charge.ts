import { ACIDS, type AcidName } from './constants';
import type { Conditions } from './conditions';

/** Totals of the weak acids and bases dissolved, mol/L. Absent: none. */
export type Totals = Readonly<Partial<Record<AcidName, number>>>;

/** The carbonate of a solution: a fixed amount (closed), or whatever the air keeps it at (open). */
export type Carbonate =
  | { readonly kind: 'closed'; readonly carbonMolPerL: number }
  | { readonly kind: 'open'; readonly co2Uatm: number };

/** Negative charge on one mole of an acid at a hydrogen-ion activity; below 0 for ammonium. */
export function acidCharge(name: AcidName, aH: number, { acids }: Conditions): number {
  let term = 1;
  let sum = 1;
  let weighted = 0;
  const steps = acids[name];
  for (let at = 0; at < steps.length; at += 1) {
    term *= steps[at]! / aH;
    sum += term;
    weighted += (at + 1) * term;
  }
  return weighted / sum - ACIDS[name].topCharge;
}

/** Negative charge on carbonate, mol/L. */
export function carbonateCharge(carbonate: Carbonate, aH: number, at: Conditions): number {
  const [k1, k2] = at.carbonic;
  const hco3 = k1 / aH;
  const co3 = (k1 * k2) / aH ** 2;
  const dissolvedCo2 =
    carbonate.kind === 'open'
      ? at.henryCo2 * carbonate.co2Uatm * 1e-6
      : carbonate.carbonMolPerL / (1 + hco3 + co3);
  return dissolvedCo2 * (hco3 + 2 * co3);
}

/** Total dissolved carbon, mol/L. */
export function carbonOf(carbonate: Carbonate, aH: number, at: Conditions): number {
  if (carbonate.kind === 'closed') return carbonate.carbonMolPerL;
  const [k1, k2] = at.carbonic;
  const co2 = at.henryCo2 * carbonate.co2Uatm * 1e-6;
  return co2 * (1 + k1 / aH + (k1 * k2) / aH ** 2);
}

/** OH⁻ − H⁺, mol/L. */
export function waterCharge(aH: number, { kw, gamma1 }: Conditions): number {
  return kw / aH - aH / gamma1;
}

/**
 * The net negative charge of everything that takes up protons, mol/L: what the strong ions must
 * balance. Rises with pH; each term in the same units, so that mass and charge close exactly.
 */
export function netCharge(
  ph: number,
  totals: Totals,
  carbonate: Carbonate,
  at: Conditions,
): number {
  const aH = 10 ** -ph;
  let charge = waterCharge(aH, at) + carbonateCharge(carbonate, aH, at);
  for (const name of Object.keys(totals) as AcidName[]) {
    const total = totals[name] ?? 0;
    if (total !== 0) charge += total * acidCharge(name, aH, at);
  }
  return charge;
}
