import { requireFinite } from '../result';
import { celsiusFromFahrenheit } from '../units';
import { LIKELY_FAHRENHEIT, SOLUTION_RANGE_C } from './constants';

/** What is wrong with a typed solution temperature, in °C. */
export type TempEntryIssue =
  | { readonly reason: 'looksLikeFahrenheit'; readonly meantC: number }
  | { readonly reason: 'outsideRange'; readonly minC: number; readonly maxC: number };

/**
 * Checks a typed solution temperature (°C): 0–45 is believable under cover; 46–113 is most likely
 * °F and is offered converted; anything else is out of range. Undefined when nothing is wrong.
 */
export function checkTempEntry(tempC: number): TempEntryIssue | undefined {
  requireFinite('tempC', tempC);
  const { min, max } = SOLUTION_RANGE_C;
  if (tempC >= min && tempC <= max) return undefined;
  if (tempC >= LIKELY_FAHRENHEIT.min && tempC <= LIKELY_FAHRENHEIT.max) {
    return { reason: 'looksLikeFahrenheit', meantC: celsiusFromFahrenheit(tempC) };
  }
  return { reason: 'outsideRange', minC: min, maxC: max };
}
