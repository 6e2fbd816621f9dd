import { TOLERANCE_EC_REL, TOLERANCE_PH, type TolerancePolicy } from './constants';

/** How far off a pen may be by its policy: pH, or relative for EC. */
export function toleranceOf(quantity: 'ph' | 'ec', policy: TolerancePolicy): number {
  return quantity === 'ph' ? TOLERANCE_PH[policy] : TOLERANCE_EC_REL[policy];
}
