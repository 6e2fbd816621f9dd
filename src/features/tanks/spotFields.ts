import { z } from 'zod';
import { fieldOf, openedWith, schemaOf, type TypedIn } from '@/features/parts/fields/field';
import type { Tank } from '@/records/kinds';
import { SPOT_SAMPLES } from '@/records/samples';
import { SAMPLE_HINT, SAMPLE_NAME, type Formats } from '@/words';
import { spotSays } from '@/words/tanks/spot';
import { bandFields, bandsOf, refinePairs } from './bandFields';
import { everyField, keptByField } from './readingFields';
import { nameText } from '@/records/kinds/common';

const spotField = fieldOf<Tank | undefined>();

/** The bands of a place without a tank: those of the one sample it is read by. */
const bandsIn = (tank: Tank | undefined) => tank?.readOf && tank.sampleBands?.[tank.readOf];

/** The form of a pot, a bed, a slab or a drain: its name, its method, its bands where it has any. */
export const spotFields = (formats: Formats) => {
  const ends = bandFields(formats);
  const end = (name: keyof typeof ends) =>
    spotField({ ...ends[name], into: undefined, from: (tank) => ends[name].from(bandsIn(tank)) });
  return {
    name: spotField({
      label: spotSays.name,
      hint: spotSays.nameHint,
      schema: nameText,
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
    phLow: end('phLow'),
    phHigh: end('phHigh'),
    ecLow: end('ecLow'),
    ecHigh: end('ecHigh'),
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
    .superRefine(refinePairs)
    .transform(({ name, readOf, note, every, keptBy, ...ends }) => ({
      name,
      readOf,
      note,
      readEveryDays: every === 1 ? undefined : every,
      keptBy: keptBy.toUpperCase() || undefined,
      sampleBands: { [readOf]: bandsOf(ends) },
    }));

export type SpotIn = TypedIn<ReturnType<typeof spotFields>>;
export type SpotOut = z.output<ReturnType<typeof spotSchema>>;

/** The form as it opens. */
export const spotDefaults = (tank: Tank | undefined, formats: Formats): SpotIn =>
  openedWith(spotFields(formats), tank);
