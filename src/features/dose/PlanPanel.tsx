import type { ComponentProps } from 'react';
import type { DoseCurve as DoseCurveDrawn } from './DoseCurve';
import { chunkPart } from '@/shell/chunk';
import { StyleSheet, View } from 'react-native';
import type { DoseAnswer, DosePlanAnswer } from '@/book/answers';
import { REAGENTS, type Product } from '@/core/chemistry';
import { measureOf, type DosePlan } from '@/core/dosing';
import { useFormats } from '@/shell/formats';
import { Panel } from '@/ui/layout';
import { Say } from '@/ui/text';
import { space } from '@/ui/tokens';
import { doseSays } from '@/words/dose/dose';
import { curveFor, jugFor } from './doseModel';
import {
  believedWords,
  dilutionWords,
  doubtWords,
  limitWords,
  measuredWords,
  nutrientWords,
  onePhWords,
  type amountWords,
} from '@/words/dose/doseWords';

const DoseCurve = chunkPart<ComponentProps<typeof DoseCurveDrawn>>('charts', 'DoseCurve');

interface Props {
  readonly answer: DoseAnswer;
  readonly planned: DosePlanAnswer;
  readonly plan: DosePlan;
  readonly product: { readonly name: string; readonly product: Product };
  readonly amount: ReturnType<typeof amountWords>;
}

/** How much now, what it does right after mixing and once aired, and what it rests on. */
export function PlanPanel({ answer, planned, plan, product, amount }: Props) {
  const formats = useFormats();
  const { believed, tank } = answer;
  const { phBand } = tank.body;
  const down = REAGENTS[product.product.reagent].acid;
  const curve = curveFor(planned, plan, phBand);
  const { number } = formats;
  const rest = plan.fullAmount - plan.firstAmount;
  const measure = measureOf(plan.unit, plan.pour);
  // A fiftieth is less than anybody pours to.
  const isMore = rest > 0.02 * plan.fullAmount;
  const more = isMore
    ? doseSays.thenReRead(measuredWords(rest, measure, formats), number(plan.aimPh, 1))
    : doseSays.thisIsAll(number(plan.aimPh, 1));
  const { strength } = planned;
  return (
    <>
      <Panel>
        <Say size="small" tone="soft">
          {doseSays.pour(isMore ? 'first' : 'now')}
        </Say>
        <View style={styles.amount}>
          <Say size="hero" face="mono" bold>
            {amount.amount}
          </Say>
          <Say>{amount.unit}</Say>
        </View>
        <Say size="small">
          {amount.dilution === undefined
            ? doseSays.inWaterFirst(number(jugFor(plan), 1))
            : `${dilutionWords(amount.dilution, formats)} `}
          {more}
        </Say>
        {curve ? <DoseCurve {...curve} /> : null}
        <Say size="small" tone="soft">
          {limitWords(plan, number(down ? phBand.low : phBand.high, 1))}
        </Say>
      </Panel>
      <View style={styles.pair}>
        <Panel>
          <Say size="small" tone="soft">
            {doseSays.rightAfterMixing}
          </Say>
          <Say size="large" face="mono" bold>
            {doseSays.ph(number(plan.afterPh, 2))}
          </Say>
          <Say size="small">
            {doseSays.range(number(plan.afterLowPh, 2), number(plan.afterHighPh, 2))}
          </Say>
        </Panel>
        <Panel>
          <Say size="small" tone="soft">
            {doseSays.onceFullyAired}
          </Say>
          <Say size="large" face="mono" bold>
            {doseSays.ph(number(plan.airedPh, 1))}
          </Say>
          <Say size="small">{doseSays.afterAll(number(plan.fullAiredPh, 1))}</Say>
        </Panel>
      </View>
      <Say size="small">
        {[
          onePhWords(plan.onePh, { name: product.name, measure }, formats),
          strength
            ? doseSays.strengthSoFar({
                mean: number(strength.mean, 1),
                low: number(strength.low, 1),
                high: number(strength.high, 1),
              })
            : '',
          believedWords(believed, formats),
          believed ? doubtWords(believed, formats) : '',
          nutrientWords(plan.nutrients, formats),
        ]
          .filter(Boolean)
          .join(' ')}
      </Say>
    </>
  );
}

const styles = StyleSheet.create({
  amount: { flexDirection: 'row', alignItems: 'baseline', gap: space.s2, flexWrap: 'wrap' },
  pair: { flexDirection: 'row', flexWrap: 'wrap', gap: space.s2 },
});
