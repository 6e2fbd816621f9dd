import { requireFinite } from '../result';
import { LITRES_PER_UK_GALLON, LITRES_PER_US_GALLON } from './constants';

/** A unit a grower may state a volume in. */
export type VolumeUnit = 'L' | 'US gal' | 'UK gal';

const LITRES_PER: Record<VolumeUnit, number> = {
  L: 1,
  'US gal': LITRES_PER_US_GALLON,
  'UK gal': LITRES_PER_UK_GALLON,
};

/**
 * Litres for a volume in `unit`. Any finite number.
 * `litresFrom(10, 'US gal') // => 37.85`
 */
export function litresFrom(volume: number, unit: VolumeUnit): number {
  return requireFinite('volume', volume) * LITRES_PER[unit];
}

/**
 * A volume in `unit` for litres; inverse of `litresFrom`.
 * `volumeFromLitres(100, 'UK gal') // => 22.00`
 */
export function volumeFromLitres(volumeL: number, unit: VolumeUnit): number {
  return requireFinite('volumeL', volumeL) / LITRES_PER[unit];
}
