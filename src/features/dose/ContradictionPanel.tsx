import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { takeWhatFits } from '@/acts';
import type { Contradiction } from '@/book/answers';
import { useAct } from '@/book/react';
import { useFormats } from '@/shell/formats';
import { Button } from '@/ui/button';
import { Panel } from '@/ui/layout';
import { Say } from '@/ui/text';
import { contradictionWords } from '@/words/dose/doseWords';
import { paths } from '@/shell/navigation/paths';
import { doseSays } from '@/words/dose/dose';
import type { TankId } from '@/records';

interface Props {
  readonly tankId: TankId;
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
          {doseSays.stopThisDoesNotFit}
        </Say>
        <Say>{contradictionWords(contradiction, formats)}</Say>
      </View>
      <Button
        wet
        label={doseSays.planFromWhatFits}
        disabled={busy}
        onPress={() => act(takeWhatFits(contradiction.dose))}
      />
      <Button
        kind="text"
        label={doseSays.putTheWatersNumbersRight}
        onPress={() => router.navigate(paths.waters)}
      />
      <Button
        kind="text"
        label={doseSays.jarTest}
        onPress={() => router.navigate(paths.jar(tankId))}
      />
    </Panel>
  );
}
