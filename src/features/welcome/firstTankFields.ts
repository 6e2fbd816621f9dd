import { z } from 'zod';
import { litresFrom } from '@/core/units';
import { fieldOf, openedWith, schemaOf, type TypedIn } from '@/features/parts/fields/field';
import { tankParts } from '@/features/tanks/tankFields';
import { CROP_TARGETS } from '@/records/crops';
import type { Reservoir } from '@/records/kinds';
import type { Formats } from '@/words';
import { cropTitle } from '@/records/crops/cropTitle';
import { setUpSays } from '@/words/welcome/setUp';

const tankField = fieldOf<Reservoir | undefined>();

/** What the second step of setting up asks of a tank: a name, a volume, and a crop, which brings its bands. */
export const firstTankFields = (formats: Formats) => ({
  ...tankParts(formats).named,
  crop: tankField({
    label: setUpSays.cropAndStage,
    list: true,
    options: CROP_TARGETS.map((target, at) => ({ value: String(at), label: cropTitle(target) })),
    schema: z.string().transform((at) => CROP_TARGETS[Number(at)]!),
    from: () => '0',
  }),
});

type Fields = ReturnType<typeof firstTankFields>;
export type FirstTankIn = TypedIn<Fields>;

/** The form as it opens. */
export const firstTankDefaults = (formats: Formats): FirstTankIn =>
  openedWith<Reservoir | undefined, Fields>(firstTankFields(formats), undefined);

/** What may be typed, and the tank it stands for. */
export const firstTankSchema = (formats: Formats) =>
  schemaOf(firstTankFields(formats)).transform(
    ({ name, volume, crop: { crop, stage, ph, ec } }) => ({
      name,
      volumeL: litresFrom(volume, formats.settings.volumeUnit),
      crop,
      stage,
      phBand: { low: ph[0], high: ph[1] },
      ecBand: { low: ec[0], high: ec[1] },
    }),
  );

/** A tank as the second step knows it. */
export type FirstTank = z.output<ReturnType<typeof firstTankSchema>>;
