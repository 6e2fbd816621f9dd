import type { Formats } from '@/words';
import type { Recipe } from '@/core/dosing';

interface Written {
  readonly recipe: Recipe;
  readonly order: 'acidFirst' | 'nutrientsFirst';
  readonly acidName: string;
  /** The EC to reach, with its unit. */
  readonly middle: string;
  readonly formats: Formats;
}

/** How much stock, or what is missing to tell. */
function stockStep({ recipe, middle, formats }: Written): string {
  if (recipe.stockMl !== undefined)
    return `${formats.doseMl(recipe.stockMl)} of stock A, then the same of B, to ${middle}.`;
  return recipe.waters.length === 0
    ? 'Stock: give the tank its waters, and it is worked out here.'
    : 'Stock: what 1 mL/L of it adds is not known yet; type it once under EC, beside Dose.';
}

/** How much acid before the nutrients, or what is missing to tell. */
function acidStep({ recipe: { acid }, acidName, formats }: Written): string {
  if (!acid)
    return 'Acid: the alkalinity of this water is not known; read the fill and dose small.';
  const amount = `${formats.number(acid.amount, acid.amount < 100 ? 1 : 0)} ${acid.unit}`;
  const reached = `pH ${formats.number(acid.mixedPh, 1)} at first, aired ${formats.number(acid.airedPh, 1)}`;
  return `About ${amount} of ${acidName} in all, leaving half a meq/L: ${reached}. Never at once: book the fill, read it, and Dose gives the steps.`;
}

/** The steps of a whole change, in their order; they are numbered from 1 as they stand. */
export function recipeSteps(written: Written): readonly string[] {
  const { recipe, order, formats } = written;
  const waters = recipe.waters.map(({ name, litres }) => `${formats.volume(litres)} of ${name}`);
  const fill = waters.length > 0 ? [`${waters.join(' and ')}.`] : [];
  return order === 'nutrientsFirst'
    ? [
        ...fill,
        stockStep(written),
        'Pump ten minutes, read. Dose then plans the acid on the feed as it is.',
      ]
    : [...fill, acidStep(written), stockStep(written)];
}
