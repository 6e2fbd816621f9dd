import { z } from 'zod';
import {
  alkalinityMmolPerL,
  ALKALINITY_PER_MMOL_PER_L,
  type AlkalinityUnit,
} from '@/core/chemistry';
import { typedNumberOrNothing } from '@/features/parts/typedNumber';
import type { Water } from '@/records/kinds';
import type { Formats } from '@/words';

/** How reports state alkalinity. */
export const ALKALINITY_UNITS = Object.keys(ALKALINITY_PER_MMOL_PER_L) as [
  AlkalinityUnit,
  ...AlkalinityUnit[],
];

/** What the form of a water takes, all as typed. */
export const waterFormSchema = z
  .object({
    name: z.string().trim().min(1, 'A name is needed.').max(200),
    basis: z.enum(['report', 'measured']),
    ec: typedNumberOrNothing('EC').refine(
      (ec) => ec === undefined || (ec > 0 && ec <= 20),
      'In mS/cm water lies between 0 and 20. Was this typed in µS/cm?',
    ),
    alkalinity: typedNumberOrNothing('alkalinity').refine(
      (value) => value === undefined || value >= 0,
      'Zero or more.',
    ),
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
  .transform(({ alkalinity, unit, ec, ...rest }): Water => ({
    ...rest,
    ecMsPerCm: ec,
    alkalinityMmolPerL: alkalinity === undefined ? undefined : alkalinityMmolPerL(alkalinity, unit),
  }));

export type WaterIn = z.input<typeof waterFormSchema>;

/** The form as it opens: the water's own values, or empty. */
export function waterDefaults(water: Water | undefined, formats: Formats): WaterIn {
  const mark = (value: number | undefined) =>
    value === undefined
      ? ''
      : String(Number(value.toFixed(3))).replace('.', formats.settings.decimalMark);
  return {
    name: water?.name ?? '',
    basis: water?.basis ?? 'report',
    ec: mark(water?.ecMsPerCm),
    alkalinity: mark(water?.alkalinityMmolPerL),
    unit: water ? 'mmol/L' : 'mg/L CaCO3',
    ph: mark(water?.ph),
    note: water?.note ?? '',
  };
}
