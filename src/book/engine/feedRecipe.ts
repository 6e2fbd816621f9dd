import { FEED_FACTOR, type Prior, type Recipe } from '@/core/tank-belief';
import type { Tank } from '@/records/kinds';

/** Molar masses, g/mol (IUPAC 2021): recipes state phosphorus and nitrogen in mg/L. */
const PHOSPHORUS_G_PER_MOL = 30.974;
const NITROGEN_G_PER_MOL = 14.007;

/** What a tank's recipe says, mmol/L for each mS/cm; undefined where none was entered. */
export function recipeOf({ recipe }: Pick<Tank, 'recipe'>): Recipe | undefined {
  if (!recipe) return undefined;
  const { phosphorusMgPerL, ammoniumMgPerL, atEcMsPerCm } = recipe;
  return {
    phosphateMmolPerMs: phosphorusMgPerL / PHOSPHORUS_G_PER_MOL / atEcMsPerCm,
    ammoniumMmolPerMs:
      ammoniumMgPerL === undefined ? undefined : ammoniumMgPerL / NITROGEN_G_PER_MOL / atEcMsPerCm,
  };
}

/** How far a feed may resist more or less than its recipe, or than the usual where none was entered. */
export const factorSupposed = ({ recipe }: Pick<Tank, 'recipe'>): Prior =>
  recipe ? FEED_FACTOR.recipe : FEED_FACTOR.unknown;
