import { phAnchorParts, truePhFor, type PhTraits } from '../calibration';
import { phDriftStdU, type PhPenState } from '../drift';
import {
  JUNCTION_STD_U_PH,
  REPEAT_STD_U_PH,
  digitStdU,
  makeBudget,
  rectangularStdU,
  type Budget,
  type BudgetPart,
} from '../uncertainty';
import { kelvinFromCelsius } from '../units';

/** What a reading is worth: the corrected value with its budget. */
export interface Assessed {
  readonly value: number;
  readonly budget: Budget;
  /** Shown − value, in the unit of the value. */
  readonly correction: number;
  /** False for a pen never checked: no firm verdict may rest on it. */
  readonly verified: boolean;
}

/** A pH reading as displayed, with what is known of the pen at that moment. */
export interface PhReadingInput {
  readonly shownPh: number;
  readonly tempC?: number | undefined;
  readonly pen: Pick<PhTraits, 'resolutionPh' | 'accuracyPh' | 'hasAtc'>;
  readonly state: PhPenState;
}

/** How far a tank may be from the cups' temperature when nobody measured it, °C (bound). */
const UNKNOWN_TEMP_DISTANCE_C = 10;

/** Shrinks the distance from 7 for a pen without ATC used away from its calibration temperature. */
function withoutAtc(ph: number, usedC: number, calibratedC: number): number {
  return 7 + ((ph - 7) * kelvinFromCelsius(calibratedC)) / kelvinFromCelsius(usedC);
}

/**
 * The true pH behind a displayed one and how sure that is: corrected by the pen's map (and for a pen
 * without ATC by the Nernst temperature factor), with the parts drift, standards, cup digit, cup
 * temperature, gain, residual, digit, repeat, junction. A pen never checked is taken as shown with
 * the maker's accuracy as a rectangular bound. Any finite display value.
 * @source JCGM 100:2008 (GUM), simplified; Nernst: IUPAC Recommendations 2002, pH.
 */
export function assessPh({ shownPh, tempC, pen, state }: PhReadingInput): Assessed {
  const always: BudgetPart[] = [
    { source: 'digit', stdU: digitStdU(pen.resolutionPh) },
    { source: 'repeat', stdU: REPEAT_STD_U_PH },
    { source: 'junction', stdU: JUNCTION_STD_U_PH },
  ];
  if (state.basis === 'unverified') {
    const maker: BudgetPart = { source: 'makersAccuracy', stdU: rectangularStdU(pen.accuracyPh) };
    const budget = makeBudget([maker, ...always]);
    return { value: shownPh, budget, correction: 0, verified: false };
  }
  const { map, anchor, spread } = state;
  const atCups = truePhFor(shownPh, map);
  const uncompensated = !pen.hasAtc;
  const known = uncompensated && tempC !== undefined;
  const value = known ? withoutAtc(atCups, tempC, anchor.tempC) : atCups;
  const unknownTemp = uncompensated && !known;
  const byTemp = (Math.abs(value - 7) * UNKNOWN_TEMP_DISTANCE_C) / kelvinFromCelsius(anchor.tempC);
  const budget = makeBudget([
    ...always,
    ...phAnchorParts(anchor, value),
    { source: 'drift', stdU: phDriftStdU(spread, value) },
    { source: 'noTemperatureCompensation', stdU: unknownTemp ? rectangularStdU(byTemp) : 0 },
  ]);
  return { value, budget, correction: shownPh - value, verified: true };
}
