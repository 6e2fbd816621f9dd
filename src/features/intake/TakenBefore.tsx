import { useRef, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { thisMoment } from '@/book/client';
import { questions, useAnswer, useBook } from '@/book/react';
import { Button } from '@/ui/button';
import { Say } from '@/ui/text';
import { space } from '@/ui/tokens';
import { dayMonthYear } from '@/words';
import { intakeSays } from '@/words/intake/intake';
import type { ActId } from '@/records';

/** Tables that were taken in, newest first: each can be taken back whole, however long ago. */
export function TakenBefore() {
  const { client, acts } = useBook();
  const { data: intakes = [] } = useAnswer(questions.intakes());
  const [said, setSaid] = useState('');
  /** Pressed twice it is taken back once. */
  const going = useRef(false);
  const takeBack = async (actId: ActId): Promise<void> => {
    if (going.current) return;
    going.current = true;
    setSaid(intakeSays.takingBack);
    try {
      const { ok } = await client.undo(actId, thisMoment());
      setSaid(ok ? intakeSays.takenBack : intakeSays.changedSince);
    } catch (error) {
      setSaid('');
      acts.fail(error, () => takeBack(actId));
    } finally {
      going.current = false;
    }
  };
  return (
    <View style={styles.list}>
      {intakes.length > 0 ? (
        <Say size="large" face="slab" heading={2}>
          {intakeSays.before}
        </Say>
      ) : null}
      {intakes.map(({ id, actId, atMs, file, taken, subject }) => (
        <View key={id} style={styles.row}>
          <View style={styles.words}>
            <Say size="small" bold>
              {intakeSays.beforeLine(file, taken, subject)}
            </Say>
            <Say size="tiny" tone="soft">
              {dayMonthYear(atMs)}
            </Say>
          </View>
          <Button
            label={intakeSays.takeBack}
            name={intakeSays.takeBackOf(file)}
            onPress={() => takeBack(actId)}
          />
        </View>
      ))}
      <View role="status" aria-live="polite">
        {said ? <Say size="small">{said}</Say> : null}
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  list: { gap: space.s2 },
  row: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: space.s3 },
  words: { flex: 1, minWidth: 180 },
});
