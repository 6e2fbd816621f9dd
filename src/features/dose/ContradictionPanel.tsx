import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { takeWhatFits } from '@/acts';
import type { Contradiction } from '@/book/answers';
import { useAct } from '@/book/react';
import { useFormats } from '@/shell/formats';
import { Button } from '@/ui/button';
import { Panel } from '@/ui/layout';
import { Say } from '@/ui/text';
import { contradictionWords } from './doseWords';
import { paths } from '@/shell/navigation/paths';

interface Props {
  readonly tankId: string;
  readonly contradiction: Contradiction;
}

/** Stop: two readings do not fit what is told. What fits, and the ways on. */
export function ContradictionPanel({ tankId, contradiction }: Props) {
  const router = useRouter();
  const formats = useFormats();
  const { act, busy } = useAct();
  return (
    <Panel tone="wash">
      <View role="status" aria-live="polite">
        <Say size="large" face="slab">
          Stop: this does not fit.
        </Say>
        <Say>{contradictionWords(contradiction, formats)}</Say>
      </View>
      <Button
        wet
        label="Plan from what fits"
        disabled={busy}
        onPress={() => act(takeWhatFits(contradiction.dose))}
      />
      <Button
        kind="text"
        label="Put the water’s numbers right"
        onPress={() => router.navigate(paths.waters)}
      />
      <Button kind="text" label="Jar test" onPress={() => router.navigate(paths.jar(tankId))} />
    </Panel>
  );
}
