import { StyleSheet, View } from 'react-native';
import { TICKS_PER_S } from '@/core/simulated-pen';
import { useFormats } from '@/shell/formats';
import { Say } from '@/ui/text';
import { color, space } from '@/ui/tokens';
import { minutesSeconds } from '@/words';
import { actWords } from '@/words/practice/actWords';
import { practiceSays } from '@/words/practice/benchWords';
import { MISTAKE_WORDS } from '@/words/practice/mistakeWords';
import type { DoneAct, Run } from './useRun';

/** What was done in order, newest first; with its mistakes where help is wanted. */
export function DoneList({
  run,
  withMistakes,
}: {
  readonly run: Run;
  readonly withMistakes: boolean;
}) {
  return (
    <View style={styles.list}>
      <Say size="large" face="slab" heading={2}>
        {practiceSays.done}
      </Say>
      {run.done.length === 0 ? (
        <Say size="small" tone="soft">
          {practiceSays.nothingYet}
        </Say>
      ) : null}
      {[...run.done].reverse().map((one, at) => (
        <DoneLine key={run.done.length - at} one={one} withMistakes={withMistakes} />
      ))}
    </View>
  );
}

/** One act with its time; red and said in words where it was a mistake. */
export function DoneLine({
  one,
  withMistakes,
}: {
  readonly one: DoneAct;
  readonly withMistakes: boolean;
}) {
  const formats = useFormats();
  const wrong = withMistakes && one.mistakes.length > 0;
  return (
    <View style={styles.line}>
      <Say size="small" face="mono" tone="soft" style={styles.time}>
        {minutesSeconds(one.tick / TICKS_PER_S)}
      </Say>
      <View style={styles.what}>
        <Say size="small">{actWords(one.act, one.after, formats)}</Say>
        {wrong
          ? one.mistakes.map((kind) => (
              <Say key={kind} size="small" tone="off" bold>
                {MISTAKE_WORDS[kind].did}
              </Say>
            ))
          : null}
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  list: { gap: space.s2 },
  line: {
    flexDirection: 'row',
    gap: space.s3,
    paddingVertical: space.s1,
    borderBottomWidth: 1,
    borderBottomColor: color.edge,
  },
  time: { width: 64 },
  what: { flex: 1, minWidth: 0 },
});
