import { requireFinite } from '../result';
import { DISPLAY_PER_MS_PER_CM } from './constants';

/** A scale a pen can show conductivity in; the ppm scales are named by their factor. */
export type EcScale = keyof typeof DISPLAY_PER_MS_PER_CM;

/** All scales, the usual first. */
export const EC_SCALES = Object.keys(DISPLAY_PER_MS_PER_CM) as readonly EcScale[];

/**
 * Conductivity in mS/cm for a number shown in `scale`. Any finite number; throws `RangeError`
 * otherwise. Exact up to floating point.
 * `ecMsPerCmFromDisplay(1050, 'ppm700') // => 1.5`
 */
export function ecMsPerCmFromDisplay(shown: number, scale: EcScale): number {
  return requireFinite('shown', shown) / DISPLAY_PER_MS_PER_CM[scale];
}

/**
 * The number a display in `scale` shows for a conductivity in mS/cm; inverse of the above.
 * `displayFromEcMsPerCm(1.5, 'ppm500') // => 750`
 */
export function displayFromEcMsPerCm(ecMsPerCm: number, scale: EcScale): number {
  return requireFinite('ecMsPerCm', ecMsPerCm) * DISPLAY_PER_MS_PER_CM[scale];
}
