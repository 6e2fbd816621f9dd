import { zodResolver } from '@hookform/resolvers/zod';
import { useLocalSearchParams } from 'expo-router';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { describeTank } from '@/acts';
import type { TankAnswer } from '@/book/answers';
import { useAnswer, useAct, useNowMs, questions } from '@/book/react';
import { useFormats } from '@/shell/formats';
import { DescribedFields } from '@/features/parts/fields/DescribedFields';
import { useGoOn } from '@/shell/navigation/useGoOn';
import type { SampleBands } from '@/records/kinds';
import { SAMPLES, type Sample } from '@/records/samples';
import { useFormDraft } from '@/features/parts/useFormDraft';
import { useKeyAct } from '@/shell/keys/Keys';
import { SaveBar } from '@/features/parts/SaveBar';
import { SelectField } from '@/ui/form';
import { Screen, Skeleton } from '@/ui/layout';
import { Say } from '@/ui/text';
import { SAMPLE_HINT, SAMPLE_NAME } from '@/words';
import { bandsSays } from '@/words/tanks/bands';
import { bandFields, bandsDefaults, bandsSchema, type BandsIn } from './bandFields';
import type { TankId } from '@/records';

/** Bands of samples other than the tank: drain, dripper, substrate and the rest. */
export function BandsScreen() {
  const { tankId, sample: wanted } = useLocalSearchParams<{ tankId: TankId; sample?: string }>();
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
  const form = useForm<BandsIn, unknown, SampleBands>({
    resolver: zodResolver(bandsSchema(formats)),
    defaultValues: bandsDefaults(tank.body.sampleBands?.[kind], formats),
  });
  const draft = useFormDraft(`bands/${tank.id}/${sample}`, form);
  const save = form.handleSubmit(async (bands) => {
    const sampleBands = { ...tank.written.sampleBands, [kind]: bands };
    if (!(await act(describeTank(tank, { sampleBands })))) return;
    draft.forget();
    goOn.back();
  });
  useKeyAct('save', save);
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
      <DescribedFields control={form.control} fields={bandFields(formats)} />
    </Screen>
  );
}
