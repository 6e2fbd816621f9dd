import { zodResolver } from '@hookform/resolvers/zod';
import { useLocalSearchParams } from 'expo-router';
import { useForm, useWatch } from 'react-hook-form';
import { removeLot, saveLot } from '@/acts';
import type { LotAnswer } from '@/book/answers';
import { useAnswer, useAct, useNowMs, questions } from '@/book/react';
import { useFormats } from '@/shell/formats';
import { useKeyAct } from '@/shell/keys/Keys';
import { DescribedFields } from '@/features/parts/fields/DescribedFields';
import { useFormDraft } from '@/features/parts/useFormDraft';
import { SaveBar } from '@/features/parts/SaveBar';
import { useGoOn } from '@/shell/navigation/useGoOn';
import { Button } from '@/ui/button';
import { Screen, Skeleton } from '@/ui/layout';
import { Say } from '@/ui/text';
import {
  hasValue,
  lotDefaults,
  lotFormSchema,
  lotOf,
  lotParts,
  type LotFormIn,
  type LotFormOut,
} from './lotFields';
import { LabelFields } from './LabelFields';
import { liquidName } from '@/words/shelf/lotWords';
import { lotSays } from '@/words/shelf/lot';
import { paths } from '@/shell/navigation/paths';
import type { LotId } from '@/records';

/** Adds a lot, or changes one. */
export function LotForm() {
  const { ecScale } = useFormats().settings;
  const { lotId } = useLocalSearchParams<{ lotId?: LotId }>();
  const nowMs = useNowMs();
  const { data: lots } = useAnswer(questions.shelf(nowMs));
  if (!lots) return <Skeleton label={lotSays.loadingTheLot} />;
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
  const { control, handleSubmit } = fields;
  const draft = useFormDraft(`lot/${lot?.id ?? 'new'}`, fields);
  const kind = useWatch({ control, name: 'kind' });
  const parts = lotParts(formats);
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
  useKeyAct('save', save);
  return (
    <Screen
      actions={<SaveBar label={lot ? lotSays.saveTheLot : lotSays.addTheLot} onSave={save} />}
    >
      <Say size="huge" face="slab" heading={1}>
        {lot ? liquidName(lot.body, formats) : lotSays.aNewLot}
      </Say>
      <DescribedFields control={control} fields={parts.liquid} />
      <DescribedFields control={control} fields={parts.bottle} />
      {hasValue(kind) ? (
        <LabelFields control={control} fields={parts.label} buffer={kind === 'buffer'} />
      ) : null}
      {lot ? <Button label={lotSays.takeItOff} onPress={remove} /> : null}
    </Screen>
  );
}
