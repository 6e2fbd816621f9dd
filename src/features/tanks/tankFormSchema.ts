import { z } from 'zod';
import { litresFrom, volumeFromLitres, type VolumeUnit } from '@/core/units';
import { typedNumber } from '@/features/parts/typedNumber';
import type { Tank } from '@/records/kinds';
import type { Formats } from '@/words';

const phEnd = typedNumber('pH').refine((ph) => ph >= 0 && ph <= 14, 'pH runs from 0 to 14.');
const ecEnd = typedNumber('EC').refine(
  (ec) => ec >= 0 && ec <= 20,
  'In mS/cm a feed lies below 20. Was this typed in µS/cm or ppm?',
);

/** What the tank form takes, all as typed. */
export const tankFormSchema = z
  .object({
    name: z.string().trim().min(1, 'A name is needed.').max(200),
    volume: typedNumber('volume').refine((v) => v > 0, 'A volume above zero.'),
    volumeUnit: z.enum(['L', 'US gal', 'UK gal']),
    crop: z.string(),
    stage: z.string(),
    phLow: phEnd,
    phHigh: phEnd,
    ecLow: ecEnd,
    ecHigh: ecEnd,
    note: z.string().max(4000),
  })
  .superRefine((form, context) => {
    const message = 'Must lie above the low end.';
    if (form.phLow >= form.phHigh) context.addIssue({ code: 'custom', path: ['phHigh'], message });
    if (form.ecLow >= form.ecHigh) context.addIssue({ code: 'custom', path: ['ecHigh'], message });
  })
  .transform(({ volume, volumeUnit, phLow, phHigh, ecLow, ecHigh, ...rest }) => ({
    ...rest,
    volumeL: litresFrom(volume, volumeUnit),
    phBand: { low: phLow, high: phHigh },
    ecBand: { low: ecLow, high: ecHigh },
  }));

export type TankFormIn = z.input<typeof tankFormSchema>;
export type TankFormOut = z.output<typeof tankFormSchema>;

/** The form as it opens: the tank's own values, or empty. */
export function tankDefaults(tank: Tank | undefined, formats: Formats): TankFormIn {
  const unit: VolumeUnit = formats.settings.volumeUnit;
  const mark = (value: number) =>
    String(Number(value.toFixed(3))).replace('.', formats.settings.decimalMark);
  return {
    name: tank?.name ?? '',
    volume: tank ? mark(volumeFromLitres(tank.volumeL, unit)) : '',
    volumeUnit: unit,
    crop: tank?.crop ?? '',
    stage: tank?.stage ?? '',
    phLow: mark(tank?.phBand.low ?? 5.5),
    phHigh: mark(tank?.phBand.high ?? 6.5),
    ecLow: tank ? mark(tank.ecBand.low) : '',
    ecHigh: tank ? mark(tank.ecBand.high) : '',
    note: tank?.note ?? '',
  };
}
