import { useLocalSearchParams, useRouter } from 'expo-router';
import { useAnswer, useNowMs, questions } from '@/book/react';
import type { JudgedValue } from '@/core/readings';
import { Caution } from '@/features/parts/Caution';
import { useProducts } from '@/features/products/useProducts';
import type { TankId } from '@/records';
import { paths } from '@/shell/navigation/paths';
import { Button } from '@/ui/button';
import { Panel, Screen, Skeleton } from '@/ui/layout';
import { NumberField } from '@/ui/number-field';
import { Say } from '@/ui/text';
import { commonSays } from '@/words/common';
import { doseSays } from '@/words/dose/dose';
import { loadingSays } from '@/words/shell/loading';
import { DoseFound } from './DoseFound';
import { DoseHead } from './DoseHead';
import { DoseLinks } from './DoseLinks';
import { FillQuestion } from './FillQuestion';
import { PouredAnyway } from './PouredAnyway';
import { ProductChoice } from './ProductChoice';
import { PourBar } from './PourBar';
import { useDosing, type Dosing } from './useDosing';
import { wayOnFromDose } from './wayOn';

/** Dose: what to reach, with which product, how much now and what it does. */
export function DoseScreen() {
  const { tankId } = useLocalSearchParams<{ tankId: TankId }>();
  const nowMs = useNowMs();
  const { data } = useAnswer(questions.dose(tankId, nowMs));
  const products = useProducts();
  if (data === undefined || !products) return <Skeleton label={loadingSays.dose} />;
  const judged = data?.reading?.ph?.judged;
  if (data === null || !judged) return <ReadFirst tankId={tankId} />;
  return <DoseTank answer={data} {...{ products, nowMs, judged }} />;
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

interface Props extends Dosing {
  /** The pH it is dosed by. */
  readonly judged: JudgedValue;
}

function DoseTank({ judged, ...tank }: Props) {
  const { answer, products } = tank;
  const dosing = useDosing(tank);
  const { chosen, refusal, said, pour, busy } = dosing;
  const { reading } = answer;
  return (
    <Screen
      actions={
        <PourBar
          label={said && doseSays.pouredOf(said, chosen.name)}
          busy={busy}
          onPour={pour}
          wayOn={refusal && wayOnFromDose(refusal.reason, { tankId: answer.tank.id, reading })}
        />
      }
    >
      <DoseHead answer={answer} judged={judged} />
      <DoseFound {...tank} dosing={dosing} />
      <ProductChoice products={products} value={chosen.id} onChoose={dosing.setProduct} />
      {refusal ? <PouredAnyway answer={answer} chosen={chosen} /> : null}
      <FillQuestion
        answer={answer}
        neverChanged={dosing.neverChanged}
        onNeverChanged={dosing.setNeverChanged}
      />
      <Panel>
        <NumberField
          label={commonSays.aim}
          unit="pH"
          typed={dosing.aim}
          onType={dosing.setAim}
          size="large"
          message={dosing.aimMessage}
        />
      </Panel>
      <DoseLinks tankId={answer.tank.id} productId={chosen.id} />
      <Caution trained={chosen.group === 'trained'} />
    </Screen>
  );
}
