import {
  compensateEc,
  FEED_ALPHA_PER_C,
  expectedStandardEc,
  standardEcAt,
  type EcCompensation,
} from '../conductivity';
import { liquidPh, type Liquid } from './liquid';

/** A conductivity cell as it truly is. */
export interface Cell {
  /** Cell gain when clean: shown over true. */
  readonly gain: number;
  /** Grease on its face, 0–1: what it covers does not conduct. */
  readonly grease: number;
  /** An air bubble sits between its faces. */
  readonly bubble: boolean;
}

/** A clean conductivity cell with its labelled constant. */
export const NEW_CELL: Cell = { gain: 1, grease: 0, bubble: false };

/** Share of the face that a bubble covers, and that grease covers at its worst. */
const BUBBLE_SHARE = 0.13;
const GREASE_SHARE = 0.35;

/** Below this much grease water spreads over the face: what the wet-film test shows. */
export const WETTED_GREASE = 0.1;

/** Hydrogen ions conduct seven times as well as others: 0.35 S·L/(mmol·cm) (CRC Handbook). */
const H_ION_EC_MS_PER_MMOL = 0.35;

/** Conductivity of a liquid at its temperature, mS/cm: its KCl by the table, the rest by the usual 2 %/°C. */
export function liquidEcMsPerCm(liquid: Liquid): number {
  const { tempC, ecKcl25MsPerCm: kcl, ecOther25MsPerCm: other } = liquid;
  // Ratio of the middle column: the others agree with it within 0.5 %.
  const reference = standardEcAt({ nominalMsPerCm: 1.413 }, Math.min(Math.max(tempC, 0), 30));
  const ratio = reference.ok ? reference.value / 1.413 : 1;
  const acid = 1000 * 10 ** -liquidPh(liquid) * H_ION_EC_MS_PER_MMOL;
  return kcl * ratio + other * (1 + FEED_ALPHA_PER_C * (tempC - 25)) + acid;
}

/** What the cell makes of a liquid: its own gain, less what grease and a bubble cover. */
export const cellSignalMsPerCm = (cell: Cell, ecMsPerCm: number): number =>
  ecMsPerCm * cell.gain * (1 - GREASE_SHARE * cell.grease) * (cell.bubble ? 1 - BUBBLE_SHARE : 1);

/** The signal as a pen with compensation shows it by its sensor's temperature, mS/cm. */
export const compensatedSignal = (
  signalMsPerCm: number,
  sensorC: number,
  by: EcCompensation | null,
): number => {
  if (!by) return signalMsPerCm;
  const shown = compensateEc(signalMsPerCm, sensorC, by);
  return shown.ok ? shown.value : signalMsPerCm;
};

/** What a right pen shows in a standard at a temperature, mS/cm. */
export function standardDisplay(nominalMsPerCm: number, tempC: number, by: EcCompensation | null) {
  const shown = expectedStandardEc({ nominalMsPerCm }, Math.min(Math.max(tempC, 0), 30), by);
  return shown.ok ? shown.value : nominalMsPerCm;
}
