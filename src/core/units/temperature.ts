import { requireFinite } from '../result';
import { KELVIN_AT_0_C } from './constants';

/**
 * °C for a temperature in °F. Source: definition, °F = 1.8·°C + 32.
 * `celsiusFromFahrenheit(68) // => 20`
 */
export function celsiusFromFahrenheit(tempF: number): number {
  return (requireFinite('tempF', tempF) - 32) / 1.8;
}

/**
 * °F for a temperature in °C. Source: definition, °F = 1.8·°C + 32.
 * `fahrenheitFromCelsius(20) // => 68`
 */
export function fahrenheitFromCelsius(tempC: number): number {
  return 1.8 * requireFinite('tempC', tempC) + 32;
}

/**
 * Absolute temperature in K for °C.
 * `kelvinFromCelsius(25) // => 298.15`
 */
export function kelvinFromCelsius(tempC: number): number {
  return requireFinite('tempC', tempC) + KELVIN_AT_0_C;
}

/** How a temperature is shown and typed. */
export type TempUnit = '°C' | '°F';

/**
 * °C for a temperature in a unit.
 * `celsiusFrom(77, '°F') // => 25`
 */
export function celsiusFrom(temp: number, unit: TempUnit): number {
  return unit === '°F' ? celsiusFromFahrenheit(temp) : requireFinite('temp', temp);
}

/**
 * A temperature in °C in another unit.
 * `temperatureFromCelsius(25, '°F') // => 77`
 */
export function temperatureFromCelsius(tempC: number, unit: TempUnit): number {
  return unit === '°F' ? fahrenheitFromCelsius(tempC) : requireFinite('tempC', tempC);
}
