import { zodResolver } from '@hookform/resolvers/zod';
import { useLocalSearchParams } from 'expo-router';
import { useState } from 'react';
import { useForm, useWatch } from 'react-hook-form';
import { StyleSheet, View } from 'react-native';
import { saveTank } from '@/acts';
import type { TankAnswer } from '@/book/answers';
import { thisMoment } from '@/book/client';
import { useAnswer, useAct, useNowMs, questions } from '@/book/react';
import { useFormats } from '@/shell/formats';
import { useKeyAct } from '@/shell/keys/Keys';
import { FormField } from '@/features/parts/FormField';
import { useFormDraft } from '@/features/parts/useFormDraft';
import { useGoOn } from '@/shell/navigation/useGoOn';
import { CROP_TARGETS } from '@/records/crops';
import { SaveBar } from '@/features/parts/SaveBar';
import { Choice, FieldRow, SelectField } from '@/ui/form';
import { Waters } from './WaterFields';
import { Screen, Skeleton } from '@/ui/layout';
import { Say } from '@/ui/text';
import { space } from '@/ui/tokens';
import { TankTools } from './TankTools';
import { tankDefaults, tankFormSchema, type TankFormIn, type TankFormOut } from './tankFormSchema';
import { paths } from '@/shell/navigation/paths';

/** Adds a tank, or changes one. */
export function TankForm() {
  const { ecScale } = useFormats().settings;
  const nowMs = useNowMs();
  const { tankId } = useLocalSearchParams<{ tankId?: string }>();
  const { data: tanks } = useAnswer(questions.tanks(nowMs));
  if (!tanks) return <Skeleton label="Loading the tank" />;
  const tank = tanks.find((candidate) => candidate.id === tankId);
  return (
    <Fields key={`${tank?.revId ?? 'new'} ${ecScale}`} tank={tank} nextPlace={tanks.length + 1} />
  );
}

function Fields({
  tank,
  nextPlace,
}: {
  readonly tank: TankAnswer | undefined;
  readonly nextPlace: number;
}) {
  const goOn = useGoOn();
  const formats = useFormats();
  const { act } = useAct();
  const [since, setSince] = useState<'now' | 'always'>('now');
  const fields = useForm<TankFormIn, unknown, TankFormOut>({
    resolver: zodResolver(tankFormSchema(formats)),
    defaultValues: tankDefaults(tank?.body, formats),
  });
  const { control, handleSubmit, setValue } = fields;
  const draft = useFormDraft(`tank/${tank?.id ?? 'new'}`, fields);
  const [crop, stage] = useWatch({ control, name: ['crop', 'stage'] });
  const chosen = CROP_TARGETS.findIndex((target) => target.crop === crop && target.stage === stage);
  const takeCrop = (index: string) => {
    const target = CROP_TARGETS[Number(index)];
    if (!target) return;
    setValue('crop', target.crop);
    setValue('stage', target.stage);
    setValue('phLow', formats.number(target.ph[0], 1));
    setValue('phHigh', formats.number(target.ph[1], 1));
    setValue('ecLow', formats.ecPlain(target.ec[0]));
    setValue('ecHigh', formats.ecPlain(target.ec[1]));
  };
  const save = handleSubmit(async (out) => {
    const body = { ...tank?.body, ...out, place: tank?.body.place ?? nextPlace };
    const effectiveFromMs = tank && since === 'now' ? thisMoment().nowMs : undefined;
    const recordIds = await act(saveTank(tank, body, effectiveFromMs));
    if (!recordIds) return;
    draft.forget();
    goOn.to(paths.tank(recordIds[0]!));
  });
  const field = (
    name: keyof TankFormIn,
    label: string,
    more: { unit?: string; numeric?: boolean } = {},
  ) => <FormField control={control} name={name} label={label} {...more} />;
  useKeyAct('save', save);
  return (
    <Screen actions={<SaveBar label={tank ? 'Save the tank' : 'Add the tank'} onSave={save} />}>
      <Say size="huge" face="slab" heading={1}>
        {tank ? `Change ${tank.body.name}` : 'A new tank'}
      </Say>
      <FieldRow>
        {field('name', 'Name')}
        {field('volume', 'Volume', { unit: formats.settings.volumeUnit, numeric: true })}
      </FieldRow>
      <SelectField
        label="Crop and stage"
        value={String(chosen)}
        options={[
          { value: '-1', label: crop ? `${crop} ${stage}` : 'my own band' },
          ...CROP_TARGETS.map((t, at) => ({
            value: String(at),
            label: t.stage === 'all' ? t.crop : `${t.crop}, ${t.stage}`,
          })),
        ]}
        onChoose={takeCrop}
      />
      <View style={styles.pair}>
        {field('phLow', 'pH from', { numeric: true })}
        {field('phHigh', 'pH to', { numeric: true })}
      </View>
      <View style={styles.pair}>
        {field('ecLow', 'EC from', { unit: formats.ecUnit, numeric: true })}
        {field('ecHigh', 'EC to', { unit: formats.ecUnit, numeric: true })}
      </View>
      <Say size="small" tone="soft">
        Typical published bands to start from, EC at 25 °C. Your adviser’s numbers win.
      </Say>
      <Say size="large" face="slab" heading={2}>
        Water and mixing
      </Say>
      <Waters control={control} />
      <View style={styles.pair}>
        {field('full', 'Holds at most', { unit: formats.settings.volumeUnit, numeric: true })}
        {field('pump', 'Pump moves', { unit: 'L/min', numeric: true })}
      </View>
      <View style={styles.pair}>
        <FormField
          control={control}
          name="phosphorus"
          label="Feed: phosphorus"
          unit="mg/L P"
          numeric
        />
        <FormField control={control} name="ammonium" label="Feed: ammonium" unit="mg/L N" numeric />
      </View>
      <Say size="small" tone="soft">
        From the feed’s recipe or label, at the middle of its EC band. What resists acid is then
        known, and fewer doses are needed. Empty: the usual.
      </Say>
      <FormField
        control={control}
        name="alpha"
        label="Temperature coefficient of the feed"
        unit="% per °C"
        hint="1.9 is usual. It can be measured: see the tank."
        numeric
      />
      {field('note', 'Note')}
      {tank ? (
        <Choice
          label="Apply from"
          value={since}
          onChoose={setSince}
          options={[
            { value: 'now', label: 'From now on', hint: 'Past verdicts stay as they were.' },
            { value: 'always', label: 'It was always so', hint: 'Past verdicts are judged anew.' },
          ]}
        />
      ) : null}
      {tank ? <TankTools tank={tank} nextPlace={nextPlace} /> : null}
    </Screen>
  );
}

const styles = StyleSheet.create({ pair: { flexDirection: 'row', gap: space.s3 } });
