import { z } from 'zod';
import { fieldOf, openedWith, schemaOf, type TypedIn } from '@/features/parts/fields/field';
import type { Tank } from '@/records/kinds';
import { SPOT_SAMPLES } from '@/records/samples';
import { SAMPLE_HINT, SAMPLE_NAME, type Formats } from '@/words';
import { spotSays } from '@/words/tanks/spot';
import { bandOf, bandsDefaults, ecEnd, pairIssue, phEnd } from './bandsSchema';
import { everyField, keptByField } from './readingFields';

const spotField = fieldOf<Tank | undefined>();

/** The bands of a place without a tank, as its form opens. */
const bandsIn = (tank: Tank | undefined, formats: Formats) =>
  bandsDefaults(tank?.readOf && tank.sampleBands?.[tank.readOf], formats);

/** The form of a pot, a bed, a slab or a drain: its name, its method, its bands where it has any. */
export const spotFields = (formats: Formats) => {
  const end = (name: 'phLow' | 'phHigh', label: string) =>
    spotField({
      label,
      unit: 'pH',
      numeric: true,
      ...(name === 'phHigh' ? { beside: 'always' as const } : {}),
      schema: phEnd,
      from: (tank) => bandsIn(tank, formats)[name],
    });
  const ec = (name: 'ecLow' | 'ecHigh', label: string) =>
    spotField({
      label,
      unit: formats.ecUnit,
      numeric: true,
      ...(name === 'ecHigh' ? { beside: 'always' as const } : {}),
      schema: ecEnd(formats),
      from: (tank) => bandsIn(tank, formats)[name],
    });
  return {
    name: spotField({
      label: spotSays.name,
      hint: spotSays.nameHint,
      schema: z.string().trim().min(1, spotSays.nameNeeded).max(200),
      from: (tank) => tank?.name ?? '',
    }),
    readOf: spotField({
      label: spotSays.howRead,
      options: SPOT_SAMPLES.map((value) => ({
        value,
        label: SAMPLE_NAME[value],
        hint: SAMPLE_HINT[value],
      })),
      schema: z.enum(SPOT_SAMPLES),
      from: (tank) => tank?.readOf ?? 'substrateDirect',
    }),
    phLow: end('phLow', spotSays.phFrom),
    phHigh: end('phHigh', spotSays.phTo),
    ecLow: ec('ecLow', spotSays.ecFrom),
    ecHigh: ec('ecHigh', spotSays.ecTo),
    every: everyField<Tank>(formats),
    keptBy: keptByField<Tank>(),
    note: spotField({
      label: spotSays.note,
      schema: z.string().max(4000),
      from: (tank) => tank?.note ?? '',
    }),
  };
};

/** What the form takes, and the place it stands for. */
export const spotSchema = (formats: Formats) =>
  schemaOf(spotFields(formats))
    .superRefine((form, context) => {
      const wrong = (path: string, message: string | undefined) =>
        message && context.addIssue({ code: 'custom', path: [path], message });
      wrong('phHigh', pairIssue(form.phLow, form.phHigh));
      wrong('ecHigh', pairIssue(form.ecLow, form.ecHigh));
    })
    .transform(({ name, readOf, note, every, keptBy, ...ends }) => ({
      name,
      readOf,
      note,
      readEveryDays: every === 1 ? undefined : every,
      keptBy: keptBy.toUpperCase() || undefined,
      sampleBands: {
        [readOf]: { ph: bandOf(ends.phLow, ends.phHigh), ec: bandOf(ends.ecLow, ends.ecHigh) },
      },
    }));

export type SpotIn = TypedIn<ReturnType<typeof spotFields>>;
export type SpotOut = z.output<ReturnType<typeof spotSchema>>;

/** The form as it opens. */
export const spotDefaults = (tank: Tank | undefined, formats: Formats): SpotIn =>
  openedWith(spotFields(formats), tank);
