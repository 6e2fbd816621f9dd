import { PRE_DILUTION_L, PRE_DILUTION_TIMES } from './constants';

/**
 * Water to pour the product into first, L: a hundred times its volume, one to ten litres.
 * `preDilutionL(24) // => 2.4`
 */
export function preDilutionL(doseMl: number): number {
  const wanted = (PRE_DILUTION_TIMES * doseMl) / 1000;
  return Math.min(Math.max(wanted, PRE_DILUTION_L.min), PRE_DILUTION_L.max);
}
