import { GAIN_TEMP_C, ISOPOTENTIAL_PH, cellFactor } from '../calibration';
import { isAbsurd } from '../drift';
import {
  JUNCTION_STD_U_PH,
  REPEAT_STD_U,
  THERMOMETER_BOUND_C,
  digitStdU,
  rectangularStdU,
} from '../uncertainty';
import { kelvinFromCelsius } from '../units';
import type { PhReadingInput, Reader } from './reader';
import { repeatVariance } from './repeatVariance';

/** How far a tank may be from the cups' temperature when nobody measured it, °C (bound). */
const UNKNOWN_TEMP_DISTANCE_C = 10;

/** pH that water can have. */
const POSSIBLE = { min: 0, max: 14 } as const;

/**
 * A displayed pH through the pen's line: p = 7 + (d − 7 − a)/(φ·b), φ the temperature of a cell
 * without ATC over that of its gain. Extra gain above 7 is left out: feeds lie below.
 */
export function phReader({ shown, dips, tempC, pen, state, repeatStdU }: PhReadingInput): Reader {
  const usedC = tempC ?? state.cupsTempC ?? GAIN_TEMP_C;
  const factor = cellFactor(pen.hasAtc, usedC);
  // Divided by nothing where the pen is broken: its line tells nothing then, and is not used.
  const supposed = factor * (isAbsurd(state) ? 1 : 1 + state.gain);
  const supposedAway = (shown - ISOPOTENTIAL_PH - state.level) / supposed;
  // A pen never checked is taken as it shows.
  const asShown = state.standing === 'unverified';
  const slope = asShown ? factor : supposed;
  const away = asShown ? (shown - ISOPOTENTIAL_PH) / factor : supposedAway;
  const boundC = tempC === undefined ? UNKNOWN_TEMP_DISTANCE_C : THERMOMETER_BOUND_C;
  const cell = pen.hasAtc ? 0 : rectangularStdU((away * boundC) / kelvinFromCelsius(GAIN_TEMP_C));
  const scatter = repeatVariance(repeatStdU ?? REPEAT_STD_U.ph, dips);
  const square = slope ** 2;
  return {
    value: ISOPOTENTIAL_PH + away,
    asShown: shown,
    perError: 1 / slope,
    notTakenOff: away - supposedAway,
    lever: factor * away,
    own: [
      ['digit', digitStdU(pen.resolutionPh) ** 2 / square],
      ['repeat', scatter / square],
      ['junction', JUNCTION_STD_U_PH ** 2 / square],
      ['noTemperatureCompensation', cell ** 2],
    ],
    possible: POSSIBLE,
  };
}
