import { z } from 'zod';
import {
  alkalinityMmolPerL,
  ALKALINITY_PER_MMOL_PER_L,
  type AlkalinityUnit,
} from '@/core/chemistry';
import { typedEcOrNothing, typedNumberOrNothing } from '@/features/parts/typedNumber';
import type { Water } from '@/records/kinds';
import type { Formats } from '@/words';

/** How reports state alkalinity. */
export const ALKALINITY_UNITS = Object.keys(ALKALINITY_PER_MMOL_PER_L) as [
  AlkalinityUnit,
  ...AlkalinityUnit[],
];

/** Molar masses, g/mol (IUPAC 2021): reports state hardness in mg/L. */
const CALCIUM_G_PER_MOL = 40.078;
const MAGNESIUM_G_PER_MOL = 24.305;

const hardness = (what: string) =>
  typedNumberOrNothing(what).refine(
    (value) => value === undefined || (value >= 0 && value <= 480),
    'In mg/L water lies between 0 and 480.',
  );

/** What the form of a water takes, all as typed; EC in the book's unit. */
export const waterFormSchema = (formats: Formats) =>
  z
    .object({
      name: z.string().trim().min(1, 'A name is needed.').max(200),
      basis: z.enum(['report', 'measured']),
      ec: typedEcOrNothing(formats, { of: 'water', from: 0.001, to: 20 }),
      alkalinity: typedNumberOrNothing('alkalinity').refine(
        (value) => value === undefined || value >= 0,
        'Zero or more.',
      ),
      calcium: hardness('calcium'),
      magnesium: hardness('magnesium'),
      unit: z.enum(ALKALINITY_UNITS),
      ph: typedNumberOrNothing('pH').refine(
        (ph) => ph === undefined || (ph >= 3 && ph <= 12),
        'Water lies between 3 and 12.',
      ),
      note: z.string().max(4000),
    })
    .superRefine(({ alkalinity, unit }, context) => {
      if (alkalinity === undefined || alkalinityMmolPerL(alkalinity, unit) <= 20) return;
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

export type WaterIn = z.input<ReturnType<typeof waterFormSchema>>;

const perLitre = (mmol: number | undefined, gPerMol: number) =>
  mmol === undefined ? undefined : mmol * gPerMol;

/** The form as it opens: the water's own values, or empty. */
export function waterDefaults(water: Water | undefined, formats: Formats): WaterIn {
  const mark = (value: number | undefined) =>
    value === undefined
      ? ''
      : String(Number(value.toFixed(3))).replace('.', formats.settings.decimalMark);
  return {
    name: water?.name ?? '',
    basis: water?.basis ?? 'report',
    ec: water?.ecMsPerCm === undefined ? '' : formats.ecPlain(water.ecMsPerCm),
    alkalinity: mark(water?.alkalinityMmolPerL),
    unit: water ? 'mmol/L' : 'mg/L CaCO3',
    calcium: mark(perLitre(water?.calciumMmolPerL, CALCIUM_G_PER_MOL)),
    magnesium: mark(perLitre(water?.magnesiumMmolPerL, MAGNESIUM_G_PER_MOL)),
    ph: mark(water?.ph),
    note: water?.note ?? '',
  };
}
