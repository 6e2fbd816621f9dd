import { errorFunction } from 'simple-statistics';
import { requireFinite } from '../result';

/**
 * Φ(z), the probability that a standard normal value lies below `z` (0 to 1).
 * Absolute error below 1.2e-7: the package's erf is the Chebyshev fit of Press et al.,
 * Numerical Recipes, 2nd edition, 6.2 (its own table of Φ has only four digits, so it is not used).
 * `normalCdf(1.96) // => 0.975`
 */
export function normalCdf(z: number): number {
  return 0.5 * (1 + errorFunction(requireFinite('z', z) / Math.SQRT2));
}
