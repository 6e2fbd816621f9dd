import { bufferPhAt, bufferSlopePhPerC, type BufferReference } from '../buffers';
import {
  expectedStandardEc,
  standardExtraBoundRel,
  type EcCompensation,
  type EcStandard,
} from '../conductivity';
import type { OutOfRange, Result } from '../result';
import {
  CUP_TEMP_BOUND_C,
  EC_PER_C_COMPENSATED,
  EC_PER_C_UNCOMPENSATED,
  digitStdU,
  rectangularStdU,
} from '../uncertainty';
import { kelvinFromCelsius } from '../units';
import { BEND_FROM_PH, GAIN_TEMP_C, ISOPOTENTIAL_PH, UNSEEN_STD_U } from './constants';

/** The bottle a cup was filled from. Wrong once, it is wrong alike at every check. */
export interface DipLot {
  /** Names the bottle; without one on the Shelf, its value. */
  readonly key: string;
  /** The value printed on it: bottles of one value follow each other. */
  readonly value: string;
  /** How far off it may be, standard: pH, or relative. */
  readonly stdU: number;
}

/**
 * One dip in a liquid whose value is known, as the model of a pen takes it (both quantities alike):
 * `difference` = level + gain deviation · `lever` + what the bottle is off by + noise.
 */
export interface Dip {
  /** φ·(p − 7) for pH; 0 for EC. */
  readonly lever: number;
  /** Shown − 7 − lever for pH; ln(shown / target) for EC. */
  readonly difference: number;
  /** Variance of the dip itself without its scatter: digit and temperature. */
  readonly variance: number;
  /** Tells of the extra gain above the neutral point. */
  readonly bends: boolean;
  /** Absent for a laboratory's value of a sample. */
  readonly lot?: DipLot | undefined;
}

/** How far a cell is from the temperature its gain holds for: 1 with ATC, (T + 273.15)/298.15 without. */
export function cellFactor(hasAtc: boolean, tempC: number): number {
  return hasAtc ? 1 : kelvinFromCelsius(tempC) / kelvinFromCelsius(GAIN_TEMP_C);
}

/** A pH cup as it was read. */
export interface PhCupReading {
  readonly buffer: BufferReference;
  readonly tolerancePh: number;
  readonly tempC: number;
  readonly shownPh: number;
  readonly resolutionPh: number;
  readonly hasAtc: boolean;
  readonly lotKey?: string | undefined;
  /** Nobody saw the value: it is what the pen stored. */
  readonly unseen?: boolean | undefined;
}

/** A reading in a buffer as a dip. Refuses a temperature off the buffer's table. */
export function phDip(cup: PhCupReading): Result<Dip, OutOfRange> {
  const truth = bufferPhAt(cup.buffer, cup.tempC);
  if (!truth.ok) return truth;
  const away = truth.value - ISOPOTENTIAL_PH;
  const lever = cellFactor(cup.hasAtc, cup.tempC) * away;
  const kelvin = kelvinFromCelsius(GAIN_TEMP_C);
  const slope = bufferSlopePhPerC(cup.buffer, cup.tempC) + (cup.hasAtc ? 0 : away / kelvin);
  const value = String(cup.buffer.nominalPh);
  const dip: Dip = {
    lever,
    difference: cup.shownPh - ISOPOTENTIAL_PH - lever,
    variance:
      digitStdU(cup.resolutionPh) ** 2 +
      rectangularStdU(slope * CUP_TEMP_BOUND_C) ** 2 +
      (cup.unseen ? UNSEEN_STD_U ** 2 : 0),
    bends: truth.value > BEND_FROM_PH,
    lot: { key: cup.lotKey ?? value, value, stdU: rectangularStdU(cup.tolerancePh) },
  };
  return { ok: true, value: dip };
}

/** A standard's cup as it was read; conductivities in mS/cm. */
export interface EcCupReading {
  readonly standard: EcStandard;
  readonly toleranceRel: number;
  readonly tempC: number;
  readonly shownMsPerCm: number;
  readonly resolutionMsPerCm: number;
  readonly compensation: EcCompensation | null;
  readonly lotKey?: string | undefined;
  readonly unseen?: boolean | undefined;
}

/** A display of nothing still lies within half a digit of something. */
const HALF = 0.5;

/** A reading in a standard as a dip. Refuses a temperature at which the standard is unknown. */
export function ecDip(cup: EcCupReading): Result<Dip, OutOfRange> {
  const expected = expectedStandardEc(cup.standard, cup.tempC, cup.compensation);
  if (!expected.ok) return expected;
  const target = expected.value;
  const shown = Math.max(cup.shownMsPerCm, HALF * cup.resolutionMsPerCm);
  const perC = cup.compensation ? EC_PER_C_COMPENSATED : EC_PER_C_UNCOMPENSATED;
  const value = String(cup.standard.nominalMsPerCm);
  const dip: Dip = {
    lever: 0,
    difference: Math.log(shown / target),
    variance:
      (digitStdU(cup.resolutionMsPerCm) / target) ** 2 +
      rectangularStdU(perC * CUP_TEMP_BOUND_C) ** 2 +
      rectangularStdU(standardExtraBoundRel(cup.standard, cup.tempC)) ** 2 +
      (cup.unseen ? UNSEEN_STD_U ** 2 : 0),
    bends: false,
    lot: { key: cup.lotKey ?? value, value, stdU: rectangularStdU(cup.toleranceRel) },
  };
  return { ok: true, value: dip };
}
