import { View } from 'react-native';
import { Button } from '@/ui/button';
import { HowFar } from '@/ui/layout';
import { Say } from '@/ui/text';
import { makingSays } from '@/words/bookfile/making';
import type { useSaveReadable } from './saveReadable';

/** How far the saving of everything readable is, with a way to stop it; then what came of it. */
export function SavingReadable({
  rescue,
}: {
  readonly rescue: ReturnType<typeof useSaveReadable>;
}) {
  const { told, making, stop } = rescue;
  return (
    <>
      {making === undefined ? null : (
        <HowFar said={makingSays.makingTheFile(Math.round(100 * making))} share={making}>
          <Button kind="text" label={makingSays.stop} onPress={stop} />
        </HowFar>
      )}
      <View role="status" aria-live="polite">
        {told ? <Say size="small">{told}</Say> : null}
      </View>
    </>
  );
}
