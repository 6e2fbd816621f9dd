import type { EcTraits } from '../calibration';
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
  digitStdU,
  makeBudget,
  rectangularStdU,
  type BudgetPart,
} from '../uncertainty';
import { ecMsPerCmFromDisplay } from '../units';
import type { Assessed } from './assessPh';

/** A conductivity as displayed, with what is known of the pen at that moment. */
export interface EcReadingInput {
  /** In the unit of the pen's scale. */
  readonly shown: number;
  readonly tempC?: number | undefined;
  readonly pen: Pick<EcTraits, 'scale' | 'resolution' | 'accuracyMsPerCm' | 'compensation'>;
  readonly state: EcPenState;
  /** The feed's own coefficient, per °C. */
  readonly feedAlphaPerC: number;
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

/** The parts that temperature adds, relative: thermometer, the feed's α, linear compensation. */
function temperatureParts({ tempC, pen, feedAlphaPerC }: EcReadingInput): BudgetPart[] {
  const distanceC =
    tempC === undefined ? UNKNOWN_TEMP_DISTANCE_C : Math.abs(tempC - REFERENCE_TEMP_C);
  const reference = tempC ?? REFERENCE_TEMP_C - UNKNOWN_TEMP_DISTANCE_C;
  const mismatch = Math.abs((pen.compensation?.alphaPerC ?? feedAlphaPerC) - feedAlphaPerC);
  const unknown = tempC === undefined ? rectangularStdU(mismatch * distanceC) : 0;
  return [
    { source: 'thermometer', stdU: rectangularStdU(feedAlphaPerC * THERMOMETER_BOUND_C) },
    { source: 'feedCoefficient', stdU: Math.hypot(FEED_ALPHA_STD_U_PER_C * distanceC, unknown) },
    { source: 'linearCompensation', stdU: rectangularStdU(linearityBoundRel(reference)) },
  ];
}

/** What the pen itself leaves uncertain, relative to `shownMsPerCm`. */
function penParts(state: EcPenState, accuracyRel: number): BudgetPart[] {
  const repeat: BudgetPart = { source: 'repeat', stdU: REPEAT_STD_U_EC_REL };
  if (state.basis === 'unverified') {
    return [repeat, { source: 'makersAccuracy', stdU: rectangularStdU(accuracyRel) }];
  }
  return [
    repeat,
    { source: 'standards', stdU: state.anchor.standardStdURel },
    { source: 'cupDigit', stdU: state.anchor.digitStdURel },
    { source: 'drift', stdU: state.driftStdURel },
  ];
}

/**
 * True conductivity at 25 °C in mS/cm behind a displayed one, with its budget. A pen without
 * compensation needs the temperature; 0–50 °C. Sources as for `assessPh`; ISO 7888:1985 for
 * compensation. The digit is counted in mS/cm, every other part relative to the value.
 */
export function assessEc(input: EcReadingInput): Result<Assessed, EcRefusal> {
  const { shown, tempC, pen, state } = input;
  const shownMsPerCm = ecMsPerCmFromDisplay(shown, pen.scale);
  const gain = state.basis === 'checked' ? state.gain : 1;
  const corrected = at25(shownMsPerCm / gain, tempC, input);
  if (!corrected.ok) return corrected;
  const value = corrected.value;
  const size = Math.max(Math.abs(value), 1e-6);
  const relative = [...penParts(state, pen.accuracyMsPerCm / size), ...temperatureParts(input)];
  const digit = digitStdU(ecMsPerCmFromDisplay(pen.resolution, pen.scale));
  const budget = makeBudget([
    { source: 'digit', stdU: digit },
    ...relative.map((part) => ({ ...part, stdU: part.stdU * size })),
  ]);
  const verified = state.basis === 'checked';
  return answer({ value, budget, correction: shownMsPerCm - value, verified });
}
