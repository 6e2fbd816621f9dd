import { z } from 'zod';
import { marked, typedEcOrNothing, typedNumberOrNothing } from '@/features/parts/typedNumber';
import type { SampleBands } from '@/records/kinds';
import type { Formats } from '@/words';

/** An end of a pH band, or nothing. */
export const phEnd = typedNumberOrNothing('pH').refine(
  (ph) => ph === undefined || (ph >= 0 && ph <= 14),
  'pH runs from 0 to 14.',
);
/** An end of an EC band in the book’s unit, or nothing; read as mS/cm. */
export const ecEnd = (formats: Formats) =>
  typedEcOrNothing(formats, { of: 'a sample', from: 0, to: 50 });

/** A pair of ends: both or neither, the low one below. */
export function pairIssue(low: number | undefined, high: number | undefined): string | undefined {
  if (low === undefined && high === undefined) return undefined;
  if (low === undefined || high === undefined) return 'Both ends, or neither.';
  return low < high ? undefined : 'Must lie above the low end.';
}

/** A band of two ends; undefined where they are left empty. */
export const bandOf = (low: number | undefined, high: number | undefined) =>
  low === undefined || high === undefined ? undefined : { low, high };

/** Bands of one kind of sample, as typed; EC in the book's unit. */
export const bandsSchema = (formats: Formats) =>
  z
    .object({ phLow: phEnd, phHigh: phEnd, ecLow: ecEnd(formats), ecHigh: ecEnd(formats) })
    .superRefine((form, context) => {
      const ph = pairIssue(form.phLow, form.phHigh);
      const ec = pairIssue(form.ecLow, form.ecHigh);
      if (ph) context.addIssue({ code: 'custom', path: ['phHigh'], message: ph });
      if (ec) context.addIssue({ code: 'custom', path: ['ecHigh'], message: ec });
    })
    .transform((form) => ({
      ph: bandOf(form.phLow, form.phHigh),
      ec: bandOf(form.ecLow, form.ecHigh),
    }));

export type BandsIn = z.input<ReturnType<typeof bandsSchema>>;
export type BandsOut = z.output<ReturnType<typeof bandsSchema>>;

/** The form as it opens. */
export function bandsDefaults(bands: SampleBands | undefined, formats: Formats): BandsIn {
  const mark = marked(formats);
  return {
    phLow: mark(bands?.ph?.low),
    phHigh: mark(bands?.ph?.high),
    ecLow: bands?.ec ? formats.ecPlain(bands.ec.low) : '',
    ecHigh: bands?.ec ? formats.ecPlain(bands.ec.high) : '',
  };
}
