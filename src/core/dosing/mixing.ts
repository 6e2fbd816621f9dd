import {
  MIXING_MIN_MINUTES,
  MIXING_TURNOVERS,
  PRE_DILUTION_L,
  PRE_DILUTION_TIMES,
} from './constants';

/** How long a dose mixes before the tank is read again, minutes: ten, or three turnovers. */
export function mixingMinutes(volumeL: number, pumpLPerHour?: number): number {
  if (pumpLPerHour === undefined || !(pumpLPerHour > 0)) return MIXING_MIN_MINUTES;
  return Math.max(MIXING_MIN_MINUTES, (60 * MIXING_TURNOVERS * volumeL) / pumpLPerHour);
}

/** Water to pour the product into first, L: a hundred times its volume, one to ten litres. */
export function preDilutionL(doseMl: number): number {
  const wanted = (PRE_DILUTION_TIMES * doseMl) / 1000;
  return Math.min(Math.max(wanted, PRE_DILUTION_L.min), PRE_DILUTION_L.max);
}
