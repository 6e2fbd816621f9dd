import { useLocalSearchParams } from 'expo-router';
import { useAnswer, useNowMs, questions } from '@/book/react';
import type { DoseAnswer, EcDoseAnswer } from '@/book/answers';
import {
  concentratedFacts,
  hardWaterFacts,
  LEFT_OVER_MEQ_PER_L,
  measureOf,
  mixtureOf,
  PROTONS,
  protonsOf,
} from '@/core/dosing';
import { useFormats } from '@/shell/formats';
import { useBack } from '@/shell/navigation/useBack';
import { useProducts, type AnyProduct } from '@/features/products/useProducts';
import { leadsDown, REAGENT_NAME } from '@/words/products/reagents';
import { alkalinityText } from '@/words/waters/waterWords';
import { Button } from '@/ui/button';
import { Panel, Screen, Skeleton } from '@/ui/layout';
import { Say } from '@/ui/text';
import { commonSays } from '@/words/common';
import { whySays } from '@/words/dose/why';
import { factsOf } from './doseModel';
import { believedWords, measuredWords } from '@/words/dose/doseWords';
import { aimOf, useDoseChoice } from './useDoseChoice';
import type { TankId } from '@/records';

/** Why a dose is what it is, with the grower's own numbers. */
export function WhyDoseScreen() {
  const { tankId } = useLocalSearchParams<{ tankId: TankId }>();
  const nowMs = useNowMs();
  const { data: dose } = useAnswer(questions.dose(tankId, nowMs));
  const { data: ec } = useAnswer(questions.ecDose(tankId, nowMs));
  const products = useProducts();
  if (!dose || !ec || !products) return <Skeleton label={whySays.workingItOut} />;
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
    <Screen actions={<Button wet grow label={commonSays.back} onPress={back} />}>
      <Say size="large" face="slab" heading={1}>
        {whySays.title(tank.body.name)}
      </Say>
      <Chosen dose={dose} chosen={chosen} aimPh={typedAimPh} />
      <Concentrated product={chosen} />
      <Protons aimPh={aimPh} facts={facts} chosen={chosen} />
      <HardWater ec={ec} aimPh={aimPh} tempC={facts.tempC} chosen={chosen} />
      <Panel>
        <Say bold>{whySays.whyTheFirstStepIsSmall}</Say>
        <Say>{whySays.manyTanks}</Say>
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
      <Say bold>{whySays.whatConcentratedMeans(product.name)}</Say>
      <Say>
        {whySays.percentExplained({
          gPerMl: n(facts.densityGPerMl, 2),
          percent: n(facts.percent, 0),
          productGPerMl: n(facts.gPerMl, 2),
          mmolPerMl: n(facts.mmolPerMl, 2),
          naiveGPerMl: n(facts.percent / 100, 2),
          tooLargePercent: n(more, 0),
        })}
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
      <Say bold>{whySays.inThisTank(chosen.name)}</Say>
      <Say>
        {whySays.nowAndInAll({
          first: write(plan.firstAmount),
          meq:
            meq === undefined
              ? ''
              : whySays.meqOfEach({
                  meq: formats.number(meq, 1),
                  meqPerL: formats.number(meq / volumeL, 2),
                  volume: formats.volume(volumeL),
                }),
          full: write(plan.fullAmount),
          aimPh: formats.number(plan.aimPh, 1),
          believed: believedWords(dose.believed, formats),
        })}
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
      <Say bold>{whySays.whyNotAllProtonsCount}</Say>
      <Say>
        {whySays.protonsGiven({
          acid: REAGENT_NAME[reagent],
          protons: held,
          aimPh: formats.number(aimPh, 1),
          given: formats.number(given, 2),
        })}
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
        <Say bold>{whySays.whyHardWaterComesBack}</Say>
        <Say>{whySays.giveItsWaters}</Say>
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
      <Say bold>{whySays.whyHardWaterComesBack}</Say>
      <Say>
        {whySays.hardWaterExplained({
          alkalinity: alkalinityText(mixture.alkalinityMmolPerL, formats),
          aimPh: n(aimPh, 1),
          acidMeqPerL: n(all.acidMmolPerL, 2),
          acid: leadsDown(reagent) ? REAGENT_NAME[reagent] : whySays.acid,
          airedPh: n(all.airedPh, 1),
          lessMeqPerL: n(LEFT_OVER_MEQ_PER_L, 1),
          lessMixedPh: n(left.mixedPh, 1),
          lessAiredPh: n(left.airedPh, 1),
        })}
      </Say>
    </Panel>
  );
}
