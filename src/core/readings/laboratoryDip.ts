import { ISOPOTENTIAL_PH, GAIN_TEMP_C, cellFactor, type Dip } from '../calibration';
import { LABORATORY_STD_U } from '../uncertainty';
import { exactState } from './exactState';
import type { ReadingInput } from './reader';
import { ecReader } from './readEc';
import { phReader } from './readPh';

/** What a reading is of, without the state of its pen. */
type Bare = ReadingInput extends infer Input
  ? Input extends ReadingInput
    ? Omit<Input, 'state' | 'repeatStdU'>
    : never
  : never;

/**
 * A laboratory's value of a sample that a pen read, as a dip of that pen: pH, or mS/cm at 25 °C. The
 * pen's scatter is added by whoever takes the dip in. Undefined where the reading cannot be stated.
 */
export function laboratoryDip(reading: Bare, value: number): Dip | undefined {
  const own = (parts: readonly (readonly [string, number])[]) =>
    parts.reduce((sum, [source, variance]) => sum + (source === 'repeat' ? 0 : variance), 0);
  if (reading.quantity === 'ph') {
    const state = exactState('ph');
    const reader = phReader({ ...reading, state });
    const lever =
      cellFactor(reading.pen.hasAtc, reading.tempC ?? GAIN_TEMP_C) * (value - ISOPOTENTIAL_PH);
    return {
      lever,
      difference: reading.shown - ISOPOTENTIAL_PH - lever,
      variance: LABORATORY_STD_U.ph ** 2 + own(reader.own),
      bends: false,
    };
  }
  const reader = ecReader({ ...reading, state: exactState('ec') });
  if (!reader.ok || !(value > 0) || !(reader.value.value > 0)) return undefined;
  const { value: read, own: parts } = reader.value;
  return {
    lever: 0,
    difference: Math.log(read / value),
    variance: LABORATORY_STD_U.ec ** 2 + own(parts) / read ** 2,
    bends: false,
  };
}
