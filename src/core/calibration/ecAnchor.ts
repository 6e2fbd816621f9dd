import { expectedStandardEc, type EcCompensation, type EcStandard } from '../conductivity';
import type { OutOfRange, Result } from '../result';
import { rootSumSquare } from '../statistics';
import { digitStdU, rectangularStdU } from '../uncertainty';

/** What an EC check found: d = gain·κ at the pen's own compensation. */
export interface EcAnchor {
  /** Shown / what an exact pen would show; 1 = exact. */
  readonly gain: number;
  /** The standard's tolerance, relative standard uncertainty. */
  readonly standardStdURel: number;
  /** One digit of the display at the cup, relative standard uncertainty. */
  readonly digitStdURel: number;
  readonly tempC: number;
}

/** A standard's cup as it was read; conductivities in mS/cm. */
export interface EcCupReading {
  readonly standard: EcStandard;
  readonly toleranceRel: number;
  readonly tempC: number;
  readonly shownMsPerCm: number;
  readonly resolutionMsPerCm: number;
  readonly compensation: EcCompensation | null;
}

/** Gain of an EC pen from one standard. Refuses a temperature at which the standard is unknown. */
export function ecAnchorOf(cup: EcCupReading): Result<EcAnchor, OutOfRange> {
  const expected = expectedStandardEc(cup.standard, cup.tempC, cup.compensation);
  if (!expected.ok) return expected;
  const anchor: EcAnchor = {
    gain: cup.shownMsPerCm / expected.value,
    standardStdURel: rectangularStdU(cup.toleranceRel),
    digitStdURel: digitStdU(cup.resolutionMsPerCm) / expected.value,
    tempC: cup.tempC,
  };
  return { ok: true, value: anchor };
}

/** The relative standard uncertainty of a check's gain. */
export function ecAnchorStdURel(anchor: EcAnchor): number {
  return rootSumSquare([anchor.standardStdURel, anchor.digitStdURel]);
}
