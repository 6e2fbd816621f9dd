import { zodResolver } from '@hookform/resolvers/zod';
import { useLocalSearchParams } from 'expo-router';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { saveTank } from '@/acts';
import type { ReservoirAnswer } from '@/book/answers';
import { thisMoment } from '@/book/client';
import { useAnswer, useAct, useNowMs, useRows, questions } from '@/book/react';
import { useFormats } from '@/shell/formats';
import { useKeyAct } from '@/shell/keys/Keys';
import { DescribedFields } from '@/features/parts/fields/DescribedFields';
import { useFormDraft } from '@/features/parts/useFormDraft';
import { useGoOn } from '@/shell/navigation/useGoOn';
import { describedAnew } from '@/records/crops';
import { SaveBar } from '@/features/parts/SaveBar';
import { Choice } from '@/ui/form';
import { Screen, Skeleton } from '@/ui/layout';
import { Say } from '@/ui/text';
import { isReservoir } from '@/records/kinds';
import { SpotFields } from './SpotForm';
import { CropQuestion } from './CropQuestion';
import { TankTools } from './TankTools';
import {
  tankDefaults,
  tankFormSchema,
  tankParts,
  type TankFormIn,
  type TankFormOut,
} from './tankFields';
import { paperDay } from '@/words';
import { commonSays } from '@/words/common';
import { tankFormSays } from '@/words/tanks/tankForm';
import { paths } from '@/shell/navigation/paths';
import type { TankId } from '@/records';

/** Adds a tank, or changes one. */
export function TankForm() {
  const { ecScale } = useFormats().settings;
  const nowMs = useNowMs();
  const { tankId } = useLocalSearchParams<{ tankId?: TankId }>();
  const { data: tanks } = useAnswer(questions.tanks(nowMs));
  if (!tanks) return <Skeleton label={commonSays.loadingTheTank} />;
  const tank = tanks.find((candidate) => candidate.id === tankId);
  const key = `${tank?.revId ?? 'new'} ${ecScale}`;
  const nextPlace = tanks.length + 1;
  if (!tank) return <Fields key={key} nextPlace={nextPlace} />;
  const { body } = tank;
  return isReservoir(body) ? (
    <Fields key={key} tank={{ ...tank, body }} nextPlace={nextPlace} />
  ) : (
    <SpotFields key={key} tank={tank} nextPlace={nextPlace} />
  );
}

function Fields({
  tank,
  nextPlace,
}: {
  readonly tank?: ReservoirAnswer;
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
  const { control, handleSubmit } = fields;
  const draft = useFormDraft(`tank/${tank?.id ?? 'new'}`, fields);
  const save = handleSubmit(async (out) => {
    const described = { ...tank?.written, ...out, place: tank?.written.place ?? nextPlace };
    const body = tank ? describedAnew(tank.written, described, tank.stageDay) : described;
    const effectiveFromMs = tank && since === 'now' ? thisMoment().nowMs : undefined;
    const recordIds = await act(saveTank(tank, body, effectiveFromMs));
    if (!recordIds) return;
    draft.forget();
    goOn.to(paths.tank(recordIds[0]!));
  });
  const { data: waters = [] } = useRows('water');
  const parts = tankParts(
    formats,
    waters.map(({ id, body }) => ({ id, name: body.name })),
  );
  const part = (name: keyof typeof parts) => (
    <DescribedFields control={control} fields={parts[name]} />
  );
  useKeyAct('save', save);
  return (
    <Screen
      actions={
        <SaveBar label={tank ? tankFormSays.saveTheTank : tankFormSays.addTheTank} onSave={save} />
      }
    >
      <Say size="huge" face="slab" heading={1}>
        {tank ? tankFormSays.change(tank.body.name) : tankFormSays.aNewTank}
      </Say>
      {part('named')}
      <CropQuestion fields={fields} />
      {part('bands')}
      {tank?.stageDay ? (
        <Say size="small" bold>
          {tankFormSays.planRules(paperDay(tank.stageDay))}
        </Say>
      ) : null}
      <Say size="small" tone="soft">
        {tankFormSays.publishedBands}
      </Say>
      {part('reading')}
      <Say size="large" face="slab" heading={2}>
        {tankFormSays.waterAndMixing}
      </Say>
      {part('waters')}
      {part('mixing')}
      {part('feed')}
      <Say size="small" tone="soft">
        {tankFormSays.feedHint}
      </Say>
      {part('last')}
      {tank ? (
        <Choice
          label={tankFormSays.applyFrom}
          value={since}
          onChoose={setSince}
          options={[
            { value: 'now', label: tankFormSays.fromNowOn, hint: tankFormSays.fromNowOnHint },
            { value: 'always', label: tankFormSays.alwaysSo, hint: tankFormSays.alwaysSoHint },
          ]}
        />
      ) : null}
      {tank ? <TankTools tank={tank} nextPlace={nextPlace} /> : null}
    </Screen>
  );
}
