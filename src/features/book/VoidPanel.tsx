import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { voidEntry, type Known } from '@/acts';
import { useAct } from '@/book/react';
import type { Kind } from '@/records/kinds';
import { Button } from '@/ui/button';
import { TextField } from '@/ui/form';
import { Panel } from '@/ui/layout';
import { Say } from '@/ui/text';
import { space } from '@/ui/tokens';

interface Props {
  readonly kind: Kind;
  readonly known: Known;
  readonly onDone: () => void;
}

/** Takes an entry out of all judging, with why; it stays readable. */
export function VoidPanel({ kind, known, onDone }: Props) {
  const { act, busy } = useAct();
  const [why, setWhy] = useState('');
  const [tried, setTried] = useState(false);
  const save = async () => {
    setTried(true);
    if (why.trim() === '') return;
    if (await act(voidEntry(kind, known, why))) onDone();
  };
  return (
    <Panel tone="wash">
      <Say bold>It should never have been?</Say>
      <Say size="small">
        Once voided it counts nowhere any more. It stays readable in the Book, with who, when and
        why.
      </Say>
      <TextField
        label="Why?"
        hint="booked twice, wrong cup…"
        typed={why}
        onType={setWhy}
        message={
          tried && why.trim() === ''
            ? { text: 'A word on what was wrong, for who reads it.' }
            : undefined
        }
      />
      <View style={styles.row}>
        <Button label="Leave it as it is" onPress={onDone} />
        <Button kind="main" label="Void the entry" disabled={busy} onPress={save} />
      </View>
    </Panel>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.s2, paddingTop: space.s2 },
});
