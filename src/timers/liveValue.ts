import {
  displayFromEcMsPerCm,
  ecMsPerCmFromDisplay,
  temperatureFromCelsius,
  type EcScale,
} from '@/core/units';
import type { LiveSample } from './sampleSchema';

/** What a field of a screen takes: which quantity of which pen, in which scale. */
export interface Wanted {
  readonly quantity: 'ph' | 'ec' | 'temp';
  /** Code of the pen in the hand. */
  readonly pen?: string | undefined;
  readonly scale?: EcScale | undefined;
  readonly tempUnit?: '°C' | '°F' | undefined;
}

/** A temperature in °F told as °C. */
const celsius = (shown: number, unit: '°C' | '°F' | undefined) =>
  unit === '°F' ? (shown - 32) / 1.8 : shown;

/**
 * The number a live value stands for in a field, in the field's own unit; undefined where it is of
 * another quantity or another pen. What a message leaves out is taken to fit, but for temperatures.
 */
export function liveValue(sample: LiveSample, wanted: Wanted): number | undefined {
  const { shown, pen, scale } = sample;
  if (pen !== undefined && wanted.pen !== undefined && pen !== wanted.pen) return undefined;
  const quantity = sample.quantity ?? (wanted.quantity === 'temp' ? undefined : wanted.quantity);
  if (quantity !== wanted.quantity) return undefined;
  if (quantity === 'temp')
    return temperatureFromCelsius(celsius(shown, sample.tempUnit), wanted.tempUnit ?? '°C');
  if (quantity === 'ph' || !scale || !wanted.scale || scale === wanted.scale) return shown;
  return displayFromEcMsPerCm(ecMsPerCmFromDisplay(shown, scale), wanted.scale);
}
