import { REAGENTS, type Reagent } from './products';

/** Nutrients a correction brings, mg/L of the tank. */
export type Nutrients = Readonly<Partial<Record<'N' | 'P' | 'S' | 'K', number>>>;

/** What so many mol/L of a reagent feed, mg/L. */
export function nutrientsAdded(reagent: Reagent, molPerL: number): Nutrients {
  return Object.fromEntries(
    Object.entries(REAGENTS[reagent].nutrientsGPerMol).map(([element, grams]) => [
      element,
      1000 * grams * molPerL,
    ]),
  );
}
