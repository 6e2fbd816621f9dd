import { useWatch, type UseFormReturn } from 'react-hook-form';
import { FormField } from '@/features/parts/FormField';
import { CROP_TARGETS } from '@/records/crops';
import { useFormats } from '@/shell/formats';
import { Button } from '@/ui/button';
import { FieldRow, SelectField } from '@/ui/form';
import { Panel } from '@/ui/layout';
import { Say } from '@/ui/text';
import { planSays } from '@/words/tanks/plan';
import { cropTitle, stageTitle } from '@/records/crops/cropTitle';
import type { PlanIn, PlanOut } from './planSchema';

interface Props {
  readonly at: number;
  readonly holdsNow: boolean;
  readonly fields: UseFormReturn<PlanIn, unknown, PlanOut>;
  readonly onRemove: () => void;
}

/** One stage of a plan: its day, its name, its bands. */
export function PlanStageRow({ at, holdsNow, fields, onRemove }: Props) {
  const formats = useFormats();
  const { control, setValue } = fields;
  const row = `stages.${at}` as const;
  const [crop, stage] = useWatch({ control, name: [`${row}.crop`, `${row}.stage`] });
  const chosen = CROP_TARGETS.findIndex(
    (each) => each.crop === crop && stageTitle(each.stage) === stage,
  );
  const take = (index: string) => {
    const target = CROP_TARGETS[Number(index)];
    if (!target) return;
    const told = { shouldDirty: true };
    setValue(`${row}.crop`, target.crop, told);
    setValue(`${row}.stage`, stageTitle(target.stage), told);
    setValue(`${row}.phLow`, formats.number(target.ph[0], 1), told);
    setValue(`${row}.phHigh`, formats.number(target.ph[1], 1), told);
    setValue(`${row}.ecLow`, formats.ecPlain(target.ec[0]), told);
    setValue(`${row}.ecHigh`, formats.ecPlain(target.ec[1]), told);
  };
  const end = (name: 'phLow' | 'phHigh' | 'ecLow' | 'ecHigh', label: string, unit: string) => (
    <FormField control={control} name={`${row}.${name}`} label={label} unit={unit} numeric />
  );
  return (
    <Panel tone={holdsNow ? 'wash' : 'plain'}>
      <Say bold>
        {planSays.stage(at + 1)}
        {holdsNow ? ` · ${planSays.holdsNow}` : ''}
      </Say>
      <FormField control={control} name={`${row}.day`} label={planSays.begins} day />
      <SelectField
        label={planSays.take}
        value={String(chosen)}
        options={[
          { value: '-1', label: planSays.own },
          ...CROP_TARGETS.map((each, index) => ({ value: String(index), label: cropTitle(each) })),
        ]}
        onChoose={take}
      />
      <FormField control={control} name={`${row}.stage`} label={planSays.name} />
      <FieldRow narrow>
        {end('phLow', planSays.phFrom, 'pH')}
        {end('phHigh', planSays.phTo, 'pH')}
      </FieldRow>
      <FieldRow narrow>
        {end('ecLow', planSays.ecFrom, formats.ecUnit)}
        {end('ecHigh', planSays.ecTo, formats.ecUnit)}
      </FieldRow>
      <Button kind="text" label={planSays.withoutStage(at + 1)} onPress={onRemove} />
    </Panel>
  );
}
