import { useRouter } from 'expo-router';
import type { TankAnswer } from '@/book/answers';
import { usualSample, type Sample } from '@/records/samples';
import { useKeyHint } from '@/shell/keys/useKeyHint';
import { paths } from '@/shell/navigation/paths';
import { Button } from '@/ui/button';
import { commonSays } from '@/words/common';
import { tankSays } from '@/words/tanks/tank';

interface Props {
  readonly tank: TankAnswer;
  /** Which sample is looked at, where one was chosen. */
  readonly chosen: Sample | undefined;
}

/** What is done with a tank; a place without one is only read. */
export function TankActions({ tank, chosen }: Props) {
  const router = useRouter();
  const hint = useKeyHint();
  const { id, body } = tank;
  const sample = chosen ? { sample: chosen } : {};
  return (
    <>
      {usualSample(body) === 'tank' ? (
        <>
          <Button
            wet
            label={commonSays.dose}
            keyHint={hint('D')}
            onPress={() => router.navigate(paths.dose(id))}
          />
          <Button wet label={tankSays.topUp} onPress={() => router.navigate(paths.topUp(id))} />
        </>
      ) : null}
      <Button
        kind="main"
        wet
        grow
        label={commonSays.read}
        keyHint={hint('R')}
        onPress={() => router.navigate(paths.read({ tank: id, ...sample }))}
      />
    </>
  );
}
