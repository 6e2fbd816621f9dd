import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { rightsOf, type Cost } from '@/core/practice';
import type { Act } from '@/core/simulated-pen';
import { useFormats } from '@/shell/formats';
import { paths } from '@/shell/navigation/paths';
import { useIsWide } from '@/shell/useIsWide';
import { Button } from '@/ui/button';
import { Panel, Screen } from '@/ui/layout';
import { Say } from '@/ui/text';
import { space } from '@/ui/tokens';
import { practiceSays } from '@/words/practice/benchWords';
import { costLines, outcomeLines } from '@/words/practice/costWords';
import { MISTAKE_WORDS, RIGHT_WORDS } from '@/words/practice/mistakeWords';
import { TASK_WORDS } from '@/words/practice/taskWords';
import { codeOf } from '@/core/practice';
import { DoneLine } from './DoneList';
import { KeepResult } from './KeepResult';
import { anySeed, taskAfter, type Opened } from './spec';
import { TrueLine } from './TrueLine';
import { useCosts } from './useCosts';
import { withoutWaiting } from './withoutWaiting';

interface Props {
  readonly opened: Opened;
  readonly acts: readonly Act[];
  /** The same bench once more, from the beginning. */
  readonly onAgain: () => void;
}

/** One kind of mistake with what it cost. */
function CostPart({ cost }: { readonly cost: Cost }) {
  const formats = useFormats();
  const words = MISTAKE_WORDS[cost.kind];
  const { lines, isNothing } = costLines(cost, formats);
  const often = cost.times > 1 ? ` (${cost.times}×)` : '';
  return (
    <Panel tone="caution">
      <Say bold>{`${words.did}${often}`}</Say>
      <Say size="small">{words.because}</Say>
      {lines.map((line) => (
        <Say key={line} bold tone={isNothing ? 'soft' : 'off'}>
          {line}
        </Say>
      ))}
    </Panel>
  );
}

/** The end of a run: how it ended, what it cost, what was right, what to try next. */
export function EndStage({ opened, acts, onAgain }: Props) {
  const { practice, code } = opened;
  const router = useRouter();
  const wide = useIsWide();
  const formats = useFormats();
  const { played, costs, whole } = useCosts(practice, acts);
  const rights = rightsOf(practice, played);
  const after = taskAfter(practice.id);
  const [dearest] = costs;
  const onward = () => {
    if (dearest && practice.id !== 'free')
      router.replace(paths.practiceRun(codeOf({ id: practice.id, seed: anySeed() })));
    else if (after) router.replace(paths.practiceRun(codeOf({ id: after, seed: anySeed() })));
    else onAgain();
  };
  const onwardLabel =
    dearest && practice.id !== 'free'
      ? practiceSays.tryAgain
      : after
        ? practiceSays.nextTask(TASK_WORDS[after].name)
        : practiceSays.again;
  return (
    <Screen
      actions={
        <>
          <Button
            wet
            label={practiceSays.practice}
            onPress={() => router.navigate(paths.practice)}
          />
          <Button wet kind="main" grow label={onwardLabel} onPress={onward} />
        </>
      }
    >
      <Say size="huge" face="slab" heading={1}>
        {practiceSays.ended}
      </Say>
      {outcomeLines(played.outcome, formats).map((line) => (
        <Say key={line}>{line}</Say>
      ))}
      <View style={wide ? styles.wide : styles.narrow}>
        <View style={wide ? styles.column : styles.narrowColumn}>
          <Say size="large" face="slab" heading={2}>
            {practiceSays.costs}
          </Say>
          <View role="status" aria-live="polite">
            {whole && costs.length === 0 ? <Say>{practiceSays.noMistake}</Say> : null}
            {whole ? null : <Say tone="soft">{practiceSays.workingOut}</Say>}
          </View>
          {costs.map((cost) => (
            <CostPart key={cost.kind} cost={cost} />
          ))}
          {rights.length > 0 ? (
            <Say size="large" face="slab" heading={2}>
              {practiceSays.wellDone}
            </Say>
          ) : null}
          {rights.map((right) => (
            <Say key={right}>{`✓ ${RIGHT_WORDS[right]}`}</Say>
          ))}
          <Say size="large" face="slab" heading={2}>
            {practiceSays.tryNext}
          </Say>
          <Say>
            {dearest
              ? MISTAKE_WORDS[dearest.kind].next
              : after
                ? practiceSays.nextTask(TASK_WORDS[after].name)
                : practiceSays.allDone}
          </Say>
          {code ? (
            <Say
              size="small"
              tone="soft"
            >{`${practiceSays.yourCode(code)}. ${practiceSays.codeIsFor}`}</Say>
          ) : null}
          {whole ? <KeepResult opened={opened} played={played} costs={costs} /> : null}
        </View>
        <View style={wide ? styles.column : styles.narrowColumn}>
          {practice.start.profile.ph && practice.crop.ph !== undefined ? (
            <TrueLine start={practice.start} end={played.world} />
          ) : null}
          <Say size="large" face="slab" heading={2}>
            {practiceSays.done}
          </Say>
          {withoutWaiting(played, practice).map((one, at) => (
            <DoneLine key={at} one={one} withMistakes />
          ))}
          {onwardLabel === practiceSays.again ? null : (
            <Button label={practiceSays.again} onPress={onAgain} />
          )}
        </View>
      </View>
    </Screen>
  );
}

const styles = StyleSheet.create({
  wide: { flexDirection: 'row', gap: space.s6 },
  narrow: { gap: space.s4 },
  column: { flex: 1, gap: space.s2, minWidth: 0 },
  narrowColumn: { gap: space.s2 },
});
