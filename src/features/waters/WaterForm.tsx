import { zodResolver } from '@hookform/resolvers/zod';
import { useLocalSearchParams } from 'expo-router';
import { useController, useForm } from 'react-hook-form';
import { saveWater } from '@/acts';
import type { Row } from '@/book/answers';
import { useAct, useRows } from '@/book/react';
import { useFormats } from '@/shell/formats';
import { useKeyAct } from '@/shell/keys/Keys';
import { FormField } from '@/features/parts/FormField';
import { useFormDraft } from '@/features/parts/useFormDraft';
import { useGoOn } from '@/shell/navigation/useGoOn';
import type { Water } from '@/records/kinds';
import { SaveBar } from '@/features/parts/SaveBar';
import { Choice, FieldRow, SelectField } from '@/ui/form';
import { Screen, Skeleton } from '@/ui/layout';
import { Say } from '@/ui/text';
import { ALKALINITY_UNITS, waterDefaults, waterFormSchema, type WaterIn } from './waterSchema';
import { paths } from '@/shell/navigation/paths';

/** Adds a water, or changes one. */
export function WaterForm() {
  const { ecScale } = useFormats().settings;
  const { waterId } = useLocalSearchParams<{ waterId?: string }>();
  const { data: waters } = useRows('water');
  if (!waters) return <Skeleton label="Loading the water" />;
  const water = waters.find(({ id }) => id === waterId);
  return <Fields key={`${water?.revId ?? 'new'} ${ecScale}`} water={water} />;
}

function Fields({ water }: { readonly water: Row<'water'> | undefined }) {
  const goOn = useGoOn();
  const formats = useFormats();
  const { act } = useAct();
  const fields = useForm<WaterIn, unknown, Water>({
    resolver: zodResolver(waterFormSchema(formats)),
    defaultValues: waterDefaults(water?.body, formats),
  });
  const { control, handleSubmit } = fields;
  const draft = useFormDraft(`water/${water?.id ?? 'new'}`, fields);
  const { field: basis } = useController({ control, name: 'basis' });
  const { field: unit } = useController({ control, name: 'unit' });
  const save = handleSubmit(async (body) => {
    if (!(await act(saveWater(water, body)))) return;
    draft.forget();
    goOn.to(paths.waters);
  });
  useKeyAct('save', save);
  return (
    <Screen actions={<SaveBar label={water ? 'Save the water' : 'Add the water'} onSave={save} />}>
      <Say size="huge" face="slab" heading={1}>
        {water ? `Change ${water.body.name}` : 'A new water'}
      </Say>
      <FormField control={control} name="name" label="Name" hint="town water, rain butt…" />
      <Choice
        label="Where do the numbers come from?"
        value={basis.value}
        onChoose={basis.onChange}
        options={[
          { value: 'report', label: 'a report', hint: 'of the supplier or a laboratory' },
          { value: 'measured', label: 'measured here' },
        ]}
      />
      <FieldRow>
        <FormField control={control} name="ec" label="EC at 25 °C" unit={formats.ecUnit} numeric />
        <FormField control={control} name="ph" label="pH" numeric />
      </FieldRow>
      <FieldRow>
        <FormField
          control={control}
          name="alkalinity"
          label="Alkalinity"
          unit={unit.value}
          hint="Of the water as it comes. Not hardness: that is calcium and magnesium."
          numeric
        />
        <SelectField
          label="As the report states it"
          value={unit.value}
          onChoose={unit.onChange}
          options={ALKALINITY_UNITS.map((value) => ({ value, label: value }))}
        />
      </FieldRow>
      <FieldRow>
        <FormField
          control={control}
          name="calcium"
          label="Calcium"
          unit="mg/L"
          hint="They hold on to citrate, phosphate and carbonate: a report tells both."
          numeric
        />
        <FormField control={control} name="magnesium" label="Magnesium" unit="mg/L" numeric />
      </FieldRow>
      <FormField control={control} name="note" label="Note" />
    </Screen>
  );
}
