import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { noteTrouble } from '@/trouble';
import { Button } from '@/ui/button';
import { Panel } from '@/ui/layout';
import { Say } from '@/ui/text';
import { space } from '@/ui/tokens';
import { togetherSays } from '@/words/together/together';

interface Props {
  readonly label: string;
  /** A longer name for screen readers. */
  readonly name?: string;
  /** What it will do, said before it is done. */
  readonly really: string;
  readonly not: string;
  /** Does it; answers why it was not done, where it was not. */
  readonly onYes: () => Promise<string | undefined>;
}

/** A press that cannot be taken back: what it does is said, then it is pressed once more. */
export function AskTwice({ label, name, really, not, onYes }: Props) {
  const [asked, setAsked] = useState(false);
  const [failed, setFailed] = useState<string>();
  const [isDoing, setIsDoing] = useState(false);
  const act = async () => {
    setIsDoing(true);
    try {
      const why = await onYes();
      setFailed(why);
      setAsked(why !== undefined);
    } catch (error) {
      noteTrouble(label, error);
      setFailed(togetherSays.notKept);
    } finally {
      setIsDoing(false);
    }
  };
  if (!asked)
    return <Button kind="text" label={label} name={name ?? label} onPress={() => setAsked(true)} />;
  return (
    <Panel>
      <Say>{really}</Say>
      <View role="status">{failed ? <Say tone="attention">{failed}</Say> : null}</View>
      <View style={styles.both}>
        <Button label={label} disabled={isDoing} onPress={act} />
        <Button kind="text" label={not} onPress={() => setAsked(false)} />
      </View>
    </Panel>
  );
}

const styles = StyleSheet.create({
  both: { flexDirection: 'row', flexWrap: 'wrap', gap: space.s3 },
});
