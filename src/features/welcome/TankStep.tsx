import { zodResolver } from '@hookform/resolvers/zod';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import type { z } from 'zod';
import { useFormats } from '@/shell/formats';
import { useKeyAct } from '@/shell/keys/Keys';
import { FormField } from '@/features/parts/FormField';
import { CROP_TARGETS } from '@/records/crops';
import type { Tank } from '@/records/kinds';
import { Button } from '@/ui/button';
import { SelectField } from '@/ui/form';
import { Screen } from '@/ui/layout';
import { Say } from '@/ui/text';
import { commonSays } from '@/words/common';
import { setUpSays } from '@/words/welcome/setUp';
import { firstTankSchema } from './firstTankSchema';

/** What the second step asks of a tank. */
export type FirstTank = Omit<Tank, 'alphaPerC' | 'place' | 'note'>;

interface Props {
  readonly onBack: () => void;
  readonly onDone: (tank: FirstTank) => Promise<void>;
}

type In = z.input<typeof firstTankSchema>;
type Out = z.output<typeof firstTankSchema>;

/** Which tank: a name, a volume, a crop; the crop brings its bands. */
export function TankStep({ onBack, onDone }: Props) {
  const formats = useFormats();
  const [crop, setCrop] = useState(0);
  const unit = formats.settings.volumeUnit;
  const { control, handleSubmit, formState } = useForm<In, unknown, Out>({
    resolver: zodResolver(firstTankSchema),
    defaultValues: { name: '', volume: '', volumeUnit: unit },
  });
  const target = CROP_TARGETS[crop]!;
  const done = handleSubmit(({ name, volumeL }) =>
    onDone({
      name,
      volumeL,
      crop: target.crop,
      stage: target.stage,
      phBand: { low: target.ph[0], high: target.ph[1] },
      ecBand: { low: target.ec[0], high: target.ec[1] },
    }),
  );
  useKeyAct('save', done);
  const band = setUpSays.bandOf({
    phLow: formats.number(target.ph[0], 1),
    phHigh: formats.number(target.ph[1], 1),
    ecLow: formats.ec(target.ec[0]),
    ecHigh: formats.ec(target.ec[1]),
    ecUnit: formats.ecUnit,
  });
  return (
    <Screen
      actions={
        <>
          <Button wet label={commonSays.back} onPress={onBack} />
          <Button
            kind="main"
            wet
            grow
            label={setUpSays.onToTheFirstReading}
            disabled={formState.isSubmitting}
            onPress={done}
          />
        </>
      }
    >
      <Say size="small" tone="soft">
        {setUpSays.step2}
      </Say>
      <Say size="huge" face="slab" heading={1}>
        {setUpSays.whichTankStandsBeforeYou}
      </Say>
      <FormField control={control} name="name" label={setUpSays.name} />
      <FormField control={control} name="volume" label={commonSays.volume} unit={unit} numeric />
      <SelectField
        label={setUpSays.cropAndStage}
        value={String(crop)}
        onChoose={(index) => setCrop(Number(index))}
        options={CROP_TARGETS.map(({ crop: name, stage }, at) => ({
          value: String(at),
          label: stage === 'all' ? name : `${name}, ${stage}`,
        }))}
      />
      <Say size="small" tone="soft">
        {setUpSays.publishedRange(band)}
      </Say>
    </Screen>
  );
}
