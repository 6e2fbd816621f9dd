import type { z } from 'zod';
import { fieldOf, openedWith, schemaOf, type TypedIn } from '@/features/parts/fields/field';
import {
  marked,
  typedEcOrNothing,
  typedNumber,
  typedNumberOrNothing,
} from '@/features/parts/typedNumber';
import type { SampleBands } from '@/records/kinds';
import type { Formats } from '@/words';
import { bandsSays } from '@/words/tanks/bands';

const bandField = fieldOf<SampleBands | undefined>();

const isPh = (value: number | undefined) => value === undefined || (value >= 0 && value <= 14);

/** An end of a tank's pH band. */
export const phEnd = typedNumber('pH').refine(isPh, bandsSays.phRange);

/** An end of a pH band that may be left out. */
const phEndOrNothing = typedNumberOrNothing('pH').refine(isPh, bandsSays.phRange);

/** The ends of the bands of a sample; either band may be left empty. EC in the book's unit, read as mS/cm. */
export function bandFields(formats: Formats) {
  const mark = marked(formats);
  const ph = { unit: 'pH', numeric: true, schema: phEndOrNothing };
  const ec = {
    unit: formats.ecUnit,
    numeric: true,
    schema: typedEcOrNothing(formats, { of: 'a sample', from: 0, to: 50 }),
  };
  const ecMark = (ecMsPerCm: number | undefined) =>
    ecMsPerCm === undefined ? '' : formats.ecPlain(ecMsPerCm);
  const high = { beside: 'always' as const };
  return {
    phLow: bandField({ ...ph, label: bandsSays.phFrom, from: (bands) => mark(bands?.ph?.low) }),
    phHigh: bandField({
      ...ph,
      ...high,
      label: bandsSays.phTo,
      from: (bands) => mark(bands?.ph?.high),
    }),
    ecLow: bandField({ ...ec, label: bandsSays.ecFrom, from: (bands) => ecMark(bands?.ec?.low) }),
    ecHigh: bandField({
      ...ec,
      ...high,
      label: bandsSays.ecTo,
      from: (bands) => ecMark(bands?.ec?.high),
    }),
  };
}

/** What is read out of the four fields. */
interface Ends {
  readonly phLow?: number | undefined;
  readonly phHigh?: number | undefined;
  readonly ecLow?: number | undefined;
  readonly ecHigh?: number | undefined;
}

/** A pair of ends: both or neither, the low one below. */
function pairIssue(low: number | undefined, high: number | undefined): string | undefined {
  if (low === undefined && high === undefined) return undefined;
  if (low === undefined || high === undefined) return bandsSays.bothOrNeither;
  return low < high ? undefined : bandsSays.aboveTheLow;
}

/** What is wrong with pairs of ends, at the field of the high one. */
export function refinePairs(ends: Ends, context: z.RefinementCtx): void {
  const pairs = { phHigh: [ends.phLow, ends.phHigh], ecHigh: [ends.ecLow, ends.ecHigh] } as const;
  for (const [field, [low, high]] of Object.entries(pairs)) {
    const message = pairIssue(low, high);
    if (message) context.addIssue({ code: 'custom', path: [field], message });
  }
}

const bandOf = (low: number | undefined, high: number | undefined) =>
  low === undefined || high === undefined ? undefined : { low, high };

/** The bands that four ends stand for; one whose ends are left empty is none. */
export const bandsOf = ({ phLow, phHigh, ecLow, ecHigh }: Ends): SampleBands => ({
  ph: bandOf(phLow, phHigh),
  ec: bandOf(ecLow, ecHigh),
});

/** What the form of the bands of one sample takes, and the bands it stands for. */
export const bandsSchema = (formats: Formats) =>
  schemaOf(bandFields(formats)).superRefine(refinePairs).transform(bandsOf);

export type BandsIn = TypedIn<ReturnType<typeof bandFields>>;

/** The form as it opens. */
export const bandsDefaults = (bands: SampleBands | undefined, formats: Formats): BandsIn =>
  openedWith(bandFields(formats), bands);
