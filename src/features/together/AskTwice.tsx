import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button } from '@/ui/button';
import { Panel } from '@/ui/layout';
import { Say } from '@/ui/text';
import { space } from '@/ui/tokens';

interface Props {
  readonly label: string;
  /** A longer name for screen readers. */
  readonly name?: string;
  /** What it will do, said before it is done. */
  readonly really: string;
  readonly not: string;
  readonly onYes: () => Promise<unknown>;
}

/** A press that cannot be taken back: what it does is said, then it is pressed once more. */
export function AskTwice({ label, name, really, not, onYes }: Props) {
  const [asked, setAsked] = useState(false);
  if (!asked)
    return <Button kind="text" label={label} name={name ?? label} onPress={() => setAsked(true)} />;
  return (
    <Panel>
      <Say>{really}</Say>
      <View style={styles.both}>
        <Button
          label={label}
          onPress={async () => {
            await onYes();
            setAsked(false);
          }}
        />
        <Button kind="text" label={not} onPress={() => setAsked(false)} />
      </View>
    </Panel>
  );
}

const styles = StyleSheet.create({
  both: { flexDirection: 'row', flexWrap: 'wrap', gap: space.s3 },
});
