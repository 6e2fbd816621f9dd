import { zodResolver } from '@hookform/resolvers/zod';
import { useForm } from 'react-hook-form';
import { describeTank, saveTank } from '@/acts';
import type { TankAnswer } from '@/book/answers';
import { useAct, useAnswer, useNowMs, questions } from '@/book/react';
import { FEED_ALPHA_PER_C } from '@/core/conductivity';
import { DescribedFields } from '@/features/parts/fields/DescribedFields';
import { SaveBar } from '@/features/parts/SaveBar';
import { useFormDraft } from '@/features/parts/useFormDraft';
import { useFormats } from '@/shell/formats';
import { useKeyAct } from '@/shell/keys/Keys';
import { paths } from '@/shell/navigation/paths';
import { useGoOn } from '@/shell/navigation/useGoOn';
import { Screen, Skeleton } from '@/ui/layout';
import { Say } from '@/ui/text';
import { commonSays } from '@/words/common';
import { spotSays } from '@/words/tanks/spot';
import { tankFormSays } from '@/words/tanks/tankForm';
import { TankTools } from './TankTools';
import { spotDefaults, spotFields, spotSchema, type SpotIn, type SpotOut } from './spotFields';

/** Adds a place without a tank. */
export function SpotForm() {
  const nowMs = useNowMs();
  const { ecScale } = useFormats().settings;
  const { data: tanks } = useAnswer(questions.tanks(nowMs));
  if (!tanks) return <Skeleton label={commonSays.loadingTheTank} />;
  return <SpotFields key={ecScale} nextPlace={tanks.length + 1} />;
}

interface Props {
  readonly tank?: TankAnswer | undefined;
  readonly nextPlace: number;
}

/** The form of a place without a tank, new or changed. */
export function SpotFields({ tank, nextPlace }: Props) {
  const goOn = useGoOn();
  const formats = useFormats();
  const { act } = useAct();
  const fields = useForm<SpotIn, unknown, SpotOut>({
    resolver: zodResolver(spotSchema(formats)),
    defaultValues: spotDefaults(tank?.written, formats),
  });
  const { control, handleSubmit } = fields;
  const draft = useFormDraft(`spot/${tank?.id ?? 'new'}`, fields);
  const save = handleSubmit(async (out) => {
    const fresh = { crop: '', stage: '', alphaPerC: FEED_ALPHA_PER_C, place: nextPlace };
    // The bands of another method it was read by before stay.
    const sampleBands = { ...tank?.written.sampleBands, ...out.sampleBands };
    const done = tank
      ? describeTank(tank, { ...out, sampleBands })
      : saveTank(undefined, { ...fresh, ...out });
    const recordIds = await act(done);
    if (!recordIds) return;
    draft.forget();
    goOn.to(paths.tank(recordIds[0]!));
  });
  useKeyAct('save', save);
  return (
    <Screen actions={<SaveBar label={tank ? spotSays.save : spotSays.add} onSave={save} />}>
      <Say size="huge" face="slab" heading={1}>
        {tank ? tankFormSays.change(tank.body.name) : spotSays.aNewPlace}
      </Say>
      <Say size="small" tone="soft">
        {spotSays.what} {spotSays.bandsHint}
      </Say>
      <DescribedFields control={control} fields={spotFields(formats)} />
      {tank ? <TankTools tank={tank} nextPlace={nextPlace} /> : null}
    </Screen>
  );
}
