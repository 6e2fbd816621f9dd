import { useBack } from '@/shell/navigation/useBack';
import { Button } from '@/ui/button';
import { commonSays } from '@/words/common';
import type { WayOn } from './wayOn';
import { WayOnButton } from './WayOnButton';

interface Props {
  /** What is booked as poured; absent where nothing is planned. */
  readonly label: string | undefined;
  readonly busy: boolean;
  readonly onPour: () => unknown;
  /** Where it goes on instead, where nothing is planned. */
  readonly wayOn?: WayOn | undefined;
}

/** Back, and booking what was poured, or the way on where nothing is planned. */
export function PourBar({ label, busy, onPour, wayOn }: Props) {
  const back = useBack();
  return (
    <>
      <Button wet label={commonSays.back} onPress={back} />
      <WayOnButton wayOn={wayOn} />
      {label ? (
        <Button kind="main" wet grow label={label} disabled={busy} onPress={onPour} />
      ) : null}
    </>
  );
}
