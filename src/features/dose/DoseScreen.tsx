import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { pourDose } from '@/acts';
import type { DoseAnswer } from '@/book/answers';
import { useAnswer, useAct, useNowMs } from '@/book/react';
import { hasNumber } from '@/core/readings';
import { useFormats } from '@/features/frame/formats';
import { useKeyAct } from '@/features/frame/keys/Keys';
import { useBack } from '@/features/parts/useBack';
import { useGoOn } from '@/features/parts/useGoOn';
import { useProducts, type AnyProduct } from '@/features/products/useProducts';
import type { Addition } from '@/records/kinds';
import { Button } from '@/ui/button';
import { Choice } from '@/ui/form';
import { Panel, Screen, Skeleton } from '@/ui/layout';
import { NumberField } from '@/ui/number-field';
import { Say } from '@/ui/text';
import { parseDecimal } from '@/words';
import { Caution } from './Caution';
import { ChasingPanel } from './ChasingPanel';
import { DoseLinks } from './DoseLinks';
import { doseFor, pouredDose } from './doseModel';
import { amountWords, noNumberWords, refusalWords } from './doseWords';
import { PlanPanel } from './PlanPanel';
import { ProductChoice } from './ProductChoice';
import { RefusalPanel } from './RefusalPanel';
import { PouredAnyway } from './PouredAnyway';
import { wayOnFromDose } from './wayOn';
import { WayOnButton } from './WayOnButton';

/** Dose: what to reach, with which product, how much now and what it does. */
export function DoseScreen() {
  const { tankId } = useLocalSearchParams<{ tankId: string }>();
  const nowMs = useNowMs();
  const { data } = useAnswer(['dose', tankId], (client) => client.dose(tankId, nowMs), nowMs);
  const products = useProducts();
  if (data === undefined || !products) return <Skeleton label="Loading the dose" />;
  if (data === null || !data.reading) return <ReadFirst tankId={tankId} />;
  return <Dosing answer={data} products={products} nowMs={nowMs} />;
}

function ReadFirst({ tankId }: { readonly tankId: string }) {
  const router = useRouter();
  return (
    <Screen
      actions={
        <Button
          kind="main"
          wet
          grow
          label="Read it"
          onPress={() => router.replace(`/read?tank=${tankId}` as '/')}
        />
      }
    >
      <Say size="huge" face="slab" heading={1}>
        Read it first.
      </Say>
      <Say>A dose is made on a reading. This tank has none with a pH yet.</Say>
    </Screen>
  );
}

interface Props {
  readonly answer: DoseAnswer;
  readonly products: readonly AnyProduct[];
  readonly nowMs: number;
}

function Dosing({ answer, products, nowMs }: Props) {
  const router = useRouter();
  const back = useBack();
  const goOn = useGoOn();
  const formats = useFormats();
  const { act, busy } = useAct();
  const { tank, reading } = answer;
  const judged = reading!.ph!.judged;
  const [productId, setProductId] = useState(
    judged.value > (tank.body.phBand.low + tank.body.phBand.high) / 2 ? 'citric-50' : 'khco3-dry',
  );
  const [aim, setAim] = useState('');
  const [note, setNote] = useState('');
  const [unbooked, setUnbooked] = useState(false);
  const chosen = products.find(({ id }) => id === productId) ?? products[0]!;
  const typed = parseDecimal(aim);
  const aimWrong = !typed.ok && typed.reason !== 'empty';
  const aimPh = typed.ok && typed.value >= 4 && typed.value <= 9 ? typed.value : undefined;
  const choice = { product: chosen.product, aimPh, chasingAccepted: note !== '', unbooked, nowMs };
  const plan = doseFor(answer, choice);
  const pair = formats.phPair(judged.value, judged.budget.expandedU);
  const pour = async () => {
    if (!plan.ok) return;
    const { name, id } = chosen;
    const body = pouredDose(answer, plan.value, { name, id, note, nowMs: Date.now() });
    const words = amountWords(plan.value, formats);
    const said = `${words.amount} ${words.unit}`;
    if (await act(pourDose(body as Addition, said))) goOn.to(`/tanks/${tank.id}`);
  };
  useKeyAct('save', plan.ok ? pour : undefined);
  const amount = plan.ok ? amountWords(plan.value, formats) : undefined;
  const wayOn = plan.ok
    ? undefined
    : wayOnFromDose(plan.refusal.reason, { tankId: tank.id, reading });
  return (
    <Screen
      actions={
        <>
          <Button wet label="Back" onPress={back} />
          {amount ? (
            <Button
              kind="main"
              wet
              grow
              label={`Poured ${amount.amount} ${amount.unit}, start mixing`}
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
          Dose · {tank.body.name}
        </Say>
        <Say size="small">
          {hasNumber(judged.standing)
            ? `pH ${pair.value} ± ${pair.plusMinus}`
            : `pH ${formats.number(judged.value, 2)} was shown`}
          , band {formats.number(tank.body.phBand.low, 1)} to{' '}
          {formats.number(tank.body.phBand.high, 1)},{' '}
          {formats.volume(reading!.volumeL ?? tank.body.volumeL)}
        </Say>
      </View>
      {plan.ok && amount ? (
        <PlanPanel answer={answer} choice={choice} plan={plan.value} amount={amount} />
      ) : null}
      {plan.ok ? null : (
        <RefusalPanel {...(noNumberWords(judged) ?? refusalWords(plan.refusal, formats))} />
      )}
      {!plan.ok && plan.refusal.reason === 'strengthUnknown' ? (
        <Button
          label="Jar test"
          onPress={() => router.navigate(`/tanks/${tank.id}/jar?product=${chosen.id}` as '/')}
        />
      ) : null}
      {!plan.ok && plan.refusal.reason === 'chasing' ? <ChasingPanel onAccept={setNote} /> : null}
      <ProductChoice products={products} value={productId} onChoose={setProductId} />
      {plan.ok ? null : <PouredAnyway answer={answer} chosen={chosen} />}
      <Choice
        label="Is everything that went in since it was filled in the book?"
        value={unbooked ? 'no' : 'yes'}
        onChoose={(value) => setUnbooked(value === 'no')}
        options={[
          { value: 'yes', label: 'as far as I know' },
          { value: 'no', label: 'no', hint: 'planned as a tank nobody knows' },
        ]}
      />
      <Panel>
        <NumberField
          label="Aim"
          unit="pH"
          typed={aim}
          onType={setAim}
          size="large"
          message={
            aimWrong || (typed.ok && aimPh === undefined)
              ? { text: 'A pH from 4 to 9; empty aims at the middle of the band.' }
              : undefined
          }
        />
      </Panel>
      <DoseLinks tankId={tank.id} />
      <Caution trained={chosen.group === 'trained'} />
    </Screen>
  );
}
