import { StyleSheet, View } from 'react-native';
import type { DoseAnswer } from '@/book/answers';
import { useFormats } from '@/features/frame/formats';
import { DoseCurve } from '@/features/LazyChart';
import { Panel } from '@/ui/layout';
import { Say } from '@/ui/text';
import { space } from '@/ui/tokens';
import { curveFor, jugFor, type doseFor } from './doseModel';
import {
  BOOKS_DOUBTED,
  learnedWords,
  LIMIT_WORDS,
  nutrientWords,
  type amountWords,
} from './doseWords';

/** How much now, what it does right after mixing and once aired, and what it rests on. */
export function PlanPanel(props: {
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
        {[
          nutrientWords(plan.nutrients, formats),
          learnedWords(answer, formats),
          plan.basis === 'fresh'
            ? 'Planned as fresh water: half a meq/L of its alkalinity is left, or it would air back above 7.'
            : '',
          plan.booksDoubted ? BOOKS_DOUBTED : '',
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
