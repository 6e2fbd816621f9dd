import { z } from 'zod';
import { FEED_ALPHA_PER_C } from '@/core/conductivity';
import { litresFrom, volumeFromLitres } from '@/core/units';
import { fieldOf, openedWith, schemaOf, type TypedIn } from '@/features/parts/fields/field';
import { ABOVE_ZERO, numberOrNothing } from '@/features/parts/fields/kinds';
import { marked, typedEc, typedNumber } from '@/features/parts/typedNumber';
import type { Reservoir } from '@/records/kinds';
import type { Formats } from '@/words';
import { bandsSays } from '@/words/tanks/bands';
import { phEnd } from './bandFields';
import { everyField, keptByField } from './readingFields';
import { nameText } from '@/records/kinds/common';

const aboveZero = { from: ABOVE_ZERO, to: Infinity, message: 'Above zero.' };

/** A recipe is stated at an EC above nothing, mS/cm. */
const LEAST_EC_MS_PER_CM = 0.1;
/** The EC a recipe is stated at: the middle of the band, mS/cm. */
const middleOf = (low: number, high: number) => Math.max((low + high) / 2, LEAST_EC_MS_PER_CM);

/** A water of the book, to choose from. */
export interface WaterName {
  readonly id: string;
  readonly name: string;
}

const tankField = fieldOf<Reservoir | undefined>();

const named = (formats: Formats) => ({
  name: tankField({
    label: 'Name',
    schema: nameText,
    from: (tank) => tank?.name ?? '',
  }),
  volume: tankField({
    label: 'Volume',
    unit: formats.settings.volumeUnit,
    numeric: true,
    beside: 'wide',
    schema: typedNumber('volume').refine((v) => v > 0, 'A volume above zero.'),
    from: (tank) =>
      tank ? marked(formats, 3)(volumeFromLitres(tank.volumeL, formats.settings.volumeUnit)) : '',
  }),
});

/** Carried with the form, drawn by nothing: the unit of its volumes, and the crop once chosen. */
const carried = (formats: Formats) => ({
  volumeUnit: tankField({
    label: 'Unit',
    schema: z.enum(['L', 'US gal', 'UK gal']),
    from: () => formats.settings.volumeUnit,
  }),
  crop: tankField({ label: 'Crop', schema: z.string(), from: (tank) => tank?.crop ?? '' }),
  stage: tankField({ label: 'Stage', schema: z.string(), from: (tank) => tank?.stage ?? '' }),
});

const bands = (formats: Formats) => {
  const mark = marked(formats, 3);
  const ecEnd = { unit: formats.ecUnit, numeric: true, schema: typedEc(formats, EC_OF_A_FEED) };
  return {
    phLow: tankField({
      label: 'pH from',
      numeric: true,
      schema: phEnd,
      from: (tank) => mark(tank?.phBand.low ?? 5.5),
    }),
    phHigh: tankField({
      label: 'pH to',
      numeric: true,
      beside: 'always',
      schema: phEnd,
      from: (tank) => mark(tank?.phBand.high ?? 6.5),
    }),
    ecLow: tankField({
      ...ecEnd,
      label: 'EC from',
      from: (tank) => (tank ? formats.ecPlain(tank.ecBand.low) : ''),
    }),
    ecHigh: tankField({
      ...ecEnd,
      label: 'EC to',
      beside: 'always',
      from: (tank) => (tank ? formats.ecPlain(tank.ecBand.high) : ''),
    }),
  };
};
const EC_OF_A_FEED = { of: 'a feed', from: 0, to: 20 };

/** Which waters it is filled with, one or two. */
function watersOf(formats: Formats, waters: readonly WaterName[]) {
  const each = waters.map(({ id, name }) => ({ value: id, label: name }));
  return {
    waterA: tankField({
      label: 'Filled with',
      list: true,
      options: [
        { value: '', label: waters.length === 0 ? 'none in the book yet' : 'not said' },
        ...each,
      ],
      schema: z.string(),
      from: (tank) => tank?.waters?.[0]?.waterId ?? '',
    }),
    waterB: tankField({
      label: 'Mixed with',
      list: true,
      when: ({ waterA }) => waterA !== '' && waters.length > 1,
      options: [{ value: '', label: 'nothing else' }, ...each],
      schema: z.string(),
      from: (tank) => tank?.waters?.[1]?.waterId ?? '',
    }),
    share: tankField({
      label: 'Share of the first',
      unit: '%',
      numeric: true,
      when: ({ waterA, waterB }) => waterA !== '' && waters.length > 1 && waterB !== '',
      schema: numberOrNothing('share', {
        from: ABOVE_ZERO,
        to: 100 - ABOVE_ZERO,
        message: 'Between 0 and 100 %.',
      }),
      from: (tank) =>
        tank?.waters?.[1] ? marked(formats, 3)(100 * (tank.waters[0]?.share ?? 0.5)) : '',
    }),
  };
}

const reading = (formats: Formats) => ({
  every: everyField<Reservoir>(formats),
  keptBy: keptByField<Reservoir>(),
});

const mixing = (formats: Formats) => ({
  full: tankField({
    label: 'Holds at most',
    unit: formats.settings.volumeUnit,
    numeric: true,
    schema: numberOrNothing('volume', aboveZero),
    from: (tank) =>
      tank?.fullL === undefined
        ? ''
        : marked(formats, 3)(volumeFromLitres(tank.fullL, formats.settings.volumeUnit)),
  }),
  pump: tankField({
    label: 'Pump moves',
    unit: 'L/min',
    numeric: true,
    beside: 'always',
    schema: numberOrNothing('flow', aboveZero),
    from: (tank) => marked(formats, 3)(tank?.pumpLPerMin),
  }),
});

/** What a recipe says, brought to the middle of the band as it is now. */
function atMiddle(tank: Reservoir | undefined, mgPerL: number | undefined): number | undefined {
  if (!tank?.recipe || mgPerL === undefined) return undefined;
  return (mgPerL * middleOf(tank.ecBand.low, tank.ecBand.high)) / tank.recipe.atEcMsPerCm;
}

const feed = (formats: Formats) => ({
  phosphorus: tankField({
    label: 'Feed: phosphorus',
    unit: 'mg/L P',
    numeric: true,
    schema: numberOrNothing('phosphorus', {
      from: ABOVE_ZERO,
      to: 500,
      message: 'A feed holds between 5 and 100 mg/L. Is it stated as P, not as P2O5?',
    }),
    from: (tank) => marked(formats, 3)(atMiddle(tank, tank?.recipe?.phosphorusMgPerL)),
  }),
  ammonium: tankField({
    label: 'Feed: ammonium',
    unit: 'mg/L N',
    numeric: true,
    beside: 'always',
    schema: numberOrNothing('ammonium', {
      from: 0,
      to: 500,
      message: 'In mg/L of nitrogen, zero or more.',
    }),
    from: (tank) => marked(formats, 3)(atMiddle(tank, tank?.recipe?.ammoniumMgPerL)),
  }),
});

const last = (formats: Formats) => ({
  alpha: tankField({
    label: 'Temperature coefficient of the feed',
    unit: '% per °C',
    hint: '1.9 is usual. It can be measured: see the tank.',
    numeric: true,
    schema: typedNumber('coefficient').refine(
      (percent) => percent >= 1 && percent <= 4,
      'A feed lies between 1 and 4 % per °C.',
    ),
    from: (tank) => marked(formats, 3)(100 * (tank?.alphaPerC ?? FEED_ALPHA_PER_C)),
  }),
  note: tankField({
    label: 'Note',
    schema: z.string().max(4000),
    from: (tank) => tank?.note ?? '',
  }),
});

/** The tank form, part by part; EC and volumes in the book's units. */
export const tankParts = (formats: Formats, waters: readonly WaterName[] = []) => ({
  carried: carried(formats),
  named: named(formats),
  bands: bands(formats),
  waters: watersOf(formats, waters),
  reading: reading(formats),
  mixing: mixing(formats),
  feed: feed(formats),
  last: last(formats),
});

function tankFields(formats: Formats) {
  const parts = tankParts(formats);
  return {
    ...parts.carried,
    ...parts.named,
    ...parts.bands,
    ...parts.waters,
    ...parts.reading,
    ...parts.mixing,
    ...parts.feed,
    ...parts.last,
  };
}

/** The waters of a tank with their shares; the second takes what the first leaves. */
function sharesOf(form: { waterA: string; waterB: string; share?: number | undefined }) {
  const { waterA, waterB, share } = form;
  if (waterA === '') return undefined;
  if (waterB === '' || waterB === waterA) return [{ waterId: waterA, share: 1 }];
  const first = (share ?? 50) / 100;
  return [
    { waterId: waterA, share: first },
    { waterId: waterB, share: 1 - first },
  ];
}

/** What the form takes, and the tank it stands for. */
export const tankFormSchema = (formats: Formats) =>
  schemaOf(tankFields(formats))
    .superRefine((form, context) => {
      const wrong = (path: string, message: string) =>
        context.addIssue({ code: 'custom', path: [path], message });
      if (form.phLow >= form.phHigh) wrong('phHigh', bandsSays.aboveTheLow);
      if (form.ecLow >= form.ecHigh) wrong('ecHigh', bandsSays.aboveTheLow);
      if (form.ammonium !== undefined && form.phosphorus === undefined)
        wrong('phosphorus', 'Its phosphorus is needed too.');
      if (form.full !== undefined && form.full < form.volume)
        wrong('full', 'It holds at least what is in it.');
    })
    .transform(({ volume, volumeUnit, phLow, phHigh, ecLow, ecHigh, ...form }) => ({
      name: form.name,
      crop: form.crop,
      stage: form.stage,
      note: form.note,
      volumeL: litresFrom(volume, volumeUnit),
      fullL: form.full === undefined ? undefined : litresFrom(form.full, volumeUnit),
      pumpLPerMin: form.pump,
      readEveryDays: form.every === 1 ? undefined : form.every,
      keptBy: form.keptBy.toUpperCase() || undefined,
      alphaPerC: form.alpha / 100,
      waters: sharesOf(form),
      recipe:
        form.phosphorus === undefined
          ? undefined
          : {
              phosphorusMgPerL: form.phosphorus,
              ammoniumMgPerL: form.ammonium,
              atEcMsPerCm: middleOf(ecLow, ecHigh),
            },
      phBand: { low: phLow, high: phHigh },
      ecBand: { low: ecLow, high: ecHigh },
    }));

export type TankFormIn = TypedIn<ReturnType<typeof tankFields>>;
export type TankFormOut = z.output<ReturnType<typeof tankFormSchema>>;

/** The form as it opens: the tank's own values, or empty. */
export const tankDefaults = (tank: Reservoir | undefined, formats: Formats): TankFormIn =>
  openedWith(tankFields(formats), tank);
