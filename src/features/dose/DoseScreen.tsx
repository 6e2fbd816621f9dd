import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { DoseAnswer } from '@/book/answers';
import { useAnswer, useAppend, useNowMs } from '@/book/react';
import { useFormats } from '@/features/frame/formats';
import { useKeyAct } from '@/features/frame/keys/Keys';
import { DoseCurve } from '@/features/LazyChart';
import type { Addition } from '@/records/kinds';
import { GENERIC_PRODUCTS } from '@/records/products';
import { Button } from '@/ui/button';
import { TextField } from '@/ui/form';
import { Panel, Screen, Skeleton } from '@/ui/layout';
import { NumberField } from '@/ui/number-field';
import { Say } from '@/ui/text';
import { space } from '@/ui/tokens';
import { parseDecimal } from '@/words';
import { Caution } from './Caution';
import { curveFor, doseFor, jugFor, pouredDose } from './doseModel';
import { amountWords, learnedWords, LIMIT_WORDS, nutrientWords, refusalWords } from './doseWords';
import { ProductChoice } from './ProductChoice';

/** Dose: what to reach, with which product, how much now and what it does. */
export function DoseScreen() {
  const { tankId } = useLocalSearchParams<{ tankId: string }>();
  const nowMs = useNowMs();
  const { data } = useAnswer(['dose', tankId], (client) => client.dose(tankId, nowMs), nowMs);
  if (data === undefined) return <Skeleton label="Loading the dose" />;
  if (data === null || !data.reading) return <ReadFirst tankId={tankId} />;
  return <Dosing answer={data} nowMs={nowMs} />;
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

function Dosing({ answer, nowMs }: { readonly answer: DoseAnswer; readonly nowMs: number }) {
  const router = useRouter();
  const formats = useFormats();
  const append = useAppend();
  const { tank, reading } = answer;
  const judged = reading!.ph!.judged;
  const [productId, setProductId] = useState(
    judged.value > (tank.body.phBand.low + tank.body.phBand.high) / 2 ? 'citric-50' : 'khco3-dry',
  );
  const [aim, setAim] = useState('');
  const [accepted, setAccepted] = useState(false);
  const [note, setNote] = useState('');
  const chosen = GENERIC_PRODUCTS.find(({ id }) => id === productId) ?? GENERIC_PRODUCTS[0]!;
  const typed = parseDecimal(aim);
  const aimWrong = !typed.ok && typed.reason !== 'empty';
  const aimPh = typed.ok && typed.value >= 4 && typed.value <= 9 ? typed.value : undefined;
  const choice = { product: chosen.product, aimPh, chasingAccepted: accepted, nowMs };
  const plan = doseFor(answer, choice);
  const pair = formats.phPair(judged.value, judged.budget.expandedU);
  const pour = async () => {
    if (!plan.ok) return;
    const { name, id } = chosen;
    const body = pouredDose(answer, plan.value, { name, id, note, nowMs: Date.now() });
    await append.mutateAsync([{ kind: 'addition', body: body as Addition }]);
    router.replace(`/tanks/${tank.id}` as '/');
  };
  useKeyAct('save', plan.ok ? () => void pour() : undefined);
  const amount = plan.ok ? amountWords(plan.value, formats) : undefined;
  return (
    <Screen
      actions={
        <>
          <Button wet label="Back" onPress={() => router.back()} />
          {amount ? (
            <Button
              kind="main"
              wet
              grow
              label={`Poured ${amount.amount} ${amount.unit}, start mixing`}
              disabled={append.isPending}
              onPress={() => void pour()}
            />
          ) : null}
        </>
      }
    >
      <View>
        <Say size="large" face="slab" heading={1}>
          Dose · {tank.body.name}
        </Say>
        <Say size="small">
          pH {pair.value} ± {pair.plusMinus}, band {formats.number(tank.body.phBand.low, 1)} to{' '}
          {formats.number(tank.body.phBand.high, 1)},{' '}
          {formats.volume(reading!.volumeL ?? tank.body.volumeL)}
        </Say>
      </View>
      {plan.ok && amount ? (
        <PlanPanel answer={answer} choice={choice} plan={plan.value} amount={amount} />
      ) : null}
      {plan.ok ? null : <Refusal refusal={refusalWords(plan.refusal, formats)} />}
      {!plan.ok && plan.refusal.reason === 'chasing' ? (
        <Panel>
          <TextField label="Why go on" typed={note} onType={setNote} />
          <Button
            label="Go on all the same"
            disabled={note.trim() === ''}
            onPress={() => setAccepted(true)}
          />
        </Panel>
      ) : null}
      <ProductChoice value={productId} onChoose={setProductId} />
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
      <Caution trained={chosen.group === 'trained'} />
    </Screen>
  );
}

function Refusal({ refusal }: { readonly refusal: { what: string; wayOn: string } }) {
  return (
    <Panel tone="wash">
      <View role="status" aria-live="polite">
        <Say size="large" face="slab">
          {refusal.what}
        </Say>
        <Say>{refusal.wayOn}</Say>
      </View>
    </Panel>
  );
}

function PlanPanel(props: {
  readonly answer: DoseAnswer;
  readonly choice: Parameters<typeof doseFor>[1];
  readonly plan: Parameters<typeof curveFor>[2];
  readonly amount: ReturnType<typeof amountWords>;
}) {
  const { answer, choice, plan, amount } = props;
  const formats = useFormats();
  const curve = curveFor(answer, choice, plan);
  const after = formats.phPair(plan.afterPh, 2 * plan.afterStdU);
  const rest = formats.number(Math.max(0, plan.fullAmount - plan.firstAmount), 1);
  const jug = formats.number(jugFor(plan), 1);
  return (
    <>
      <Panel>
        <Say size="small" tone="soft">
          pour first
        </Say>
        <View style={styles.amount}>
          <Say size="hero" face="mono" bold>
            {amount.amount}
          </Say>
          <Say>
            {amount.unit} {amount.aside ? `· ${amount.aside}` : ''}
          </Say>
        </View>
        <Say size="small">
          In {jug} L of water first. Then re-read; about {rest} {amount.unit} more to reach{' '}
          {formats.number(plan.aimPh, 1)}.
        </Say>
        {curve ? <DoseCurve {...curve} /> : null}
        <Say size="small" tone="soft">
          {LIMIT_WORDS[plan.limitedBy]}
        </Say>
      </Panel>
      <View style={styles.pair}>
        <Panel>
          <Say size="small" tone="soft">
            right after mixing
          </Say>
          <Say size="large" face="mono" bold>
            {after.value} ± {after.plusMinus}
          </Say>
        </Panel>
        <Panel>
          <Say size="small" tone="soft">
            once fully aired
          </Say>
          <Say size="large" face="mono" bold>
            {formats.number(plan.airedPh, 1)}
          </Say>
        </Panel>
      </View>
      <Say size="small">
        {nutrientWords(plan.nutrients, formats)} {learnedWords(answer, formats)}
        {plan.basis === 'fresh'
          ? ' Planned as fresh water: half a meq/L of its alkalinity is left, or it would air back above 7.'
          : ''}
      </Say>
    </>
  );
}

const styles = StyleSheet.create({
  amount: { flexDirection: 'row', alignItems: 'baseline', gap: space.s2, flexWrap: 'wrap' },
  pair: { flexDirection: 'row', flexWrap: 'wrap', gap: space.s2 },
});
