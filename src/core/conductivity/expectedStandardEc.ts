import type { OutOfRange, Result } from '../result';
import { compensateEc, type EcCompensation } from './compensation';
import { standardEcAt, type EcStandard } from './standardEcAt';

/**
 * What an exact pen should show in a standard at `tempC`, in mS/cm: the table value when the pen
 * does not compensate, otherwise that value compensated with the pen's own α and reference. With
 * α 0.020 a KCl standard shows about 1.5 % high at 15 °C; that is the target at the cup.
 * `expectedStandardEc({ nominalMsPerCm: 1.413 }, 20, null).value // => 1.278`
 */
export function expectedStandardEc(
  standard: EcStandard,
  tempC: number,
  penCompensation: EcCompensation | null,
): Result<number, OutOfRange> {
  const atTemp = standardEcAt(standard, tempC);
  if (!atTemp.ok || !penCompensation) return atTemp;
  return compensateEc(atTemp.value, tempC, penCompensation);
}
