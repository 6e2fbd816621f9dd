import { MIN_TELLING_EC_GAIN, NOTHING_TOLD_BOUND_MS_PER_CM, type EcTraits } from '../calibration';
import {
  FEED_ALPHA_STD_U_PER_C,
  REFERENCE_TEMP_C,
  compensateEc,
  linearityBoundRel,
  uncompensateEc,
  type EcCompensation,
} from '../conductivity';
import type { EcPenState } from '../drift';
import { answer, refuse, type OutOfRange, type Result } from '../result';
import {
  REPEAT_STD_U_EC_REL,
  THERMOMETER_BOUND_C,
  collectBudget,
  combineStdU,
  digitStdU,
  rectangularStdU,
  type AddPart,
} from '../uncertainty';
import { ecMsPerCmFromDisplay } from '../units';
import type { Assessed, QuickAssessed } from './assessPh';

/** A conductivity as displayed, with what is known of the pen at that moment. */
export interface EcReadingInput {
  /** In the unit of the pen's scale. */
  readonly shown: number;
  readonly tempC?: number | undefined;
  readonly pen: Pick<EcTraits, 'scale' | 'resolution' | 'accuracyMsPerCm' | 'compensation'>;
  readonly state: EcPenState;
  /** The feed's own coefficient, per °C. */
  readonly feedAlphaPerC: number;
  /** The pen's own repeatability, relative (standard); the default otherwise. */
  readonly repeatStdURel?: number | undefined;
}

/** Why a conductivity cannot be stated at 25 °C. */
export type EcRefusal = OutOfRange | { readonly reason: 'temperatureNeeded' };

/** Where a tank lies when nobody measured it: 25 ± 12 °C (bound). */
const UNKNOWN_TEMP_DISTANCE_C = 12;

/** Conductivity at 25 °C: the pen's own compensation undone, the feed's applied. */
function at25(
  ecMsPerCm: number,
  tempC: number | undefined,
  { pen, feedAlphaPerC }: EcReadingInput,
): Result<number, EcRefusal> {
  const feed: EcCompensation = { alphaPerC: feedAlphaPerC, referenceC: REFERENCE_TEMP_C };
  if (tempC === undefined) {
    if (!pen.compensation) return refuse({ reason: 'temperatureNeeded' });
    // Without a temperature only the change of reference is known exactly.
    const atReference = uncompensateEc(ecMsPerCm, pen.compensation.referenceC, pen.compensation);
    return atReference.ok
      ? compensateEc(atReference.value, pen.compensation.referenceC, feed)
      : atReference;
  }
  const atTemp = pen.compensation
    ? uncompensateEc(ecMsPerCm, tempC, pen.compensation)
    : answer(ecMsPerCm);
  return atTemp.ok ? compensateEc(atTemp.value, tempC, feed) : atTemp;
}

/** Tells the parts that temperature adds, relative: thermometer, the feed's α, linear compensation. */
function tellTemperature({ tempC, pen, feedAlphaPerC }: EcReadingInput, add: AddPart): void {
  const distanceC =
    tempC === undefined ? UNKNOWN_TEMP_DISTANCE_C : Math.abs(tempC - REFERENCE_TEMP_C);
  const reference = tempC ?? REFERENCE_TEMP_C - UNKNOWN_TEMP_DISTANCE_C;
  const mismatch = Math.abs((pen.compensation?.alphaPerC ?? feedAlphaPerC) - feedAlphaPerC);
  const unknown = tempC === undefined ? rectangularStdU(mismatch * distanceC) : 0;
  add('thermometer', rectangularStdU(feedAlphaPerC * THERMOMETER_BOUND_C));
  add('feedCoefficient', Math.sqrt((FEED_ALPHA_STD_U_PER_C * distanceC) ** 2 + unknown ** 2));
  add('linearCompensation', rectangularStdU(linearityBoundRel(reference)));
}

/** Whether a checked pen lets nothing be told: it shows next to nothing in its standard. */
const tellsNothing = (state: EcPenState) =>
  state.basis === 'checked' && Math.abs(state.gain) < MIN_TELLING_EC_GAIN;

/** Tells what the pen itself leaves uncertain, relative. */
function tellPen(input: EcReadingInput, accuracyRel: number, add: AddPart): void {
  const { state, repeatStdURel = REPEAT_STD_U_EC_REL } = input;
  add('repeat', repeatStdURel);
  if (state.basis === 'unverified') return add('makersAccuracy', rectangularStdU(accuracyRel));
  if (tellsNothing(state)) return;
  add('standards', state.anchor.standardStdURel);
  add('cupDigit', state.anchor.digitStdURel);
  add('drift', state.driftStdURel);
}

/** Tells every part in mS/cm; the digit is absolute, all others go with the value. */
function tellParts(input: EcReadingInput, value: number): (add: AddPart) => void {
  const { pen } = input;
  const size = Math.max(Math.abs(value), 1e-6);
  return (add) => {
    const scaled: AddPart = (source, stdURel) => add(source, stdURel * size);
    add('digit', digitStdU(ecMsPerCmFromDisplay(pen.resolution, pen.scale)));
    if (tellsNothing(input.state))
      add('tellsNothing', rectangularStdU(NOTHING_TOLD_BOUND_MS_PER_CM));
    tellPen(input, pen.accuracyMsPerCm / size, scaled);
    tellTemperature(input, scaled);
  };
}

/** The corrected value alone. */
function correctedEc(input: EcReadingInput): Result<number, EcRefusal> {
  const { shown, tempC, pen, state } = input;
  const gain = state.basis === 'checked' && !tellsNothing(state) ? state.gain : 1;
  return at25(ecMsPerCmFromDisplay(shown, pen.scale) / gain, tempC, input);
}

/**
 * True conductivity at 25 °C in mS/cm behind a displayed one, with its budget. A pen without
 * compensation needs the temperature; 0–50 °C. Sources as for `assessPh`; ISO 7888:1985 for
 * compensation. The digit is counted in mS/cm, every other part relative to the value.
 */
export function assessEc(input: EcReadingInput): Result<Assessed, EcRefusal> {
  const corrected = correctedEc(input);
  if (!corrected.ok) return corrected;
  const { value } = corrected;
  const budget = collectBudget(tellParts(input, value));
  const correction = ecMsPerCmFromDisplay(input.shown, input.pen.scale) - value;
  return answer({ value, budget, correction, verified: input.state.basis === 'checked' });
}

/** Value and standard uncertainty of the same reading, its budget not listed. */
export function assessEcQuick(input: EcReadingInput): Result<QuickAssessed, EcRefusal> {
  const corrected = correctedEc(input);
  if (!corrected.ok) return corrected;
  const stdU = combineStdU(tellParts(input, corrected.value));
  return answer({ value: corrected.value, stdU, verified: input.state.basis === 'checked' });
}
