import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { skipStop } from '@/acts';
import type { RoundStop } from '@/book/answers';
import { thisMoment } from '@/book/client';
import { useAct } from '@/book/react';
import { SKIP_REASONS } from '@/records/samples';
import { useFormats } from '@/shell/formats';
import { Button } from '@/ui/button';
import { Panel } from '@/ui/layout';
import { Say } from '@/ui/text';
import { space } from '@/ui/tokens';
import { roundSays } from '@/words/round/round';
import { SKIP_WORD, stopName } from '@/words/round/stopWords';

/** Passing the next stop by for today: one press, and one more says why. */
export function NotToday({ stop }: { readonly stop: RoundStop }) {
  const formats = useFormats();
  const { act, busy } = useAct();
  const [open, setOpen] = useState(false);
  if (!open) return <Button kind="text" label={roundSays.notToday} onPress={() => setOpen(true)} />;
  return (
    <Panel tone="wash">
      <Say bold>{roundSays.whyNotToday(stopName(stop, formats))}</Say>
      <View style={styles.reasons}>
        {SKIP_REASONS.map((why) => (
          <Button
            key={why}
            label={SKIP_WORD[why]}
            disabled={busy}
            onPress={() => act(skipStop(stop.key, why, new Date(thisMoment().nowMs).toISOString()))}
          />
        ))}
      </View>
    </Panel>
  );
}

const styles = StyleSheet.create({ reasons: { gap: space.s2 } });
