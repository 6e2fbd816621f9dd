import { z } from 'zod';
import { notANumber, parseDecimal } from '@/words';

/** A number as typed in a form: comma or point; says what is missing when it is none. */
export function typedNumber(what: string) {
  return z.string().transform((typed, context) => {
    const parsed = parseDecimal(typed);
    if (parsed.ok) return parsed.value;
    context.addIssue({
      code: 'custom',
      message: notANumber(parsed, what)?.text ?? 'Not a number.',
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
      message: notANumber(parsed, what)?.text ?? 'Not a number.',
    });
    return z.NEVER;
  });
}
