import { useBack } from '@/shell/navigation/useBack';
import { useNowMs } from '@/book/react';
import { Button } from '@/ui/button';
import { Screen } from '@/ui/layout';
import { Say } from '@/ui/text';
import { dueTime } from '@/words';
import { commonSays } from '@/words/common';
import { prepareSays } from '@/words/bench/prepare';

interface Props {
  readonly code: string;
  readonly untilMs: number;
  readonly onTakenOut: () => void;
}

/** A check of a probe that stands in its soak: asked before anything else. */
export function InItsSoak({ code, untilMs, onTakenOut }: Props) {
  const back = useBack();
  const nowMs = useNowMs();
  return (
    <Screen
      actions={
        <>
          <Button wet label={commonSays.back} onPress={back} />
          <Button kind="main" wet grow label={prepareSays.soakEnds} onPress={onTakenOut} />
        </>
      }
    >
      <Say size="huge" face="slab" heading={1}>
        {prepareSays.check(code)}
      </Say>
      <Say bold>{prepareSays.inItsSoak(dueTime(untilMs, nowMs))}</Say>
      <Say>{prepareSays.soakHint}</Say>
    </Screen>
  );
}
