/*
 * A chemistry of its own for hidden tanks: constants of 20 °C, charges summed over every form, the pH
 * by bisection. Nothing of it comes from the chemistry it is to try.
 */

/** Totals of a hidden tank, mol/L. */
export interface Held {
  /** Strong cations less strong anions. */
  charge: number;
  carbon: number;
  phosphate: number;
  ammonium: number;
  citrate: number;
  sulfate: number;
  calcium: number;
  magnesium: number;
}

/** Acids by their constants at 20 °C and the charge they have with all their protons. */
const FORMS = {
  carbon: { top: 0, pK: [6.38, 10.38] },
  phosphate: { top: 0, pK: [2.12, 7.21, 12.39] },
  ammonium: { top: 1, pK: [9.4] },
  citrate: { top: 0, pK: [3.14, 4.77, 6.39] },
  sulfate: { top: -1, pK: [1.92] },
} as const;
type Acid = keyof typeof FORMS;
const ACIDS = Object.keys(FORMS) as Acid[];

/** log K of what calcium and magnesium hold, by acid and protons gone. */
const HELD: Readonly<Partial<Record<Acid, Readonly<Record<number, readonly [number, number]>>>>> = {
  carbon: { 1: [1.1, 1.07], 2: [3.2, 2.95] },
  phosphate: { 1: [1.4, 1.5], 2: [2.72, 2.85] },
  citrate: { 2: [2.9, 2.6], 3: [4.8, 4.8] },
  sulfate: { 1: [2.28, 2.27] },
};

const PK_WATER = 14.17;
const LOG_HENRY = -1.41;

/** Carbon dioxide that air of 420 µatm keeps dissolved, mol/L. */
export const AIR_MOL_PER_L = 10 ** LOG_HENRY * 420e-6;

/** log γ for a charge, Davies. */
const logGamma = (z: number, strength: number) => {
  const root = Math.sqrt(strength);
  return -0.505 * z * z * (root / (1 + root) - 0.3 * strength);
};

interface Medium {
  readonly strength: number;
  readonly pairs: boolean;
}

/** Concentrations of an acid's forms beside one another, with what metals hold of each. */
function formsOf(acid: Acid, ph: number, free: readonly [number, number], medium: Medium) {
  const { top, pK } = FORMS[acid];
  const forms: { gone: number; bare: number; calcium: number; magnesium: number }[] = [];
  let log = 0;
  for (let gone = 0; gone <= pK.length; gone += 1) {
    if (gone > 0) log += ph - pK[gone - 1]!;
    const z = top - gone;
    const activity = 10 ** log;
    const bare = activity / 10 ** logGamma(z, medium.strength);
    const logKs = medium.pairs ? HELD[acid]?.[gone] : undefined;
    const held = (metal: 0 | 1) =>
      logKs
        ? (activity * 10 ** logKs[metal] * free[metal] * 10 ** logGamma(2, medium.strength)) /
          10 ** logGamma(z + 2, medium.strength)
        : 0;
    forms.push({ gone, bare, calcium: held(0), magnesium: held(1) });
  }
  const sum = forms.reduce((all, f) => all + f.bare + f.calcium + f.magnesium, 0);
  const share = (of: (f: (typeof forms)[number]) => number) =>
    forms.reduce((all, f) => all + of(f), 0) / sum;
  return {
    charge: share((f) => f.gone * (f.bare + f.calcium + f.magnesium)) - top,
    calcium: share((f) => f.calcium),
    magnesium: share((f) => f.magnesium),
    whole: forms[0]!.bare / sum,
  };
}

/** Free calcium and magnesium at a pH. */
function freeAt(held: Held, ph: number, medium: Medium): [number, number] {
  let free: [number, number] = [held.calcium, held.magnesium];
  if (!medium.pairs) return free;
  for (let round = 0; round < 60; round += 1) {
    let [boundCalcium, boundMagnesium] = [0, 0];
    for (const acid of ACIDS) {
      if (held[acid] <= 0) continue;
      const forms = formsOf(acid, ph, free, medium);
      boundCalcium += held[acid] * forms.calcium;
      boundMagnesium += held[acid] * forms.magnesium;
    }
    const ratio = (total: number, now: number, bound: number) =>
      now <= 0 ? 0 : total / (1 + bound / now);
    const next: [number, number] = [
      ratio(held.calcium, free[0], boundCalcium),
      ratio(held.magnesium, free[1], boundMagnesium),
    ];
    const moved = Math.abs(next[0] - free[0]) + Math.abs(next[1] - free[1]);
    free = next;
    if (moved < 1e-6 * (held.calcium + held.magnesium + 1e-12)) break;
  }
  return free;
}

/** What takes up protons at a pH, mol/L, and the share of carbon that is carbon dioxide. */
export function chargeAt(held: Held, ph: number, medium: Medium) {
  const free = freeAt(held, ph, medium);
  const gamma = 10 ** logGamma(1, medium.strength);
  let charge = 10 ** (ph - PK_WATER) / gamma - 10 ** -ph / gamma;
  for (const acid of ACIDS)
    if (held[acid] > 0) charge += held[acid] * formsOf(acid, ph, free, medium).charge;
  return { charge, dioxide: formsOf('carbon', ph, free, medium).whole };
}

/** The pH at which charges balance. */
export function phOf(held: Held, medium: Medium): number {
  let [low, high] = [1.5, 12];
  for (let step = 0; step < 34; step += 1) {
    const middle = (low + high) / 2;
    if (chargeAt(held, middle, medium).charge < held.charge) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

/** Sets the carbon so that a tank of a given charge stands at a pH. */
export function carbonFor(held: Held, ph: number, medium: Medium): void {
  let [low, high] = [0, 0.2];
  for (let step = 0; step < 40; step += 1) {
    held.carbon = (low + high) / 2;
    if (chargeAt(held, ph, medium).charge < held.charge) low = held.carbon;
    else high = held.carbon;
  }
}
