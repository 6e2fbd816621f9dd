import { useWatch, type UseFormReturn } from 'react-hook-form';
import { CROP_TARGETS } from '@/records/crops';
import { cropTitle } from '@/records/crops/cropTitle';
import { useFormats } from '@/shell/formats';
import { SelectField } from '@/ui/form';
import { tankFormSays } from '@/words/tanks/tankForm';
import type { TankFormIn, TankFormOut } from './tankFields';

interface Props {
  readonly fields: UseFormReturn<TankFormIn, unknown, TankFormOut>;
}

/** A published crop and stage, whose bands it fills in, or a band of one's own. */
export function CropQuestion({ fields }: Props) {
  const formats = useFormats();
  const { control, setValue } = fields;
  const [crop, stage] = useWatch({ control, name: ['crop', 'stage'] });
  const chosen = CROP_TARGETS.findIndex((target) => target.crop === crop && target.stage === stage);
  const take = (index: string) => {
    const target = CROP_TARGETS[Number(index)];
    if (!target) return;
    setValue('crop', target.crop);
    setValue('stage', target.stage);
    setValue('phLow', formats.number(target.ph[0], 1));
    setValue('phHigh', formats.number(target.ph[1], 1));
    setValue('ecLow', formats.ecPlain(target.ec[0]));
    setValue('ecHigh', formats.ecPlain(target.ec[1]));
  };
  return (
    <SelectField
      label={tankFormSays.cropAndStage}
      value={String(chosen)}
      options={[
        { value: '-1', label: crop ? `${crop} ${stage}` : tankFormSays.myOwnBand },
        ...CROP_TARGETS.map((target, at) => ({ value: String(at), label: cropTitle(target) })),
      ]}
      onChoose={take}
    />
  );
}
