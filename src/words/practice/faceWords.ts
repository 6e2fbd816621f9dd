import type { PenDisplay } from '@/core/simulated-pen';
import { SCALE_LABEL, type Formats } from '@/words';
import { DISPLAY_SIGNS } from './benchWords';

/** The signs that stand beside the number. */
function signsOf(display: PenDisplay, lit: boolean): readonly string[] {
  const { state, held, quiet, lowBattery, mark } = display;
  return [
    state === 'calibrate' ? DISPLAY_SIGNS.calibrate : '',
    state === 'took' ? DISPLAY_SIGNS.took : '',
    held ? DISPLAY_SIGNS.held : '',
    quiet && lit && state !== 'error' ? DISPLAY_SIGNS.quiet : '',
    lowBattery ? DISPLAY_SIGNS.lowBattery : '',
    mark ? DISPLAY_SIGNS.mark : '',
  ].filter(Boolean);
}

/** What a simulated pen shows: a number or an error, its unit, its signs; `said` is the number with its unit. */
export function faceOf(display: PenDisplay, formats: Formats) {
  const { state, value, resolution, error } = display;
  const lit = state !== 'off' && state !== 'asleep';
  const unit = display.unit === 'pH' ? 'pH' : SCALE_LABEL[display.unit];
  const number = value === undefined ? '' : formats.shown(value, resolution);
  return {
    lit,
    text: state === 'error' ? (error?.text ?? '') : number,
    unit,
    said: `${number} ${unit}`,
    signs: signsOf(display, lit),
  };
}
