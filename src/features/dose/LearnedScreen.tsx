import { useLocalSearchParams } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { excludeDose, forgetLearned } from '@/acts';
import type { DoseAnswer, DoseOutcome } from '@/book/answers';
import { useAnswer, useAct, useNowMs, questions } from '@/book/react';
import { useFormats } from '@/shell/formats';
import { useBack } from '@/shell/navigation/useBack';
import { Button } from '@/ui/button';
import { Screen, Skeleton } from '@/ui/layout';
import { Say } from '@/ui/text';
import { color, space } from '@/ui/tokens';
import { additionLine, shortDay } from '@/words';
import { commonSays } from '@/words/common';
import { learnedSays } from '@/words/dose/learned';
import { believedWords, outcomeWords } from '@/words/dose/doseWords';
import type { TankId } from '@/records';

/** What a tank's doses taught, dose by dose; any of them can be left out, or all forgotten. */
export function LearnedScreen() {
  const { tankId } = useLocalSearchParams<{ tankId: TankId }>();
  const nowMs = useNowMs();
  const { data } = useAnswer(questions.dose(tankId, nowMs));
  if (!data) return <Skeleton label={learnedSays.loadingWhatWasLearned} />;
  return <Learned answer={data} />;
}

function Learned({ answer }: { readonly answer: DoseAnswer }) {
  const back = useBack();
  const formats = useFormats();
  const { act } = useAct({ oneByOne: true });
  const { tank, outcomes } = answer;
  const reset = () => act(forgetLearned(tank, Date.now()));
  const toggle = (dose: DoseOutcome) => act(excludeDose(dose));
  return (
    <Screen
      actions={
        <>
          <Button wet label={commonSays.back} onPress={back} />
          {outcomes.length > 0 ? (
            <Button wet grow label={learnedSays.forgetAllStartAfresh} onPress={reset} />
          ) : null}
        </>
      }
    >
      <Say size="large" face="slab" heading={1}>
        {learnedSays.title(tank.body.name)}
      </Say>
      <Say bold>{believedWords(answer.believed, formats) || learnedSays.nothingYet}</Say>
      <Say size="small" tone="soft">
        {learnedSays.eachReadingAfterADoseIs}
      </Say>
      <View role="list" aria-label={learnedSays.doses}>
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
  const { atMs, left, body } = outcome;
  return (
    <View role="listitem" style={styles.row}>
      <View style={styles.words}>
        <Say size="small" bold>
          {shortDay(atMs)} · {additionLine(body, formats)}
        </Say>
        <Say size="small" tone={left ? 'attention' : 'soft'}>
          {outcomeWords(outcome, formats)}
        </Say>
      </View>
      <Button
        label={body.excluded ? learnedSays.countIt : learnedSays.leaveItOut}
        name={learnedSays.theDoseOf(
          body.excluded ? learnedSays.count : learnedSays.leaveOut,
          shortDay(atMs),
        )}
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
