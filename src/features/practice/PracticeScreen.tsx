import { useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { questions, useAnswer } from '@/book/react';
import { codeOf, TASK_IDS, type TaskId } from '@/core/practice';
import { paths } from '@/shell/navigation/paths';
import { useBack } from '@/shell/navigation/useBack';
import { Button } from '@/ui/button';
import { TextField } from '@/ui/form';
import { LabelRow } from '@/ui/label-row';
import { Screen } from '@/ui/layout';
import { Say } from '@/ui/text';
import { space } from '@/ui/tokens';
import { commonSays } from '@/words/common';
import { practiceSays } from '@/words/practice/benchWords';
import { TASK_WORDS } from '@/words/practice/taskWords';
import { FreeForm } from './FreeForm';
import { ResultsPart } from './ResultsPart';
import { anySeed, openCode } from './spec';

/** Practice: seventeen tasks, a bench of one's own, a code from somebody, and what was done so far. */
export function PracticeScreen() {
  const back = useBack();
  const router = useRouter();
  const { data: runs } = useAnswer(questions.practiceRuns());
  const done = (id: TaskId) => {
    const own = (runs ?? []).filter(({ practice }) => practice === id);
    return own.length === 0 ? undefined : Math.min(...own.map(({ mistakes }) => mistakes.length));
  };
  const [seeds] = useState(() => TASK_IDS.map(() => anySeed()));
  const next = TASK_IDS.find((id) => done(id) !== 0);
  return (
    <Screen actions={<Button wet label={commonSays.back} onPress={back} />}>
      <Say size="huge" face="slab" heading={1}>
        {practiceSays.practice}
      </Say>
      <Say>{practiceSays.about}</Say>
      <Say size="small" tone="soft">
        {practiceSays.notInBook}
      </Say>
      <Say size="large" face="slab" heading={2}>
        {practiceSays.tasks}
      </Say>
      <View role="list" style={styles.list}>
        {TASK_IDS.map((id, at) => {
          const path = paths.practiceRun(codeOf({ id, seed: seeds[at]! }));
          const mistakes = done(id);
          return (
            <View role="listitem" key={id}>
              <LabelRow
                code={String(at + 1)}
                action={mistakes === undefined ? practiceSays.start : practiceSays.again}
                href={path}
                onPress={() => router.navigate(path)}
                edge={id === next ? 'next' : 'plain'}
              >
                <Say bold>{TASK_WORDS[id].name}</Say>
                {mistakes === undefined ? null : (
                  <Say size="small" tone="soft">
                    {practiceSays.doneBefore(mistakes)}
                  </Say>
                )}
              </LabelRow>
            </View>
          );
        })}
      </View>
      <Button label={practiceSays.why} onPress={() => router.navigate(paths.why)} />
      <FreeForm />
      <CodePart />
      <ResultsPart runs={runs ?? []} />
    </Screen>
  );
}

/** A short code typed from a paper or a screen beside. */
function CodePart() {
  const router = useRouter();
  const [typed, setTyped] = useState('');
  const [wrong, setWrong] = useState(false);
  const open = () => {
    const known = openCode(typed) !== undefined;
    setWrong(!known);
    if (known) router.navigate(paths.practiceRun(typed.trim()));
  };
  return (
    <View style={styles.part}>
      <TextField
        label={practiceSays.code}
        typed={typed}
        onType={(text) => {
          setTyped(text);
          setWrong(false);
        }}
        hint={practiceSays.codeHint}
        message={wrong ? { text: practiceSays.badCode } : undefined}
      />
      <Button label={practiceSays.open} onPress={open} />
    </View>
  );
}

const styles = StyleSheet.create({
  list: { gap: space.s2, maxWidth: 640 },
  part: { gap: space.s2, maxWidth: 480 },
});
