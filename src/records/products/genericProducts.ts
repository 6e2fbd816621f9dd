import { DENSITY_G_PER_ML, type Product } from '@/core/chemistry';

/** A product to correct pH with, as a starting point; the label's own strength wins. */
export interface GenericProduct {
  readonly id: string;
  readonly name: string;
  readonly hint: string;
  /** Concentrates stand behind their own door. */
  readonly group: 'home' | 'trained';
  readonly product: Product;
}

const liquid = (reagent: Product['reagent'], percent: number, densityGPerMl: number): Product => ({
  reagent,
  strength: { kind: 'percentByMass', percent, densityGPerMl },
});

const concentrate = (id: string, name: string, product: Product): GenericProduct => ({
  id,
  name,
  hint: 'trained people only',
  group: 'trained',
  product,
});

/** Shown first: diluted and dry products. Behind the door: concentrates, percent by mass. */
export const GENERIC_PRODUCTS: readonly GenericProduct[] = [
  {
    id: 'ph-down',
    name: 'pH down',
    hint: 'strength unknown',
    group: 'home',
    product: { reagent: 'strongAcid', strength: { kind: 'unknown' } },
  },
  {
    id: 'ph-up',
    name: 'pH up',
    hint: 'strength unknown',
    group: 'home',
    product: { reagent: 'strongBase', strength: { kind: 'unknown' } },
  },
  {
    id: 'citric-dry',
    name: 'citric acid, dry',
    hint: 'a powder; microbes eat it and the pH climbs back',
    group: 'home',
    product: { reagent: 'citric', strength: { kind: 'dry' } },
  },
  {
    id: 'citric-50',
    name: 'citric acid, dissolved to 50 %',
    hint: 'by mass',
    group: 'home',
    product: liquid('citric', 50, DENSITY_G_PER_ML.citric50),
  },
  {
    id: 'khco3-dry',
    name: 'potassium bicarbonate, dry',
    hint: 'a mild powder, upward',
    group: 'home',
    product: { reagent: 'khco3', strength: { kind: 'dry' } },
  },
  concentrate('nitric-38', 'nitric acid 38 %', liquid('nitric', 38, DENSITY_G_PER_ML.nitric38)),
  concentrate('nitric-60', 'nitric acid 60 %', liquid('nitric', 60, DENSITY_G_PER_ML.nitric60)),
  concentrate(
    'phosphoric-75',
    'phosphoric acid 75 %',
    liquid('phosphoric', 75, DENSITY_G_PER_ML.phosphoric75),
  ),
  concentrate(
    'phosphoric-85',
    'phosphoric acid 85 %',
    liquid('phosphoric', 85, DENSITY_G_PER_ML.phosphoric85),
  ),
  concentrate(
    'sulfuric-38',
    'sulfuric acid 38 %',
    liquid('sulfuric', 38, DENSITY_G_PER_ML.sulfuric38),
  ),
  concentrate('koh-45', 'potassium hydroxide 45 %', liquid('koh', 45, DENSITY_G_PER_ML.koh45)),
  concentrate(
    'k2co3-40',
    'potassium carbonate 40 %',
    liquid('k2co3', 40, DENSITY_G_PER_ML.k2co340),
  ),
];
