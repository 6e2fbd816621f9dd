import { answer, refuse, type OutOfRange, type Result } from '../result';
import { COVERAGE_FACTOR, digitStdU, rectangularStdU, THERMOMETER_BOUND_C } from '../uncertainty';
import { assess, hasNumber } from './assess';
import { exactState } from './exactState';
import type { ReadingInput } from './reader';
import { ecReader, type EcRefusal } from './readEc';
import { phReader } from './readPh';

/** What a pen shows in a liquid, without the state of the pen: that is what is asked. */
export type BareReading = ReadingInput extends infer Input
  ? Input extends ReadingInput
    ? Omit<Input, 'state'>
    : never
  : never;

/** How far off a pen is beside a reference, with its ±: pH, °C, or relative for EC. */
export interface Compared {
  readonly offset: number;
  readonly expandedU: number;
}

/** Why two pens cannot be compared. */
export type CompareRefusal =
  | EcRefusal
  | OutOfRange
  | { readonly reason: 'referenceUnsure' }
  | { readonly reason: 'nothingShown' };

const sum = (parts: readonly (readonly [string, number])[]) =>
  parts.reduce((total, [, variance]) => total + variance, 0);

/**
 * A pen against a checked one in the same cup or tank: what it shows less what the other one's
 * corrected value is. The ± holds that of the reference and the pen's own digit and scatter. It tells
 * of this one value: no slope, nothing is adjusted, and it is never a calibration. Refused where the
 * reference has no trusted number.
 * @source JCGM 100:2008 (GUM), 5.1: variances of independent inputs add.
 */
export function comparePens(
  own: BareReading,
  reference: ReadingInput,
): Result<Compared, CompareRefusal> {
  const known = assess(reference);
  if (!known.ok) return known;
  if (!hasNumber(known.value.standing)) return refuse({ reason: 'referenceUnsure' });
  const referenceVariance = (known.value.expandedU / COVERAGE_FACTOR) ** 2;
  if (own.quantity === 'ph') {
    const reader = phReader({ ...own, state: exactState('ph') });
    const variance = sum(reader.own) + referenceVariance;
    return answer({
      offset: reader.value - known.value.value,
      expandedU: COVERAGE_FACTOR * Math.sqrt(variance),
    });
  }
  const read = ecReader({ ...own, state: exactState('ec') });
  if (!read.ok) return read;
  const { value, own: parts } = read.value;
  if (!(value > 0) || !(known.value.value > 0)) return refuse({ reason: 'nothingShown' });
  const variance = sum(parts) / value ** 2 + referenceVariance / known.value.value ** 2;
  return answer({
    offset: value / known.value.value - 1,
    expandedU: COVERAGE_FACTOR * Math.sqrt(variance),
  });
}

/** How well stirred, crushed ice in water holds 0 °C (bound, °C). */
const MELTING_ICE_BOUND_C = 0.1;

/** One digit of a pen's thermometer, °C. */
const DIGIT_C = 0.1;

/**
 * A pen's thermometer against melting ice (0 °C) or another thermometer, which is itself right to
 * half a degree only: how far off it is, °C.
 * `compareThermometers(0.4, 'meltingIce').offset // => 0.4`
 */
export function compareThermometers(shownC: number, against: number | 'meltingIce'): Compared {
  const isIce = against === 'meltingIce';
  const bound = rectangularStdU(isIce ? MELTING_ICE_BOUND_C : THERMOMETER_BOUND_C);
  const stdU = Math.hypot(bound, digitStdU(DIGIT_C));
  return { offset: shownC - (isIce ? 0 : against), expandedU: COVERAGE_FACTOR * stdU };
}
