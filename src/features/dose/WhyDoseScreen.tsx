import { useLocalSearchParams } from 'expo-router';
import { useAnswer, useNowMs, questions } from '@/book/react';
import type { DoseAnswer, EcDoseAnswer } from '@/book/answers';
import { LEFT_OVER_MEQ_PER_L, measureOf } from '@/core/dosing';
import { useFormats } from '@/shell/formats';
import { useBack } from '@/shell/navigation/useBack';
import { useProducts, type AnyProduct } from '@/features/products/useProducts';
import { leadsDown, REAGENT_NAME } from '@/features/products/reagents';
import { alkalinityText } from '@/features/waters/waterWords';
import { Button } from '@/ui/button';
import { Panel, Screen, Skeleton } from '@/ui/layout';
import { Say } from '@/ui/text';
import { factsOf } from './doseModel';
import { believedWords, measuredWords } from './doseWords';
import { concentratedFacts, hardWaterFacts, mixtureOf, PROTONS, protonsOf } from './explainModel';
import { aimOf, useDoseChoice } from './useDoseChoice';

/** Why a dose is what it is, with the grower's own numbers. */
export function WhyDoseScreen() {
  const { tankId } = useLocalSearchParams<{ tankId: string }>();
  const nowMs = useNowMs();
  const { data: dose } = useAnswer(questions.dose(tankId, nowMs));
  const { data: ec } = useAnswer(questions.ecDose(tankId, nowMs));
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
  const { chosen, aim } = useDoseChoice(dose, products);
  const facts = factsOf(dose);
  const typedAimPh = aimOf(aim);
  const aimPh = typedAimPh ?? (tank.body.phBand.low + tank.body.phBand.high) / 2;
  return (
    <Screen actions={<Button wet grow label="Back" onPress={back} />}>
      <Say size="large" face="slab" heading={1}>
        Why this much · {tank.body.name}
      </Say>
      <Chosen dose={dose} chosen={chosen} aimPh={typedAimPh} />
      <Concentrated product={chosen} />
      <Protons aimPh={aimPh} facts={facts} chosen={chosen} />
      <HardWater ec={ec} aimPh={aimPh} tempC={facts.tempC} chosen={chosen} />
      <Panel>
        <Say bold>Why the first step is small</Say>
        <Say>
          Many different tanks would show the reading yours does. Zolder plans for the weakest of
          them. The chance to pass the far edge, or to move more than 0.9 pH at once, stays below 1
          in 100. Each new reading rules some of them out, and the next step can be larger.
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
  const more = 100 * (facts.mmolPerMl / facts.naiveMmolPerMl - 1);
  return (
    <Panel>
      <Say bold>What concentrated means: {product.name}</Say>
      <Say>
        1 mL weighs {n(facts.densityGPerMl, 2)} g, and {n(facts.percent, 0)} % of that is the
        product itself: {n(facts.gPerMl, 2)} g, or {n(facts.mmolPerMl, 2)} mmol. Reading “
        {n(facts.percent, 0)} %” as {n(facts.percent / 100, 2)} g per mL would make every dose{' '}
        {n(more, 0)} % too large.
      </Say>
    </Panel>
  );
}

/** The plan of the dose screen, in the same numbers. */
function Chosen({
  dose,
  chosen,
  aimPh,
}: {
  readonly dose: DoseAnswer;
  readonly chosen: AnyProduct;
  readonly aimPh: number | undefined;
}) {
  const nowMs = useNowMs();
  const formats = useFormats();
  const wish = { productId: chosen.id, aimPh, chasingAccepted: false, neverChanged: false };
  const { data } = useAnswer(questions.dosePlan(dose.tank.id, wish, nowMs));
  if (!data?.plan.ok) return null;
  const plan = data.plan.value;
  const measure = measureOf(plan.unit, plan.pour);
  const write = (amount: number) => measuredWords(amount, measure, formats);
  const { volumeL } = factsOf(dose);
  const meq = plan.acidMmol === undefined ? undefined : Math.abs(plan.acidMmol);
  return (
    <Panel>
      <Say bold>{chosen.name} in this tank</Say>
      <Say>
        {write(plan.firstAmount)} now
        {meq === undefined
          ? ''
          : `: ${formats.number(meq, 1)} meq, ${formats.number(meq / volumeL, 2)} for each of ${formats.volume(volumeL)}`}
        . In all {write(plan.fullAmount)} as likely as not reach {formats.number(plan.aimPh, 1)}.{' '}
        {believedWords(dose.believed, formats)}
      </Say>
    </Panel>
  );
}

function Protons({
  aimPh,
  facts,
  chosen,
}: {
  readonly aimPh: number;
  readonly facts: { readonly tempC: number; readonly ecMsPerCm: number };
  readonly chosen: AnyProduct;
}) {
  const formats = useFormats();
  const { reagent } = chosen.product;
  const held = PROTONS[reagent];
  const given = protonsOf(reagent, aimPh, facts);
  if (held === undefined || given === undefined) return null;
  return (
    <Panel>
      <Say bold>Why not all protons count</Say>
      <Say>
        A molecule of {REAGENT_NAME[reagent]} has {held}. At this tank’s aim of{' '}
        {formats.number(aimPh, 1)} it gives off {formats.number(given, 2)} of them.
      </Say>
    </Panel>
  );
}

function HardWater({
  ec,
  aimPh,
  tempC,
  chosen,
}: {
  readonly ec: EcDoseAnswer;
  readonly aimPh: number;
  readonly tempC: number;
  readonly chosen: AnyProduct;
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
  const { reagent } = chosen.product;
  const acid = leadsDown(reagent) ? reagent : 'nitric';
  const input = { aimPh, tempC, reagent: acid };
  const all = hardWaterFacts(mixture, input);
  const left = hardWaterFacts(mixture, { ...input, leaveMmolPerL: LEFT_OVER_MEQ_PER_L });
  if (!all || !left || !(all.acidMmolPerL > LEFT_OVER_MEQ_PER_L)) return null;
  const n = formats.number;
  return (
    <Panel>
      <Say bold>Why hard water comes back</Say>
      <Say>
        Your water holds {alkalinityText(mixture.alkalinityMmolPerL, formats)} of alkalinity. To{' '}
        {n(aimPh, 1)} it takes {n(all.acidMmolPerL, 2)} meq/L of
        {leadsDown(reagent) ? ` ${REAGENT_NAME[reagent]}` : ' acid'}, which turns alkalinity into
        carbon dioxide; that keeps the pH low until it has aired out, and then the water stands at{' '}
        {n(all.airedPh, 1)}. With {n(LEFT_OVER_MEQ_PER_L, 1)} meq/L less acid it stands at{' '}
        {n(left.mixedPh, 1)} at first and airs to {n(left.airedPh, 1)}.
      </Say>
    </Panel>
  );
}
