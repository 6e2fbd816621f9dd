import { shownPhFor, type PhMap } from '../calibration';
import { normalDraw, type Random } from '../statistics';

/** The hidden truth of a pen at one moment. */
export interface HiddenPen {
  readonly ph: PhMap;
  readonly ecGain: number;
}

/** Spread of repeated dips in one liquid, in digits of a 0.01 display (pH) and relative (EC). */
const DIP_SIGMA_PH = 0.012;
const DIP_SIGMA_EC_REL = 0.006;

/**
 * A value as a display of one digit `resolution` shows it.
 * `onDisplay(5.864, 0.01) // => 5.86`
 */
export function onDisplay(value: number, resolution: number): number {
  const decimals = Math.max(0, Math.ceil(-Math.log10(resolution) - 1e-9));
  return Number((Math.round(value / resolution) * resolution).toFixed(decimals));
}

/** What a drifting pen shows for a true pH, with the scatter of a dip. Deterministic in `random`. */
export function displayedPh(
  truePh: number,
  pen: HiddenPen,
  { resolutionPh, random }: { readonly resolutionPh: number; readonly random: Random },
): number {
  return onDisplay(shownPhFor(truePh, pen.ph) + DIP_SIGMA_PH * normalDraw(random), resolutionPh);
}

/** What a drifting pen shows for a true conductivity stated as its display would state it. */
export function displayedEc(
  exactDisplay: number,
  pen: HiddenPen,
  { resolution, random }: { readonly resolution: number; readonly random: Random },
): number {
  const scatter = 1 + DIP_SIGMA_EC_REL * normalDraw(random);
  return onDisplay(exactDisplay * pen.ecGain * scatter, resolution);
}
