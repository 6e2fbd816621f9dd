import { zodResolver } from '@hookform/resolvers/zod';
import { useLocalSearchParams } from 'expo-router';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { StyleSheet, View } from 'react-native';
import { describeTank } from '@/acts';
import type { TankAnswer } from '@/book/answers';
import { useAnswer, useAct, useNowMs, questions } from '@/book/react';
import { useFormats } from '@/shell/formats';
import { FormField } from '@/features/parts/FormField';
import { useGoOn } from '@/shell/navigation/useGoOn';
import { SAMPLES, type Sample } from '@/records/samples';
import { SaveBar } from '@/features/parts/SaveBar';
import { SelectField } from '@/ui/form';
import { Screen, Skeleton } from '@/ui/layout';
import { Say } from '@/ui/text';
import { space } from '@/ui/tokens';
import { SAMPLE_HINT, SAMPLE_NAME } from '@/words';
import { bandsSays } from '@/words/tanks/bands';
import { bandsDefaults, bandsSchema, type BandsIn, type BandsOut } from './bandsSchema';

/** Bands of samples other than the tank: drain, dripper, substrate and the rest. */
export function BandsScreen() {
  const { tankId, sample: wanted } = useLocalSearchParams<{ tankId: string; sample?: string }>();
  const nowMs = useNowMs();
  const { data: tank } = useAnswer(questions.tank(tankId, nowMs));
  const first = SAMPLES.find((kind) => kind === wanted && kind !== 'tank') ?? 'drain';
  const { ecScale } = useFormats().settings;
  const [sample, setSample] = useState<Sample>(first);
  if (!tank) return <Skeleton label={bandsSays.loadingTheBands} />;
  return (
    <Fields
      key={`${sample}-${tank.revId}-${ecScale}`}
      tank={tank}
      sample={sample}
      onSample={setSample}
    />
  );
}

interface Props {
  readonly tank: TankAnswer;
  readonly sample: Sample;
  readonly onSample: (sample: Sample) => void;
}

function Fields({ tank, sample, onSample }: Props) {
  const goOn = useGoOn();
  const { act } = useAct();
  const formats = useFormats();
  const kind = sample as Exclude<Sample, 'tank'>;
  const { control, handleSubmit } = useForm<BandsIn, unknown, BandsOut>({
    resolver: zodResolver(bandsSchema(formats)),
    defaultValues: bandsDefaults(tank.body.sampleBands?.[kind], formats),
  });
  const save = handleSubmit(async (bands) => {
    const sampleBands = { ...tank.written.sampleBands, [kind]: bands };
    if (await act(describeTank(tank, { sampleBands }))) goOn.back();
  });
  const field = (name: keyof BandsIn, label: string, unit?: string) => (
    <FormField control={control} name={name} label={label} numeric {...(unit ? { unit } : {})} />
  );
  return (
    <Screen actions={<SaveBar label={bandsSays.saveTheBand} onSave={save} />}>
      <Say size="large" face="slab" heading={1}>
        {bandsSays.title(tank.body.name)}
      </Say>
      <SelectField
        label={bandsSays.ofWhichSample}
        value={sample}
        options={SAMPLES.filter((each) => each !== 'tank').map((value) => ({
          value,
          label: SAMPLE_NAME[value],
        }))}
        onChoose={(value) => onSample(value as Sample)}
      />
      <Say size="small" tone="soft">
        {bandsSays.bandsHint(SAMPLE_HINT[sample])}
      </Say>
      <View style={styles.pair}>
        {field('phLow', bandsSays.phFrom)}
        {field('phHigh', bandsSays.phTo)}
      </View>
      <View style={styles.pair}>
        {field('ecLow', bandsSays.ecFrom, formats.ecUnit)}
        {field('ecHigh', bandsSays.ecTo, formats.ecUnit)}
      </View>
    </Screen>
  );
}

const styles = StyleSheet.create({ pair: { flexDirection: 'row', gap: space.s3 } });
