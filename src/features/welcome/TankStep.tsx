import { zodResolver } from '@hookform/resolvers/zod';
import { useForm, useWatch } from 'react-hook-form';
import { useFormats } from '@/shell/formats';
import { useKeyAct } from '@/shell/keys/Keys';
import { DescribedFields } from '@/features/parts/fields/DescribedFields';
import { CROP_TARGETS } from '@/records/crops';
import { Button } from '@/ui/button';
import { Screen } from '@/ui/layout';
import { Say } from '@/ui/text';
import { commonSays } from '@/words/common';
import { setUpSays } from '@/words/welcome/setUp';
import {
  firstTankDefaults,
  firstTankFields,
  firstTankSchema,
  type FirstTank,
  type FirstTankIn,
} from './firstTankFields';

interface Props {
  readonly onBack: () => void;
  readonly onDone: (tank: FirstTank) => Promise<void>;
}

/** Which tank: a name, a volume, a crop; the crop brings its bands. */
export function TankStep({ onBack, onDone }: Props) {
  const formats = useFormats();
  const { control, handleSubmit, formState } = useForm<FirstTankIn, unknown, FirstTank>({
    resolver: zodResolver(firstTankSchema(formats)),
    defaultValues: firstTankDefaults(formats),
  });
  const target = CROP_TARGETS[Number(useWatch({ control, name: 'crop' }))]!;
  const done = handleSubmit(onDone);
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
      <DescribedFields control={control} fields={firstTankFields(formats)} />
      <Say size="small" tone="soft">
        {setUpSays.publishedRange(band)}
      </Say>
    </Screen>
  );
}
