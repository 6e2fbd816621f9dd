import { tableAt } from '../buffers';
import { LINEARITY_BOUND, REFERENCE_TEMP_C } from './constants';

/**
 * Largest relative error of linear compensation at `tempC` (a bound, not a standard deviation).
 * `linearityBoundRel(15) // => 0.010`
 */
export function linearityBoundRel(tempC: number): number {
  const distanceC = Math.min(Math.abs(tempC - REFERENCE_TEMP_C), LINEARITY_BOUND.at(-1)!.tempC);
  const bound = tableAt(LINEARITY_BOUND, distanceC);
  if (!bound.ok) throw new RangeError(`no linearity bound at ${tempC} °C`);
  return bound.value;
}
