import { zodResolver } from '@hookform/resolvers/zod';
import { useLocalSearchParams } from 'expo-router';
import { useForm } from 'react-hook-form';
import { saveWater } from '@/acts';
import type { Row } from '@/book/answers';
import { useAct, useRows } from '@/book/react';
import { useFormats } from '@/shell/formats';
import { useKeyAct } from '@/shell/keys/Keys';
import { DescribedFields } from '@/features/parts/fields/DescribedFields';
import { useFormDraft } from '@/features/parts/useFormDraft';
import { useGoOn } from '@/shell/navigation/useGoOn';
import type { Water } from '@/records/kinds';
import { SaveBar } from '@/features/parts/SaveBar';
import { Screen, Skeleton } from '@/ui/layout';
import { Say } from '@/ui/text';
import { waterDefaults, waterFields, waterFormSchema, type WaterIn } from './waterFields';
import { waterFormSays } from '@/words/waters/waterForm';
import { paths } from '@/shell/navigation/paths';
import type { WaterId } from '@/records';

/** Adds a water, or changes one. */
export function WaterForm() {
  const { ecScale } = useFormats().settings;
  const { waterId } = useLocalSearchParams<{ waterId?: WaterId }>();
  const { data: waters } = useRows('water');
  if (!waters) return <Skeleton label={waterFormSays.loadingTheWater} />;
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
  const save = handleSubmit(async (body) => {
    if (!(await act(saveWater(water, body)))) return;
    draft.forget();
    goOn.to(paths.waters);
  });
  useKeyAct('save', save);
  return (
    <Screen
      actions={
        <SaveBar
          label={water ? waterFormSays.saveTheWater : waterFormSays.addTheWater}
          onSave={save}
        />
      }
    >
      <Say size="huge" face="slab" heading={1}>
        {water ? waterFormSays.change(water.body.name) : waterFormSays.aNewWater}
      </Say>
      <DescribedFields control={control} fields={waterFields(formats)} />
    </Screen>
  );
}
