import { z } from 'zod';
import {
  alkalinityMmolPerL,
  ALKALINITY_PER_MMOL_PER_L,
  isAlkalinityOfWater,
  type AlkalinityUnit,
} from '@/core/chemistry';
import { fieldOf, openedWith, schemaOf, type TypedIn } from '@/features/parts/fields/field';
import { numberOrNothing } from '@/features/parts/fields/kinds';
import { marked, typedEcOrNothing } from '@/features/parts/typedNumber';
import type { Water } from '@/records/kinds';
import type { Formats } from '@/words';
import { nameText } from '@/records/kinds/common';

/** How reports state alkalinity. */
const ALKALINITY_UNITS = Object.keys(ALKALINITY_PER_MMOL_PER_L) as [
  AlkalinityUnit,
  ...AlkalinityUnit[],
];

/** Molar masses, g/mol (IUPAC 2021): reports state hardness in mg/L. */
const CALCIUM_G_PER_MOL = 40.078;
const MAGNESIUM_G_PER_MOL = 24.305;

const hardness = (what: string) =>
  numberOrNothing(what, { from: 0, to: 480, message: 'In mg/L water lies between 0 and 480.' });

const perLitre = (mmol: number | undefined, gPerMol: number) =>
  mmol === undefined ? undefined : mmol * gPerMol;

const waterField = fieldOf<Water | undefined>();

/** The form of a water; EC in the book's unit. */
export function waterFields(formats: Formats) {
  const mark = marked(formats, 3);
  return {
    name: waterField({
      label: 'Name',
      hint: 'town water, rain butt…',
      schema: nameText,
      from: (water) => water?.name ?? '',
    }),
    basis: waterField({
      label: 'Where do the numbers come from?',
      options: [
        { value: 'report', label: 'a report', hint: 'of the supplier or a laboratory' },
        { value: 'measured', label: 'measured here' },
      ],
      schema: z.enum(['report', 'measured']),
      from: (water) => water?.basis ?? 'report',
    }),
    ec: waterField({
      label: 'EC at 25 °C',
      unit: formats.ecUnit,
      numeric: true,
      schema: typedEcOrNothing(formats, { of: 'water', from: 0.001, to: 20 }),
      from: (water) => (water?.ecMsPerCm === undefined ? '' : formats.ecPlain(water.ecMsPerCm)),
    }),
    ph: waterField({
      label: 'pH',
      numeric: true,
      beside: 'wide',
      schema: numberOrNothing('pH', { from: 3, to: 12, message: 'Water lies between 3 and 12.' }),
      from: (water) => mark(water?.ph),
    }),
    alkalinity: waterField({
      label: 'Alkalinity',
      unit: ({ unit }) => String(unit),
      hint: 'Of the water as it comes. Not hardness: that is calcium and magnesium.',
      numeric: true,
      schema: numberOrNothing('alkalinity', { from: 0, to: Infinity, message: 'Zero or more.' }),
      from: (water) => mark(water?.alkalinityMmolPerL),
    }),
    unit: waterField({
      label: 'As the report states it',
      list: true,
      beside: 'wide',
      options: ALKALINITY_UNITS.map((value) => ({ value, label: value })),
      schema: z.enum(ALKALINITY_UNITS),
      from: (water): AlkalinityUnit => (water ? 'mmol/L' : 'mg/L CaCO3'),
    }),
    calcium: waterField({
      label: 'Calcium',
      unit: 'mg/L',
      hint: 'They hold on to citrate, phosphate and carbonate: a report tells both.',
      numeric: true,
      schema: hardness('calcium'),
      from: (water) => mark(perLitre(water?.calciumMmolPerL, CALCIUM_G_PER_MOL)),
    }),
    magnesium: waterField({
      label: 'Magnesium',
      unit: 'mg/L',
      numeric: true,
      beside: 'wide',
      schema: hardness('magnesium'),
      from: (water) => mark(perLitre(water?.magnesiumMmolPerL, MAGNESIUM_G_PER_MOL)),
    }),
    note: waterField({
      label: 'Note',
      schema: z.string().max(4000),
      from: (water) => water?.note ?? '',
    }),
  };
}

/** What the form takes, and the water it stands for. */
export const waterFormSchema = (formats: Formats) =>
  schemaOf(waterFields(formats))
    .superRefine(({ alkalinity, unit }, context) => {
      if (alkalinity === undefined) return;
      if (isAlkalinityOfWater(alkalinityMmolPerL(alkalinity, unit))) return;
      const message = 'No water is that alkaline. Is the unit right?';
      context.addIssue({ code: 'custom', path: ['alkalinity'], message });
    })
    .transform(({ alkalinity, unit, ec, calcium, magnesium, ...rest }): Water => ({
      ...rest,
      calciumMmolPerL: calcium === undefined ? undefined : calcium / CALCIUM_G_PER_MOL,
      magnesiumMmolPerL: magnesium === undefined ? undefined : magnesium / MAGNESIUM_G_PER_MOL,
      ecMsPerCm: ec,
      alkalinityMmolPerL:
        alkalinity === undefined ? undefined : alkalinityMmolPerL(alkalinity, unit),
    }));

export type WaterIn = TypedIn<ReturnType<typeof waterFields>>;

/** The form as it opens: the water's own values, or empty. */
export const waterDefaults = (water: Water | undefined, formats: Formats): WaterIn =>
  openedWith(waterFields(formats), water);
