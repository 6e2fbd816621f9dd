import {
  eachPhAnchorPart,
  MIN_TELLING_GAIN,
  NOTHING_TOLD_BOUND_PH,
  truePhFor,
  type PhTraits,
} from '../calibration';
import { phDriftStdU, phLineFor, type PhLineState, type PhPenState } from '../drift';
import { compensatedPh } from '../electrode';
import {
  JUNCTION_STD_U_PH,
  REPEAT_STD_U_PH,
  collectBudget,
  combineStdU,
  digitStdU,
  rectangularStdU,
  type AddPart,
  type Budget,
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

/** The same without its budget, for long histories. */
export interface QuickAssessed {
  readonly value: number;
  readonly stdU: number;
  readonly verified: boolean;
}

/** A pH reading as displayed, with what is known of the pen at that moment. */
export interface PhReadingInput {
  readonly shownPh: number;
  readonly tempC?: number | undefined;
  readonly pen: Pick<PhTraits, 'resolutionPh' | 'accuracyPh' | 'hasAtc'>;
  readonly state: PhPenState;
  /** The pen's own repeatability from repeated readings, pH (standard); the default otherwise. */
  readonly repeatStdUPh?: number | undefined;
}

/** How far a tank may be from the cups' temperature when nobody measured it, °C (bound). */
const UNKNOWN_TEMP_DISTANCE_C = 10;

/** Whether a piece of a pen's map lets nothing be told: it shows the same in every liquid. */
const tellsNothing = ({ map }: PhLineState) => Math.abs(map.gain) < MIN_TELLING_GAIN;

/** The true pH by one straight piece of the pen's map; as shown where that tells nothing. */
function phByLine(line: PhLineState, { shownPh, tempC, pen }: PhReadingInput): number {
  if (tellsNothing(line)) return shownPh;
  const atCups = truePhFor(shownPh, line.map);
  if (pen.hasAtc || tempC === undefined) return atCups;
  return compensatedPh(atCups, { calibratedC: line.anchor.tempC, usedC: tempC });
}

/** Tells the parts of the budget of a reading whose value is known. */
function tellParts(
  input: PhReadingInput,
  line: PhLineState | undefined,
  value: number,
): (add: AddPart) => void {
  const { tempC, pen, repeatStdUPh = REPEAT_STD_U_PH } = input;
  return (add) => {
    add('digit', digitStdU(pen.resolutionPh));
    add('repeat', repeatStdUPh);
    add('junction', JUNCTION_STD_U_PH);
    if (!line) return add('makersAccuracy', rectangularStdU(pen.accuracyPh));
    if (tellsNothing(line)) return add('tellsNothing', rectangularStdU(NOTHING_TOLD_BOUND_PH));
    eachPhAnchorPart(line.anchor, value, add);
    add('drift', phDriftStdU(line.spread, value));
    if (pen.hasAtc || tempC !== undefined) return;
    const kelvin = kelvinFromCelsius(line.anchor.tempC);
    const bound = (Math.abs(value - 7) * UNKNOWN_TEMP_DISTANCE_C) / kelvin;
    add('noTemperatureCompensation', rectangularStdU(bound));
  };
}

/**
 * The true pH behind a displayed one and how sure that is: corrected by the pen's map (and for a pen
 * without ATC by the Nernst temperature factor), with the parts drift, standards, cup digit, cup
 * temperature, gain, residual, digit, repeat, junction. A pen never checked is taken as shown with
 * the maker's accuracy as a rectangular bound; one that showed the same in every cup as shown, with
 * the whole scale as its bound. Any finite display value.
 * @source JCGM 100:2008 (GUM), simplified; Nernst: IUPAC Recommendations 2002, pH.
 */
export function assessPh(input: PhReadingInput): Assessed {
  const { shownPh, state } = input;
  const line = state.basis === 'checked' ? phLineFor(state, shownPh) : undefined;
  const value = line ? phByLine(line, input) : shownPh;
  const budget = collectBudget(tellParts(input, line, value));
  return { value, budget, correction: shownPh - value, verified: line !== undefined };
}

/** Value and standard uncertainty of the same reading, its budget not listed. */
export function assessPhQuick(input: PhReadingInput): QuickAssessed {
  const { shownPh, state } = input;
  const line = state.basis === 'checked' ? phLineFor(state, shownPh) : undefined;
  const value = line ? phByLine(line, input) : shownPh;
  return { value, stdU: combineStdU(tellParts(input, line, value)), verified: line !== undefined };
}
