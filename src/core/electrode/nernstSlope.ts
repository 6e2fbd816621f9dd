import { requireFinite } from '../result';
import { kelvinFromCelsius } from '../units';
import { FARADAY_C_PER_MOL, GAS_CONSTANT_J_PER_MOL_K } from './constants';

/**
 * The slope of an ideal pH electrode, mV per pH: R·ln10/F·T. 54.20 at 0 °C, 58.17 at 20, 59.16 at 25.
 * Any temperature above absolute zero, else `RangeError`.
 * @source IUPAC Recommendations 2002, Measurement of pH (Pure Appl. Chem. 74, 2169), 3.
 * `nernstSlopeMvPerPh(25) // => 59.16`
 */
export function nernstSlopeMvPerPh(tempC: number): number {
  const kelvin = kelvinFromCelsius(requireFinite('tempC', tempC));
  if (!(kelvin > 0)) throw new RangeError(`${tempC} °C lies below absolute zero`);
  return (1000 * GAS_CONSTANT_J_PER_MOL_K * Math.LN10 * kelvin) / FARADAY_C_PER_MOL;
}
