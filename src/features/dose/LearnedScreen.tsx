import { useLocalSearchParams } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { excludeDose, forgetLearned } from '@/acts';
import type { DoseAnswer, DoseOutcome } from '@/book/answers';
import { useAnswer, useAct, useNowMs } from '@/book/react';
import { useFormats } from '@/features/frame/formats';
import { useBack } from '@/features/parts/useBack';
import { useProducts, type AnyProduct } from '@/features/products/useProducts';
import { Button } from '@/ui/button';
import { Screen, Skeleton } from '@/ui/layout';
import { Say } from '@/ui/text';
import { color, space } from '@/ui/tokens';
import { additionLine, shortDay } from '@/words';
import { amountForOnePh } from './doseModel';
import { learnedWords, onePhWords, SKIP_WORDS } from './doseWords';

/** What a tank's doses taught, dose by dose; any of them can be left out, or all forgotten. */
export function LearnedScreen() {
  const { tankId } = useLocalSearchParams<{ tankId: string }>();
  const nowMs = useNowMs();
  const { data } = useAnswer(['dose', tankId], (client) => client.dose(tankId, nowMs), nowMs);
  const products = useProducts();
  if (!data || !products) return <Skeleton label="Loading what was learned" />;
  return <Learned answer={data} products={products} />;
}

function Learned({
  answer,
  products,
}: {
  readonly answer: DoseAnswer;
  readonly products: readonly AnyProduct[];
}) {
  const back = useBack();
  const formats = useFormats();
  const { act } = useAct({ oneByOne: true });
  const { tank, outcomes } = answer;
  const lastUsed = outcomes[0]?.body.productId;
  const product = products.find(({ id }) => id === lastUsed);
  const onePh = product && amountForOnePh(answer, product.product);
  const reset = () => act(forgetLearned(tank, Date.now()));
  const toggle = (dose: DoseOutcome) => act(excludeDose(dose));
  return (
    <Screen
      actions={
        <>
          <Button wet label="Back" onPress={back} />
          {outcomes.length > 0 ? (
            <Button wet grow label="Forget all, start afresh" onPress={reset} />
          ) : null}
        </>
      }
    >
      <Say size="large" face="slab" heading={1}>
        What {tank.body.name} taught
      </Say>
      {product && onePh ? (
        <Say bold>{onePhWords(answer, { name: product.name, ...onePh }, formats)}</Say>
      ) : null}
      <Say>{learnedWords(answer, formats)}</Say>
      <Say size="small" tone="soft">
        A dose counts half after thirty days, and nothing from before a water change counts. Leave
        one out when you know of something that spoiled it: a top-up not booked, a pump that stood.
      </Say>
      <View role="list" aria-label="Doses">
        {outcomes.map((outcome) => (
          <Outcome key={outcome.id} outcome={outcome} onToggle={() => toggle(outcome)} />
        ))}
      </View>
    </Screen>
  );
}

function Outcome({
  outcome,
  onToggle,
}: {
  readonly outcome: DoseOutcome;
  readonly onToggle: () => void;
}) {
  const formats = useFormats();
  const { atMs, beforePh, afterPh, predictedPh, skipped, body } = outcome;
  const left = skipped === undefined ? 'counts' : SKIP_WORDS[skipped];
  return (
    <View role="listitem" style={styles.row}>
      <View style={styles.words}>
        <Say size="small" bold>
          {shortDay(atMs)} · {additionLine(body, formats)}
        </Say>
        <Say size="small">
          {formats.ph(beforePh)} → {formats.ph(afterPh)}
          {predictedPh === undefined ? '' : `, expected ${formats.ph(predictedPh)}`}
        </Say>
        <Say size="small" tone={skipped ? 'attention' : 'soft'}>
          {left}
        </Say>
      </View>
      <Button
        label={body.excluded ? 'Count it' : 'Leave it out'}
        name={`${body.excluded ? 'Count' : 'Leave out'} the dose of ${shortDay(atMs)}`}
        onPress={onToggle}
      />
    </View>
  );
}

const styles = StyleSheet.create({
  row: {
    flexDirection: 'row',
    alignItems: 'center',
    gap: space.s3,
    paddingVertical: space.s2,
    borderBottomWidth: 1,
    borderBottomColor: color.edge,
  },
  words: { flex: 1, minWidth: 0 },
});
