import {
  FEED_ALPHA_STD_U_PER_C,
  REFERENCE_TEMP_C,
  compensateEc,
  linearityBoundRel,
  uncompensateEc,
  type EcCompensation,
} from '../conductivity';
import { isAbsurd } from '../drift';
import { answer, refuse, type OutOfRange, type Result } from '../result';
import { REPEAT_STD_U, THERMOMETER_BOUND_C, digitStdU, rectangularStdU } from '../uncertainty';
import { ecMsPerCmFromDisplay } from '../units';
import type { EcReadingInput, Reader } from './reader';
import { repeatVariance } from './repeatVariance';

/** Why a conductivity cannot be stated at 25 °C. */
export type EcRefusal = OutOfRange | { readonly reason: 'temperatureNeeded' };

/** Where a tank lies when nobody measured it: 25 ± 12 °C (bound). */
const UNKNOWN_TEMP_DISTANCE_C = 12;

/** Conductivities that water can have, mS/cm at 25 °C. */
const POSSIBLE = { min: 0, max: 200 } as const;

/** A value near nothing still has a size to count relative parts by, mS/cm. */
const LEAST_MS_PER_CM = 1e-6;

/** Conductivity at 25 °C: the pen's own compensation undone, the feed's applied. */
function at25(
  ecMsPerCm: number,
  { pen, feedAlphaPerC, tempC }: EcReadingInput,
): Result<number, EcRefusal> {
  const feed: EcCompensation = { alphaPerC: feedAlphaPerC, referenceC: REFERENCE_TEMP_C };
  if (tempC === undefined) {
    if (!pen.compensation) return refuse({ reason: 'temperatureNeeded' });
    // Without a temperature only the change of reference is known exactly.
    const { referenceC } = pen.compensation;
    const atReference = uncompensateEc(ecMsPerCm, referenceC, pen.compensation);
    return atReference.ok ? compensateEc(atReference.value, referenceC, feed) : atReference;
  }
  const atTemp = pen.compensation
    ? uncompensateEc(ecMsPerCm, tempC, pen.compensation)
    : answer(ecMsPerCm);
  return atTemp.ok ? compensateEc(atTemp.value, tempC, feed) : atTemp;
}

/** The parts that temperature adds, relative (standard): thermometer, the feed's α, linear compensation. */
function temperatureParts({ tempC, pen, feedAlphaPerC }: EcReadingInput) {
  const distanceC =
    tempC === undefined ? UNKNOWN_TEMP_DISTANCE_C : Math.abs(tempC - REFERENCE_TEMP_C);
  const reference = tempC ?? REFERENCE_TEMP_C - UNKNOWN_TEMP_DISTANCE_C;
  const mismatch = Math.abs((pen.compensation?.alphaPerC ?? feedAlphaPerC) - feedAlphaPerC);
  const unknown = tempC === undefined ? rectangularStdU(mismatch * distanceC) : 0;
  return {
    thermometer: rectangularStdU(feedAlphaPerC * THERMOMETER_BOUND_C),
    feedCoefficient: Math.hypot(FEED_ALPHA_STD_U_PER_C * distanceC, unknown),
    linearCompensation: rectangularStdU(linearityBoundRel(reference)),
  };
}

/**
 * A displayed conductivity through the pen's gain: κ = shown / g, at 25 °C by the feed's coefficient.
 * A pen without compensation needs the temperature; 0–50 °C. Source: ISO 7888:1985 for compensation.
 */
export function ecReader(input: EcReadingInput): Result<Reader, EcRefusal> {
  const { shown, dips = [], pen, state, repeatStdU } = input;
  const shownMsPerCm = ecMsPerCmFromDisplay(shown, pen.scale);
  const gain = isAbsurd(state) ? 1 : Math.exp(state.level);
  const corrected = at25(shownMsPerCm / gain, input);
  if (!corrected.ok) return corrected;
  const { value } = corrected;
  const size = Math.max(Math.abs(value), LEAST_MS_PER_CM);
  const { thermometer, feedCoefficient, linearCompensation } = temperatureParts(input);
  const logs = dips.filter((dip) => dip > 0).map(Math.log);
  const relative = (stdURel: number) => (stdURel * size) ** 2;
  return answer({
    value,
    asShown: shownMsPerCm,
    perError: size,
    notTakenOff: 0,
    lever: 0,
    own: [
      ['digit', digitStdU(ecMsPerCmFromDisplay(pen.resolution, pen.scale)) ** 2],
      ['repeat', repeatVariance(repeatStdU ?? REPEAT_STD_U.ec, logs) * size ** 2],
      ['thermometer', relative(thermometer)],
      ['feedCoefficient', relative(feedCoefficient)],
      ['linearCompensation', relative(linearCompensation)],
    ],
    possible: POSSIBLE,
  });
}
