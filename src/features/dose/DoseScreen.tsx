import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { pourDose } from '@/acts';
import type { DoseAnswer } from '@/book/answers';
import { useAnswer, useAct, useNowMs, questions } from '@/book/react';
import { hasNumber } from '@/core/readings';
import { useFormats } from '@/shell/formats';
import { useKeyAct } from '@/shell/keys/Keys';
import { useBack } from '@/shell/navigation/useBack';
import { useGoOn } from '@/shell/navigation/useGoOn';
import { useProducts, type AnyProduct } from '@/features/products/useProducts';
import { Button } from '@/ui/button';
import { Panel, Screen, Skeleton } from '@/ui/layout';
import { NumberField } from '@/ui/number-field';
import { Say } from '@/ui/text';
import { parseDecimal } from '@/words';
import { Caution } from '@/features/parts/Caution';
import { ChasingPanel } from './ChasingPanel';
import { DoseLinks } from './DoseLinks';
import { ContradictionPanel } from './ContradictionPanel';
import { pouredDose } from './doseModel';
import { amountWords, noNumberWords, refusalWords } from '@/words/dose/doseWords';
import { FillQuestion } from './FillQuestion';
import { MixedNow } from './MixedNow';
import { PlanPanel } from './PlanPanel';
import { ProductChoice } from './ProductChoice';
import { RefusalPanel } from './RefusalPanel';
import { PouredAnyway } from './PouredAnyway';
import { aimOf, useDoseChoice } from './useDoseChoice';
import { wayOnFromDose } from './wayOn';
import { WayOnButton } from './WayOnButton';
import { paths } from '@/shell/navigation/paths';
import { commonSays } from '@/words/common';
import { doseSays } from '@/words/dose/dose';
import type { TankId } from '@/records';
import { loadingSays } from '@/words/shell/loading';

/** Dose: what to reach, with which product, how much now and what it does. */
export function DoseScreen() {
  const { tankId } = useLocalSearchParams<{ tankId: TankId }>();
  const nowMs = useNowMs();
  const { data } = useAnswer(questions.dose(tankId, nowMs));
  const products = useProducts();
  if (data === undefined || !products) return <Skeleton label={loadingSays.dose} />;
  if (data === null || !data.reading) return <ReadFirst tankId={tankId} />;
  return <Dosing answer={data} products={products} nowMs={nowMs} />;
}

function ReadFirst({ tankId }: { readonly tankId: TankId }) {
  const router = useRouter();
  return (
    <Screen
      actions={
        <Button
          kind="main"
          wet
          grow
          label={doseSays.readIt}
          onPress={() => router.replace(paths.read({ tank: tankId }))}
        />
      }
    >
      <Say size="huge" face="slab" heading={1}>
        {doseSays.readItFirst}
      </Say>
      <Say>{doseSays.noReadingYet}</Say>
    </Screen>
  );
}

interface Props {
  readonly answer: DoseAnswer;
  readonly products: readonly AnyProduct[];
  readonly nowMs: number;
}

function Dosing({ answer, products, nowMs }: Props) {
  const back = useBack();
  const goOn = useGoOn();
  const formats = useFormats();
  const { act, busy } = useAct();
  const { tank, reading, contradiction } = answer;
  const judged = reading!.ph!.judged;
  const { chosen, aim, setProduct, setAim, forget } = useDoseChoice(answer, products);
  const [note, setNote] = useState('');
  const [neverChanged, setNeverChanged] = useState(false);
  const typed = parseDecimal(aim);
  const aimWrong = !typed.ok && typed.reason !== 'empty';
  const aimPh = aimOf(aim);
  const wish = { productId: chosen.id, aimPh, chasingAccepted: note !== '', neverChanged };
  const planned = useAnswer(questions.dosePlan(tank.id, wish, nowMs)).data ?? undefined;
  const plan = planned?.plan;
  const pair = formats.phPair(judged.value, judged.budget.expandedU);
  const amount = plan?.ok ? amountWords(plan.value, formats) : undefined;
  const said = amount && `${amount.amount} ${amount.unit}`;
  const pour = async () => {
    if (!plan?.ok || !said) return;
    const { name, id, product } = chosen;
    const { rereadMinutes } = planned!;
    const poured = { name, id, note, rereadMinutes, nowMs: Date.now() };
    const body = pouredDose(answer, plan.value, poured, product);
    if (!(await act(pourDose(body, said)))) return;
    forget();
    goOn.to(paths.tank(tank.id));
  };
  useKeyAct('save', plan?.ok ? pour : undefined);
  const refusal = plan && !plan.ok ? plan.refusal : undefined;
  const wayOn = refusal && wayOnFromDose(refusal.reason, { tankId: tank.id, reading });
  return (
    <Screen
      actions={
        <>
          <Button wet label={commonSays.back} onPress={back} />
          {said ? (
            <Button
              kind="main"
              wet
              grow
              label={doseSays.pouredOf(said, chosen.name)}
              disabled={busy}
              onPress={pour}
            />
          ) : null}
          <WayOnButton wayOn={wayOn} />
        </>
      }
    >
      <View>
        <Say size="large" face="slab" heading={1}>
          {doseSays.title(tank.body.name)}
        </Say>
        <Say size="small">
          {doseSays.bandAndVolume({
            shown: hasNumber(judged.standing)
              ? doseSays.phWithMargin(pair.value, pair.plusMinus)
              : doseSays.phWasShown(formats.number(judged.value, 2)),
            low: formats.number(tank.body.phBand.low, 1),
            high: formats.number(tank.body.phBand.high, 1),
            volume: formats.volume(reading!.volumeL ?? tank.body.volumeL),
          })}
        </Say>
      </View>
      {plan?.ok && amount && planned ? (
        <PlanPanel {...{ answer, planned, plan: plan.value, product: chosen, amount }} />
      ) : null}
      {refusal?.reason === 'contradicted' && contradiction ? (
        <ContradictionPanel tankId={tank.id} contradiction={contradiction} />
      ) : refusal ? (
        <RefusalPanel {...(noNumberWords(judged) ?? refusalWords(refusal, formats))} />
      ) : null}
      {refusal?.reason === 'stillMixing' ? <MixedNow answer={answer} nowMs={nowMs} /> : null}
      {planned ? null : <Say tone="soft">{doseSays.workingItOut}</Say>}
      {refusal?.reason === 'chasing' ? <ChasingPanel onAccept={setNote} /> : null}
      <ProductChoice products={products} value={chosen.id} onChoose={setProduct} />
      {refusal ? <PouredAnyway answer={answer} chosen={chosen} /> : null}
      <FillQuestion answer={answer} neverChanged={neverChanged} onNeverChanged={setNeverChanged} />
      <Panel>
        <NumberField
          label={commonSays.aim}
          unit="pH"
          typed={aim}
          onType={setAim}
          size="large"
          message={
            aimWrong || (typed.ok && aimPh === undefined) ? { text: doseSays.aimHint } : undefined
          }
        />
      </Panel>
      <DoseLinks tankId={tank.id} productId={chosen.id} />
      <Caution trained={chosen.group === 'trained'} />
    </Screen>
  );
}
