import { FEED_ALPHA_PER_C } from '@/core/conductivity';
import { z } from 'zod';
import { litresFrom, volumeFromLitres, type VolumeUnit } from '@/core/units';
import { typedEc, typedNumber, typedNumberOrNothing } from '@/features/parts/typedNumber';
import type { Tank } from '@/records/kinds';
import type { Formats } from '@/words';

const phEnd = typedNumber('pH').refine((ph) => ph >= 0 && ph <= 14, 'pH runs from 0 to 14.');
const ecEnd = (formats: Formats) => typedEc(formats, { of: 'a feed', from: 0, to: 20 });

/** What the tank form takes, all as typed; EC in the book's unit. */
export const tankFormSchema = (formats: Formats) =>
  z
    .object({
      name: z.string().trim().min(1, 'A name is needed.').max(200),
      volume: typedNumber('volume').refine((v) => v > 0, 'A volume above zero.'),
      volumeUnit: z.enum(['L', 'US gal', 'UK gal']),
      crop: z.string(),
      stage: z.string(),
      phLow: phEnd,
      phHigh: phEnd,
      ecLow: ecEnd(formats),
      ecHigh: ecEnd(formats),
      alpha: typedNumber('coefficient').refine(
        (percent) => percent >= 1 && percent <= 4,
        'A feed lies between 1 and 4 % per °C.',
      ),
      full: typedNumberOrNothing('volume').refine((v) => v === undefined || v > 0, 'Above zero.'),
      pump: typedNumberOrNothing('flow').refine((v) => v === undefined || v > 0, 'Above zero.'),
      phosphorus: typedNumberOrNothing('phosphorus').refine(
        (p) => p === undefined || (p > 0 && p <= 500),
        'A feed holds between 5 and 100 mg/L. Is it stated as P, not as P2O5?',
      ),
      ammonium: typedNumberOrNothing('ammonium').refine(
        (n) => n === undefined || (n >= 0 && n <= 500),
        'In mg/L of nitrogen, zero or more.',
      ),
      waterA: z.string(),
      waterB: z.string(),
      share: typedNumberOrNothing('share').refine(
        (share) => share === undefined || (share > 0 && share < 100),
        'Between 0 and 100 %.',
      ),
      note: z.string().max(4000),
    })
    .superRefine((form, context) => {
      const message = 'Must lie above the low end.';
      if (form.phLow >= form.phHigh)
        context.addIssue({ code: 'custom', path: ['phHigh'], message });
      if (form.ammonium !== undefined && form.phosphorus === undefined) {
        const both = 'Its phosphorus is needed too.';
        context.addIssue({ code: 'custom', path: ['phosphorus'], message: both });
      }
      if (form.full !== undefined && form.full < form.volume) {
        const less = 'It holds at least what is in it.';
        context.addIssue({ code: 'custom', path: ['full'], message: less });
      }
      if (form.ecLow >= form.ecHigh)
        context.addIssue({ code: 'custom', path: ['ecHigh'], message });
    })
    .transform(({ volume, volumeUnit, phLow, phHigh, ecLow, ecHigh, ...form }) => ({
      name: form.name,
      crop: form.crop,
      stage: form.stage,
      note: form.note,
      volumeL: litresFrom(volume, volumeUnit),
      fullL: form.full === undefined ? undefined : litresFrom(form.full, volumeUnit),
      pumpLPerMin: form.pump,
      alphaPerC: form.alpha / 100,
      waters: watersOf(form),
      recipe:
        form.phosphorus === undefined
          ? undefined
          : {
              phosphorusMgPerL: form.phosphorus,
              ammoniumMgPerL: form.ammonium,
              atEcMsPerCm: Math.max((ecLow + ecHigh) / 2, LEAST_EC_MS_PER_CM),
            },
      phBand: { low: phLow, high: phHigh },
      ecBand: { low: ecLow, high: ecHigh },
    }));

/** A recipe is stated at an EC above nothing, mS/cm. */
const LEAST_EC_MS_PER_CM = 0.1;

/** The waters of a tank with their shares; the second takes what the first leaves. */
function watersOf(form: { waterA: string; waterB: string; share?: number | undefined }) {
  const { waterA, waterB, share } = form;
  if (waterA === '') return undefined;
  if (waterB === '' || waterB === waterA) return [{ waterId: waterA, share: 1 }];
  const first = (share ?? 50) / 100;
  return [
    { waterId: waterA, share: first },
    { waterId: waterB, share: 1 - first },
  ];
}

export type TankFormIn = z.input<ReturnType<typeof tankFormSchema>>;
export type TankFormOut = z.output<ReturnType<typeof tankFormSchema>>;

/** What a recipe says, brought to the middle of the band as it is now. */
function atMiddle(
  tank: Tank | undefined,
  mgPerL: number | undefined,
  mark: (value: number) => string,
): string {
  if (!tank?.recipe || mgPerL === undefined) return '';
  const middle = Math.max((tank.ecBand.low + tank.ecBand.high) / 2, LEAST_EC_MS_PER_CM);
  return mark((mgPerL * middle) / tank.recipe.atEcMsPerCm);
}

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
    ecLow: tank ? formats.ecPlain(tank.ecBand.low) : '',
    ecHigh: tank ? formats.ecPlain(tank.ecBand.high) : '',
    alpha: mark(100 * (tank?.alphaPerC ?? FEED_ALPHA_PER_C)),
    full: tank?.fullL === undefined ? '' : mark(volumeFromLitres(tank.fullL, unit)),
    pump: tank?.pumpLPerMin === undefined ? '' : mark(tank.pumpLPerMin),
    phosphorus: atMiddle(tank, tank?.recipe?.phosphorusMgPerL, mark),
    ammonium: atMiddle(tank, tank?.recipe?.ammoniumMgPerL, mark),
    waterA: tank?.waters?.[0]?.waterId ?? '',
    waterB: tank?.waters?.[1]?.waterId ?? '',
    share: tank?.waters?.[1] ? mark(100 * (tank.waters[0]?.share ?? 0.5)) : '',
    note: tank?.note ?? '',
  };
}
