import { z } from 'zod';
import { notANumber, parseDecimal, type Formats } from '@/words';
import { typedSays } from '@/words/parts/typed';

/** A number as typed in a form: comma or point; says what is missing when it is none. */
export function typedNumber(what: string) {
  return z.string().transform((typed, context) => {
    const parsed = parseDecimal(typed);
    if (parsed.ok) return parsed.value;
    context.addIssue({
      code: 'custom',
      message: notANumber(parsed, what)?.text ?? typedSays.notANumber,
    });
    return z.NEVER;
  });
}

/** The same, where nothing may be typed at all. */
export function typedNumberOrNothing(what: string) {
  return z.string().transform((typed, context) => {
    const parsed = parseDecimal(typed);
    if (parsed.ok) return parsed.value;
    if (parsed.reason === 'empty') return undefined;
    context.addIssue({
      code: 'custom',
      message: notANumber(parsed, what)?.text ?? typedSays.notANumber,
    });
    return z.NEVER;
  });
}

/** An EC as typed in the book's unit, mS/cm; out of the range with a message that names that unit. */
export function typedEc(formats: Formats, range: EcRange) {
  return typedNumber('EC')
    .transform(formats.ecFromTyped)
    .refine(within(range), ecMessage(formats, range));
}

/** The same, where nothing may be typed at all. */
export function typedEcOrNothing(formats: Formats, range: EcRange) {
  return typedNumberOrNothing('EC')
    .transform((typed) => (typed === undefined ? undefined : formats.ecFromTyped(typed)))
    .refine((ec) => ec === undefined || within(range)(ec), ecMessage(formats, range));
}

/** What is measured, and where its EC lies, mS/cm. */
interface EcRange {
  readonly of: string;
  readonly from: number;
  readonly to: number;
}

const within =
  ({ from, to }: EcRange) =>
  (ecMsPerCm: number) =>
    ecMsPerCm >= from && ecMsPerCm <= to;

const ecMessage = (formats: Formats, { of, from, to }: EcRange) =>
  typedSays.ecLies({
    unit: formats.ecUnit,
    of,
    low: formats.ecPlain(from),
    high: formats.ecPlain(to),
  });

/**
 * A number as it stands in a field, with the book's decimal mark, to so many digits where they are
 * given; nothing for no number.
 */
export const marked =
  (formats: Formats, digits?: number) =>
  (value: number | undefined): string => {
    if (value === undefined) return '';
    const kept = digits === undefined ? value : Number(value.toFixed(digits));
    return String(kept).replace('.', formats.settings.decimalMark);
  };
