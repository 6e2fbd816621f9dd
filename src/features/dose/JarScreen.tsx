import { useLocalSearchParams } from 'expo-router';
import { useState } from 'react';
import { pourByJar } from '@/acts';
import { jarAndDose } from '@/acts/pourings';
import type { DoseAnswer, PenAnswer } from '@/book/answers';
import { thisMoment } from '@/book/client';
import { useAnswer, useAct, useNowMs, questions } from '@/book/react';
import { measureOf } from '@/core/dosing';
import { useFormats } from '@/shell/formats';
import { useGoOn } from '@/shell/navigation/useGoOn';
import { useProducts, type AnyProduct } from '@/features/products/useProducts';
import { PenLine } from '@/features/read/PenLine';
import { Button } from '@/ui/button';
import { SelectField } from '@/ui/form';
import { Panel, Screen, Skeleton } from '@/ui/layout';
import { Say } from '@/ui/text';
import { Caution } from '@/features/parts/Caution';
import { ChasingPanel } from './ChasingPanel';
import { pourInto } from './doseModel';
import { measuredWords } from '@/words/dose/doseWords';
import { JarRows, JarSetupFields } from './JarFields';
import { jarNumbers, jarPoints } from './jarModel';
import { JarOutcome } from './JarOutcome';
import { PourBar } from './PourBar';
import { useJarTest } from './useJarTest';
import { paths } from '@/shell/navigation/paths';
import { jarSays } from '@/words/dose/jar';
import type { PenId, ProductId, TankId } from '@/records';

/** Jar test: a litre of the tank, the product diluted, drop by drop; then scaled to the tank. */
export function JarScreen() {
  const { tankId, product } = useLocalSearchParams<{ tankId: TankId; product?: string }>();
  const nowMs = useNowMs();
  const { data } = useAnswer(questions.dose(tankId, nowMs));
  const { data: read } = useAnswer(questions.read(nowMs));
  const products = useProducts();
  if (!data || !read || !products) return <Skeleton label={jarSays.loadingTheJarTest} />;
  const pens = read.pens.filter(({ body }) => body.ph);
  const usualPenId = read.remembered[tankId]?.phPenId;
  return <Jar {...{ answer: data, pens, usualPenId, products, productId: product, nowMs }} />;
}

interface JarProps {
  readonly answer: DoseAnswer;
  readonly pens: readonly PenAnswer[];
  readonly usualPenId: PenId | undefined;
  readonly products: readonly AnyProduct[];
  readonly productId: ProductId | undefined;
  readonly nowMs: number;
}

/** What a jar test is made with, what it comes to, and booking it with what was poured by it. */
function useJar({ answer, pens, usualPenId, products, productId, nowMs }: JarProps) {
  const goOn = useGoOn();
  const formats = useFormats();
  const { act, busy } = useAct();
  const liquid = products.filter(({ product }) => product.strength.kind !== 'dry');
  const [chosenId, setChosen] = useState(productId);
  const [penId, setPenId] = useState(usualPenId);
  const product = liquid.find(({ id }) => id === chosenId) ?? liquid[0]!;
  const pen = pens.find(({ id }) => id === penId) ?? pens[0];
  const test = useJarTest({ answer, pen, product, nowMs });
  const { draft, plan, aimPh, why } = test;
  const poured = plan.ok
    ? measuredWords(plan.value.firstMl, measureOf('mL', plan.value.pour), formats)
    : undefined;
  const pour = async () => {
    if (!plan.ok || !poured) return;
    const points = jarPoints(draft.rows);
    const tried = { ...jarNumbers(draft.setup), points, aimPh, penId: pen?.id };
    const { jar, dose } = jarAndDose(pourInto(answer, thisMoment().nowMs), product, tried, {
      plan: plan.value,
      note: jarSays.byJarTest(why).trim(),
    });
    if (!(await act(pourByJar(jar, dose, poured)))) return;
    test.forget();
    goOn.to(paths.tank(answer.tank.id));
  };
  return { test, liquid, product, setChosen, pen, setPenId, poured, pour, busy };
}

function Jar(props: JarProps) {
  const { answer } = props;
  const { test, liquid, product, setChosen, pen, setPenId, poured, pour, busy } = useJar(props);
  const { draft, plan } = test;
  return (
    <Screen
      actions={
        <PourBar
          label={poured && jarSays.pouredOf(poured, product.name)}
          busy={busy}
          onPour={pour}
        />
      }
    >
      <Say size="large" face="slab" heading={1}>
        {jarSays.title(answer.tank.body.name)}
      </Say>
      <SelectField
        label={jarSays.product}
        value={product.id}
        options={liquid.map(({ id, name }) => ({ value: id, label: name }))}
        onChoose={setChosen}
      />
      <JarSetupFields
        setup={draft.setup}
        aim={draft.aim}
        aimMessage={test.aimMessage}
        onSetup={test.setSetup}
        onAim={test.setAim}
      />
      <Panel>
        {pen ? (
          <PenLine
            quantity="ph"
            pen={pen}
            pens={props.pens}
            nowMs={props.nowMs}
            onChoose={(_, id) => setPenId(id)}
          />
        ) : (
          <Say size="small">{jarSays.needsPhPen}</Say>
        )}
        <Say size="small" tone="soft">
          {jarSays.writeWhatItShows}
        </Say>
        <JarRows rows={draft.rows} onRows={test.setRows} />
        {draft.sampledMs ? (
          <Button label={jarSays.takeANewSample} onPress={test.newSample} />
        ) : null}
      </Panel>
      <JarOutcome plan={plan} aimPh={test.aimPh} sampleL={draft.setup.sampleL} />
      {!plan.ok && plan.refusal.reason === 'chasing' ? (
        <ChasingPanel onAccept={test.setWhy} />
      ) : null}
      <Caution trained={product.group === 'trained'} />
    </Screen>
  );
}
