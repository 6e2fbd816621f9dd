import { useSyncExternalStore } from 'react';
import { StyleSheet, View } from 'react-native';
import { useBook } from '@/book/react';
import { Button } from '@/ui/button';
import { Say } from '@/ui/text';
import { color, space } from '@/ui/tokens';
import type { Done } from '@/acts';
import { actFailureSentence } from '@/words';
import { doneSentence } from '@/words/acts/doneSentence';
import { commonSays } from '@/words/common';
import { frameSays } from '@/words/frame/frame';

const saidOf = (done: Done | string) => (typeof done === 'string' ? done : doneSentence(done));

/** The line over the places: what was just done, with the way back; or that it failed, and why. */
export function ActLine() {
  const { acts } = useBook();
  const notice = useSyncExternalStore(acts.subscribe, acts.current);
  if (!notice) return null;
  if (notice.kind === 'failed')
    return (
      <View role="alert" style={[styles.line, styles.failed]}>
        <Say size="small" bold tone="off" style={styles.why}>
          {actFailureSentence(notice.error)}
        </Say>
        <Button label={commonSays.leaveIt} onPress={notice.leave} />
        <Button kind="main" grow label={commonSays.tryAgain} onPress={notice.again} />
      </View>
    );
  const words = {
    going: frameSays.saving,
    done: notice.kind === 'done' ? saidOf(notice.done) : '',
    takenBack: frameSays.takenBack,
    changedSince: frameSays.notTakenBack,
  }[notice.kind];
  return (
    <View role="status" aria-live="polite" style={styles.line}>
      <Say size="small" style={styles.words}>
        {words}
      </Say>
      {notice.kind === 'done' ? <Button label={commonSays.undo} onPress={acts.undo} /> : null}
    </View>
  );
}

const styles = StyleSheet.create({
  line: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    alignItems: 'center',
    gap: space.s2,
    paddingHorizontal: space.s4,
    paddingVertical: space.s1,
    backgroundColor: color.actionWash,
    borderTopWidth: 1,
    borderTopColor: color.edge,
  },
  failed: {
    paddingVertical: space.s2,
    backgroundColor: color.panel,
    borderTopWidth: 4,
    borderTopColor: color.off,
  },
  words: { flexGrow: 1, flexBasis: 200 },
  why: { width: '100%' },
});
