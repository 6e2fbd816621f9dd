import { outside, refuse, type OutOfRange, type Result } from '../result';
import { COMPENSATION_FACTOR_RANGE, COMPENSATION_RANGE_C, REFERENCE_TEMP_C } from './constants';

/** How a pen (or we) turn conductivity at T into conductivity at a reference temperature. */
export interface EcCompensation {
  /** Coefficient per °C at the 25 °C reference, e.g. 0.019. */
  readonly alphaPerC: number;
  /** The temperature the compensated value is stated at, °C: 25, on some pens 20. */
  readonly referenceC: number;
}

/**
 * κ(T)/κ(ref) for linear compensation: (1 + α(T − 25)) / (1 + α(ref − 25)). Refused outside 0–50 °C
 * and where the factor leaves `COMPENSATION_FACTOR_RANGE`.
 * Source: ISO 7888:1985, 8 (linear compensation), with α referred to 25 °C.
 */
function compensationFactor(
  tempC: number,
  { alphaPerC, referenceC }: EcCompensation,
): Result<number, OutOfRange> {
  const refusal = outside('tempC', tempC, COMPENSATION_RANGE_C);
  if (refusal) return refuse(refusal);
  const atTemp = 1 + alphaPerC * (tempC - REFERENCE_TEMP_C);
  const atReference = 1 + alphaPerC * (referenceC - REFERENCE_TEMP_C);
  const factor = atReference > 0 ? atTemp / atReference : 0;
  const senseless = outside('compensation factor', factor, COMPENSATION_FACTOR_RANGE);
  return senseless ? refuse(senseless) : { ok: true, value: factor };
}

/**
 * Conductivity at the reference temperature for conductivity `ecMsPerCm` measured at `tempC`.
 * `compensateEc(1.8, 20, { alphaPerC: 0.02, referenceC: 25 }).value // => 2.00`
 */
export function compensateEc(
  ecMsPerCm: number,
  tempC: number,
  by: EcCompensation,
): Result<number, OutOfRange> {
  const factor = compensationFactor(tempC, by);
  return factor.ok ? { ok: true, value: ecMsPerCm / factor.value } : factor;
}

/**
 * Undoes a compensation: conductivity at `tempC` for a value stated at the reference.
 * `uncompensateEc(2, 20, { alphaPerC: 0.02, referenceC: 25 }).value // => 1.80`
 */
export function uncompensateEc(
  compensatedMsPerCm: number,
  tempC: number,
  by: EcCompensation,
): Result<number, OutOfRange> {
  const factor = compensationFactor(tempC, by);
  return factor.ok ? { ok: true, value: compensatedMsPerCm * factor.value } : factor;
}
