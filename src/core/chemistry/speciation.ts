import type { Conditions } from './conditions';
import { ACIDS, PAIRS, type AcidName } from './constants';

/** Dissolved calcium and magnesium in all, mol/L. */
export interface Metals {
  readonly calciumMolPerL: number;
  readonly magnesiumMolPerL: number;
}

/** What calcium and magnesium are left free beside their pairs, mol/L. */
export interface FreeMetals {
  readonly calcium: number;
  readonly magnesium: number;
}

/** Nothing to hold on to an acid. */
export const NO_METALS: FreeMetals = { calcium: 0, magnesium: 0 };

/** Acids that calcium and magnesium hold on to. */
const PAIRED = ['carbonate', 'phosphate', 'sulfate', 'citrate'] as const;
type Paired = (typeof PAIRED)[number];

/** Pairs of each acid, by their places in the list. */
const PAIRS_OF = Object.fromEntries(
  PAIRED.map((name) => [name, PAIRS.flatMap((pair, at) => (pair.ligand === name ? [at] : []))]),
) as unknown as Readonly<Record<Paired, readonly number[]>>;

const isPaired = (name: AcidName | 'carbonate'): name is Paired =>
  (PAIRED as readonly string[]).includes(name);

/** How an acid of one mole stands at a hydrogen-ion activity beside free metals. */
export interface Standing {
  /** Negative charge of the acid itself, pairs with what they hold; below 0 for ammonium. */
  readonly charge: number;
  /** Share that has given off no proton and is not paired. */
  readonly whole: number;
  /** Share held by calcium and by magnesium. */
  readonly calcium: number;
  readonly magnesium: number;
}

/** How an acid stands: each form weighs by what the metals hold of it. */
export function standingOf(
  name: AcidName | 'carbonate',
  aH: number,
  { at, free }: { readonly at: Conditions; readonly free: FreeMetals },
): Standing {
  const steps = name === 'carbonate' ? at.carbonic : at.acids[name];
  const pairs = isPaired(name) ? PAIRS_OF[name] : [];
  let [term, sum, weighted, calcium, magnesium] = [1, 1, 0, 0, 0];
  for (let step = 1; step <= steps.length; step += 1) {
    term *= steps[step - 1]! / aH;
    let all = term;
    for (const pair of pairs) {
      const { metal, step: of } = PAIRS[pair]!;
      if (of !== step) continue;
      const held = term * at.pairs[pair]! * free[metal];
      all += held;
      if (metal === 'calcium') calcium += held;
      else magnesium += held;
    }
    sum += all;
    weighted += step * all;
  }
  const topCharge = name === 'carbonate' ? 0 : ACIDS[name].topCharge;
  return {
    charge: weighted / sum - topCharge,
    whole: 1 / sum,
    calcium: calcium / sum,
    magnesium: magnesium / sum,
  };
}

/** What is dissolved that metals hold on to, mol/L. */
export type Ligands = Readonly<Partial<Record<Paired, number>>>;

/** Free metals are found to this share. */
const FREE_ENOUGH = 1e-7;
const FREE_STEPS = 200;

/**
 * The metals left free at a pH: each is what is there divided by one and what a mole of it meets. The
 * search goes down from `from` (all free where absent) and never leaves 0 to all.
 */
export function freeMetals(
  { calciumMolPerL, magnesiumMolPerL }: Metals,
  aH: number,
  {
    at,
    ligands,
    from = { calcium: calciumMolPerL, magnesium: magnesiumMolPerL },
  }: { readonly at: Conditions; readonly ligands: Ligands; readonly from?: FreeMetals },
): FreeMetals {
  let free = from;
  for (let step = 0; step < FREE_STEPS; step += 1) {
    let [calcium, magnesium] = [1, 1];
    for (const name of PAIRED) {
      const total = ligands[name] ?? 0;
      if (total <= 0) continue;
      const standing = standingOf(name, aH, { at, free });
      // Held over free is what one mole of free metal holds.
      if (free.calcium > 0) calcium += (total * standing.calcium) / free.calcium;
      if (free.magnesium > 0) magnesium += (total * standing.magnesium) / free.magnesium;
    }
    const next = { calcium: calciumMolPerL / calcium, magnesium: magnesiumMolPerL / magnesium };
    const moved = Math.abs(next.calcium - free.calcium) + Math.abs(next.magnesium - free.magnesium);
    free = next;
    if (moved <= FREE_ENOUGH * (calciumMolPerL + magnesiumMolPerL)) break;
  }
  return free;
}
