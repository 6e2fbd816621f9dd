import { bufferPhAt, bufferSlopePhPerC, type BufferReference } from '../buffers';
import type { OutOfRange, Result } from '../result';
import { CUP_TEMP_BOUND_C, digitStdU, rectangularStdU } from '../uncertainty';

/** One reading in one buffer: what is true, what was shown, and how sure each is. */
export interface PhPoint {
  readonly truePh: number;
  readonly shownPh: number;
  /** The buffer's own tolerance as a standard uncertainty, pH. */
  readonly standardStdU: number;
  /** Reading one digit of the display at the cup, pH. */
  readonly digitStdU: number;
  /** The cup's temperature ±1 °C through the buffer's slope, pH. */
  readonly temperatureStdU: number;
}

/** A cup as it was read. */
export interface PhCupReading {
  readonly buffer: BufferReference;
  readonly tolerancePh: number;
  readonly tempC: number;
  readonly shownPh: number;
  readonly resolutionPh: number;
}

/** Turns a reading in a cup into a point of a calibration map. Refuses a temperature off the table. */
export function phPointOf(cup: PhCupReading): Result<PhPoint, OutOfRange> {
  const truth = bufferPhAt(cup.buffer, cup.tempC);
  if (!truth.ok) return truth;
  const slope = bufferSlopePhPerC(cup.buffer, cup.tempC);
  const point: PhPoint = {
    truePh: truth.value,
    shownPh: cup.shownPh,
    standardStdU: rectangularStdU(cup.tolerancePh),
    digitStdU: digitStdU(cup.resolutionPh),
    temperatureStdU: rectangularStdU(slope * CUP_TEMP_BOUND_C),
  };
  return { ok: true, value: point };
}
