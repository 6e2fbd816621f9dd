import { zodResolver } from '@hookform/resolvers/zod';
import { useLocalSearchParams } from 'expo-router';
import { useFieldArray, useForm } from 'react-hook-form';
import { describeTank } from '@/acts';
import type { TankAnswer } from '@/book/answers';
import { useAct, useAnswer, useNowMs, questions } from '@/book/react';
import { NotThere } from '@/features/parts/NotThere';
import { SaveBar } from '@/features/parts/SaveBar';
import { useFormDraft } from '@/features/parts/useFormDraft';
import { useFormats } from '@/shell/formats';
import { useKeyAct } from '@/shell/keys/Keys';
import { useGoOn } from '@/shell/navigation/useGoOn';
import { Button } from '@/ui/button';
import { SelectField } from '@/ui/form';
import { Screen, Skeleton } from '@/ui/layout';
import { Say } from '@/ui/text';
import { commonSays } from '@/words/common';
import { paths } from '@/shell/navigation/paths';
import { planSays } from '@/words/tanks/plan';
import { tankSays } from '@/words/tanks/tank';
import { PlanStageRow } from './PlanStageRow';
import { nextRow, planRow, planSchema, type PlanIn, type PlanOut } from './planSchema';
import type { TankId } from '@/records';

/** The stages of a tank's crop by their days, and the bands of each. */
export function PlanScreen() {
  const { tankId } = useLocalSearchParams<{ tankId: TankId }>();
  const nowMs = useNowMs();
  const { ecScale } = useFormats().settings;
  const { data: tanks } = useAnswer(questions.tanks(nowMs));
  const tank = tanks?.find(({ id }) => id === tankId);
  if (!tanks) return <Skeleton label={commonSays.loadingTheTank} />;
  // A place without a tank has no feed whose bands a plan could change.
  if (!tank || tank.body.readOf)
    return <NotThere title={tankSays.notInBook} label={commonSays.allTanks} href={paths.tanks} />;
  return <Fields key={`${tank.revId} ${ecScale}`} tank={tank} tanks={tanks} />;
}

interface Props {
  readonly tank: TankAnswer;
  readonly tanks: readonly TankAnswer[];
}

function Fields({ tank, tanks }: Props) {
  const goOn = useGoOn();
  const formats = useFormats();
  const { act } = useAct();
  const rowsOf = ({ written }: TankAnswer) =>
    (written.plan ?? []).map((stage) => planRow(stage, formats));
  const fields = useForm<PlanIn, unknown, PlanOut>({
    resolver: zodResolver(planSchema(formats)),
    defaultValues: { stages: rowsOf(tank) },
  });
  const { control, handleSubmit, getValues } = fields;
  const draft = useFormDraft(`plan/${tank.id}`, fields);
  const { fields: rows, append, remove, replace } = useFieldArray({ control, name: 'stages' });
  const save = handleSubmit(async (plan) => {
    // Without a plan the tank keeps the bands it has now.
    const { crop, stage, phBand, ecBand } = tank.body;
    const patch =
      plan.length > 0 ? { plan: [...plan] } : { plan: undefined, crop, stage, phBand, ecBand };
    if (!(await act(describeTank(tank, patch)))) return;
    draft.forget();
    goOn.back();
  });
  useKeyAct('save', save);
  const others = tanks.filter(({ id, written }) => id !== tank.id && written.plan);
  const more = () => {
    const last = getValues('stages').at(-1);
    const { crop, stage, phBand, ecBand } = tank.body;
    if (last) append(nextRow(last));
    else if (phBand && ecBand) append(planRow({ day: '', crop, stage, phBand, ecBand }, formats));
  };
  return (
    <Screen actions={<SaveBar label={planSays.save} onSave={save} />}>
      <Say size="huge" face="slab" heading={1}>
        {planSays.title(tank.body.name)}
      </Say>
      <Say size="small" tone="soft">
        {planSays.hint} {rows.length === 0 ? planSays.emptied : planSays.untilTheFirst}
      </Say>
      {others.length > 0 ? (
        <SelectField
          label={planSays.copyFrom}
          value=""
          options={[
            { value: '', label: planSays.chooseTank },
            ...others.map(({ id, body }) => ({ value: id, label: body.name })),
          ]}
          onChoose={(id) => {
            const from = others.find((other) => other.id === id);
            if (from) replace(rowsOf(from));
          }}
        />
      ) : null}
      {rows.map(({ id, day }, at) => (
        <PlanStageRow
          key={id}
          at={at}
          holdsNow={tank.stageDay !== undefined && day === tank.stageDay}
          fields={fields}
          onRemove={() => remove(at)}
        />
      ))}
      <Button
        label={rows.length === 0 ? planSays.firstStage : planSays.anotherStage}
        onPress={more}
      />
    </Screen>
  );
}
