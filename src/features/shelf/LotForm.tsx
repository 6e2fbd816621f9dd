import { zodResolver } from '@hookform/resolvers/zod';
import { useLocalSearchParams } from 'expo-router';
import { useController, useForm } from 'react-hook-form';
import { StyleSheet, View } from 'react-native';
import { removeLot, saveLot } from '@/acts';
import type { LotAnswer } from '@/book/answers';
import { useAnswer, useAct, useNowMs, questions } from '@/book/react';
import { useFormats } from '@/shell/formats';
import { useKeyAct } from '@/shell/keys/Keys';
import { dayText } from '@/features/parts/days';
import { FormField } from '@/features/parts/FormField';
import { useFormDraft } from '@/features/parts/useFormDraft';
import { SaveBar } from '@/features/parts/SaveBar';
import { useGoOn } from '@/shell/navigation/useGoOn';
import { Button } from '@/ui/button';
import { Choice, FieldRow } from '@/ui/form';
import { Screen, Skeleton } from '@/ui/layout';
import { Say } from '@/ui/text';
import { space } from '@/ui/tokens';
import type { Formats } from '@/words';
import {
  lotDefaults,
  lotFormSchema,
  lotOf,
  type LotFormIn,
  type LotFormOut,
} from './lotFormSchema';
import { LabelFields } from './LabelFields';
import { liquidName } from './lotWords';
import { paths } from '@/shell/navigation/paths';

/** Adds a lot, or changes one. */
export function LotForm() {
  const { ecScale } = useFormats().settings;
  const { lotId } = useLocalSearchParams<{ lotId?: string }>();
  const nowMs = useNowMs();
  const { data: lots } = useAnswer(questions.shelf(nowMs));
  if (!lots) return <Skeleton label="Loading the lot" />;
  const lot = lots.find(({ id }) => id === lotId);
  return <Fields key={`${lot?.revId ?? 'new'} ${ecScale}`} lot={lot} />;
}

function Fields({ lot }: { readonly lot: LotAnswer | undefined }) {
  const goOn = useGoOn();
  const formats = useFormats();
  const { act } = useAct();
  const fields = useForm<LotFormIn, unknown, LotFormOut>({
    resolver: zodResolver(lotFormSchema(formats)),
    defaultValues: lotDefaults(lot?.body, formats),
  });
  const { control, handleSubmit, setValue } = fields;
  const draft = useFormDraft(`lot/${lot?.id ?? 'new'}`, fields);
  const kind = useController({ control, name: 'kind' }).field;
  const form = useController({ control, name: 'form' }).field;
  const save = handleSubmit(async (out) => {
    const body = lotOf(out, lot?.body, formats);
    if (!(await act(saveLot(lot, body)))) return;
    draft.forget();
    goOn.to(paths.shelf);
  });
  const remove = async () => {
    if (!lot) return;
    if (await act(removeLot(lot))) goOn.to(paths.shelf);
  };
  const buffer = kind.value === 'buffer';
  const valued = buffer || kind.value === 'ecStandard';
  useKeyAct('save', save);
  return (
    <Screen actions={<SaveBar label={lot ? 'Save the lot' : 'Add the lot'} onSave={save} />}>
      <Say size="huge" face="slab" heading={1}>
        {lot ? liquidName(lot.body, formats) : 'A new lot'}
      </Say>
      <Choice
        label="What is it?"
        value={kind.value}
        onChoose={kind.onChange}
        options={[
          { value: 'buffer', label: 'pH buffer' },
          { value: 'ecStandard', label: 'EC standard' },
          { value: 'storage', label: 'storage solution' },
          { value: 'cleaner', label: 'cleaner' },
        ]}
      />
      {valued ? (
        <FormField
          control={control}
          name="nominal"
          label={buffer ? 'Value printed large' : 'Value at 25 °C'}
          unit={buffer ? 'pH' : formats.ecUnit}
          {...(buffer ? {} : otherUnit(formats))}
          numeric
        />
      ) : null}
      <Choice
        label="How does it come?"
        value={form.value}
        onChoose={form.onChange}
        options={[
          { value: 'bottle', label: 'bottle' },
          { value: 'sachet', label: 'sachets' },
          {
            value: 'dissolvedSachet',
            label: 'dissolved by hand',
            hint: 'a powder sachet in 250 mL',
          },
        ]}
      />
      <FieldRow>
        <FormField control={control} name="lotCode" label="Lot number" />
        <FormField control={control} name="expires" label="Expires" day />
      </FieldRow>
      <FieldRow>
        <View style={styles.row}>
          <FormField
            control={control}
            name="opened"
            label={form.value === 'dissolvedSachet' ? 'Made on' : 'Opened on'}
            day
          />
          <View style={styles.today}>
            <Button
              label="Today"
              onPress={() => setValue('opened', dayText(new Date().toISOString()))}
            />
          </View>
        </View>
        <FormField
          control={control}
          name="left"
          label="Left"
          unit={form.value === 'sachet' ? 'sachets' : 'mL'}
          hint="20 mL are taken for each calibration, or one sachet."
          numeric
        />
      </FieldRow>
      <FormField
        control={control}
        name="openLifeDays"
        label="Once opened it is good for"
        unit="days"
        hint="As its label says. Empty: 90, above pH 8 and when mixed by hand 30."
        numeric
      />
      {valued ? <LabelFields control={control} buffer={buffer} /> : null}
      {lot ? <Button label="Take it off the Shelf" onPress={remove} /> : null}
    </Screen>
  );
}

/** Bottles mostly print mS/cm: what that is in the book's unit. */
const otherUnit = (formats: Formats) =>
  formats.settings.ecScale === 'mS/cm'
    ? {}
    : { hint: `1.413 mS/cm on a label is ${formats.ecPlain(1.413)} ${formats.ecUnit}.` };

const styles = StyleSheet.create({
  row: { flexDirection: 'row', alignItems: 'flex-end', gap: space.s3 },
  today: { flexShrink: 0 },
});
