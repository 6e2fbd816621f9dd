import type { Reagent } from '@/core/chemistry';
import type { OwnProduct } from '../kinds';

/** Above these percentages a product is for trained people, by mass. */
const TRAINED_ABOVE_PERCENT: Readonly<Partial<Record<Reagent, number>>> = {
  nitric: 3,
  sulfuric: 15,
  phosphoric: 40,
  koh: 5,
  k2co3: 40,
};

/** Whether a strength is one that many places keep to trained people. */
export function isForTrained(reagent: Reagent, strength: OwnProduct['strength']): boolean {
  const limit = TRAINED_ABOVE_PERCENT[reagent];
  if (limit === undefined) return false;
  if (strength.kind === 'percentByMass') return strength.percent > limit;
  // A litre of it weighs a kilogram or more: grams in a litre over ten are at most percent by mass.
  return strength.kind === 'weightByVolume' && strength.gPerL / 10 > limit;
}
