import { View } from 'react-native';
import { leaveStanding } from '@/acts';
import { thisMoment } from '@/book/client';
import { useAct } from '@/book/react';
import { SPOT_SAMPLES, STANDS_MINUTES, type Sample } from '@/records/samples';
import { Button } from '@/ui/button';
import { Panel } from '@/ui/layout';
import { Say } from '@/ui/text';
import { clock } from '@/words';
import { spotSays } from '@/words/tanks/spot';
import type { TankId } from '@/records';

interface Props {
  readonly tankId: TankId;
  readonly sample: Sample;
  /** Until when it stands, epoch ms, where it was left to. */
  readonly untilMs: number | undefined;
  readonly nowMs: number;
}

/** That a sample stands before it is read, and its timer; nothing for one that is read at once. */
export function StandingLine({ tankId, sample, untilMs, nowMs }: Props) {
  const { act, busy } = useAct();
  const minutes = STANDS_MINUTES[sample];
  const kind = SPOT_SAMPLES.find((each) => each === sample);
  if (minutes === undefined || kind === undefined) return null;
  const start = () => act(leaveStanding({ tankId, sample: kind }, minutes, thisMoment().nowMs));
  return (
    <Panel tone="wash">
      <View role="status" aria-live="polite">
        <Say size="small" bold={untilMs !== undefined}>
          {untilMs === undefined
            ? spotSays.standsFor(minutes)
            : nowMs < untilMs
              ? spotSays.standsUntil(clock(untilMs))
              : spotSays.standsLongEnough}
        </Say>
      </View>
      {untilMs === undefined ? (
        <Button label={spotSays.start(minutes)} disabled={busy} onPress={start} />
      ) : null}
    </Panel>
  );
}
