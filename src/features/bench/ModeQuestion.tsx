import { useRouter } from 'expo-router';
import { inWalk, paths } from '@/shell/navigation/paths';
import { useWalking } from '@/shell/navigation/useWalking';
import { Choice } from '@/ui/form';
import { prepareSays } from '@/words/bench/prepare';
import type { Bench } from './useBench';
import type { PenId } from '@/records';

interface Props {
  readonly penId: PenId;
  readonly quantity: 'ph' | 'ec';
  readonly bench: Bench;
}

/** What a pen with two modes is set to now; one bottle for both is the sitting of its pH side. */
export function ModeQuestion({ penId, quantity, bench }: Props) {
  const router = useRouter();
  const walking = useWalking();
  const usual = quantity === 'ph' ? 'oneBottle' : 'points';
  const choose = (mode: 'oneBottle' | 'points') => {
    const href = paths.bench(penId, { quantity: 'ph' });
    if (quantity === 'ec' && mode === 'oneBottle')
      return router.replace(walking ? inWalk(href) : href);
    bench.change({ mode });
  };
  return (
    <Choice
      label={prepareSays.whatIsItSetTo}
      value={bench.draft.mode ?? usual}
      onChoose={choose}
      options={[
        { value: 'oneBottle', label: prepareSays.setToOneBottle, hint: prepareSays.oneBottleHint },
        { value: 'points', label: prepareSays.setToPoints, hint: prepareSays.pointsHint },
      ]}
    />
  );
}
