import { useLocalSearchParams } from 'expo-router';
import { useAnswer, useNowMs } from '@/book/react';
import type { DoseAnswer, EcDoseAnswer } from '@/book/answers';
import { LEFT_OVER_MEQ_PER_L } from '@/core/dosing';
import { useFormats } from '@/features/frame/formats';
import { useBack } from '@/features/parts/useBack';
import { useProducts, type AnyProduct } from '@/features/products/useProducts';
import { alkalinityText } from '@/features/waters/waterWords';
import { Button } from '@/ui/button';
import { Panel, Screen, Skeleton } from '@/ui/layout';
import { Say } from '@/ui/text';
import { factsOf } from './doseModel';
import { concentratedFacts, hardWaterFacts, mixtureOf, phosphoricProtons } from './explainModel';

/** Why a dose is what it is, with the grower's own numbers. */
export function WhyDoseScreen() {
  const { tankId } = useLocalSearchParams<{ tankId: string }>();
  const nowMs = useNowMs();
  const { data: dose } = useAnswer(['dose', tankId], (client) => client.dose(tankId, nowMs), nowMs);
  const { data: ec } = useAnswer(
    ['ecDose', tankId],
    (client) => client.ecDose(tankId, nowMs),
    nowMs,
  );
  const products = useProducts();
  if (!dose || !ec || !products) return <Skeleton label="Working it out" />;
  return <Why dose={dose} ec={ec} products={products} />;
}

interface Props {
  readonly dose: DoseAnswer;
  readonly ec: EcDoseAnswer;
  readonly products: readonly AnyProduct[];
}

function Why({ dose, ec, products }: Props) {
  const back = useBack();
  const { tank } = dose;
  const last = dose.outcomes[0]?.body.productId;
  const strong = ({ product }: AnyProduct) => product.strength.kind === 'percentByMass';
  const product =
    products.find((each) => each.id === last && strong(each)) ??
    products.find((each) => each.hint === 'your own' && strong(each)) ??
    products.find(strong);
  const facts = factsOf(dose);
  const aimPh = (tank.body.phBand.low + tank.body.phBand.high) / 2;
  return (
    <Screen actions={<Button wet grow label="Back" onPress={back} />}>
      <Say size="large" face="slab" heading={1}>
        Why this much · {tank.body.name}
      </Say>
      {product ? <Concentrated product={product} /> : null}
      <Protons aimPh={aimPh} facts={facts} />
      <HardWater ec={ec} aimPh={aimPh} tempC={facts.tempC} />
      <Panel>
        <Say bold>Why the first step is small</Say>
        <Say>
          A feed in use has lost its source water’s alkalinity: taken for fresh hard water it would
          be dosed to near pH 3. Until this tank’s own doses have taught how much it resists, a step
          does no harm even in a weak feed.
        </Say>
      </Panel>
    </Screen>
  );
}

function Concentrated({ product }: { readonly product: AnyProduct }) {
  const formats = useFormats();
  const facts = concentratedFacts(product.product);
  if (!facts) return null;
  const n = formats.number;
  const less = 100 * (1 - facts.naiveMmolPerMl / facts.mmolPerMl);
  return (
    <Panel>
      <Say bold>What concentrated means: {product.name}</Say>
      <Say>
        A mL weighs {n(facts.densityGPerMl, 2)} g, {n(facts.percent, 0)} % of it by mass:{' '}
        {n(facts.gPerMl, 2)} g, or {n(facts.mmolPerMl, 2)} mmol. Taken for {n(facts.percent, 0)} g
        in 100 mL it would be {n(facts.naiveMmolPerMl, 2)} mmol, {n(less, 0)} % too little, and the
        tank would get more than was meant.
      </Say>
    </Panel>
  );
}

function Protons({
  aimPh,
  facts,
}: {
  readonly aimPh: number;
  readonly facts: { readonly tempC: number; readonly ecMsPerCm: number };
}) {
  const formats = useFormats();
  const protons = phosphoricProtons(aimPh, facts);
  if (protons === undefined) return null;
  return (
    <Panel>
      <Say bold>Why not all protons count</Say>
      <Say>
        Phosphoric acid has three protons. At this tank’s aim of {formats.number(aimPh, 1)} it gives
        off {formats.number(protons, 2)}: the first one, a little of the second, none of the third.
        Nitric acid has one and gives it all.
      </Say>
    </Panel>
  );
}

function HardWater({
  ec,
  aimPh,
  tempC,
}: {
  readonly ec: EcDoseAnswer;
  readonly aimPh: number;
  readonly tempC: number;
}) {
  const formats = useFormats();
  const mixture = mixtureOf(ec.waters);
  if (!mixture) {
    return (
      <Panel>
        <Say bold>Why hard water comes back</Say>
        <Say>
          Give this tank its waters with their alkalinity, and this is worked out with your own
          numbers.
        </Say>
      </Panel>
    );
  }
  const all = hardWaterFacts(mixture, { aimPh, tempC });
  const left = hardWaterFacts(mixture, { aimPh, tempC, leaveMmolPerL: LEFT_OVER_MEQ_PER_L });
  if (!all || !left) return null;
  const n = formats.number;
  return (
    <Panel>
      <Say bold>Why hard water comes back</Say>
      <Say>
        Your water holds {alkalinityText(mixture.alkalinityMmolPerL, formats)} of alkalinity. To{' '}
        {n(aimPh, 1)} it takes {n(all.acidMmolPerL, 2)} mmol/L of acid, which turns alkalinity into
        carbon dioxide; that keeps the pH low until it has aired out, and then the water stands at{' '}
        {n(all.airedPh, 1)}. With {n(LEFT_OVER_MEQ_PER_L, 1)} meq/L less acid it stands at{' '}
        {n(left.mixedPh, 1)} at first and airs to {n(left.airedPh, 1)}.
      </Say>
    </Panel>
  );
}
