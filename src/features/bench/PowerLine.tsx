import { useState } from 'react';
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import type { PenAnswer } from '@/book/answers';
import { useNowMs } from '@/book/react';
import { MINUTE_MS } from '@/core/units';
import { switchesOffMs, type BenchPlan } from '@/core/procedure';
import { useFormats } from '@/shell/formats';
import { paths } from '@/shell/navigation/paths';
import { Button } from '@/ui/button';
import { Say } from '@/ui/text';
import { ageingSays } from '@/words/bench/ageing';
import { cupName } from '@/words/bench/cupWords';
import { losesPoints, offJustNow, pressOf, timesOf } from './power';
import type { Bench } from './useBench';

interface Props {
  readonly pen: PenAnswer;
  readonly bench: Bench;
  readonly plan: BenchPlan;
}

const TICK_MS = 5000;

/** When the pen switches itself off, counted down, or what that cost. */
export function PowerLine({ pen, bench, plan }: Props) {
  const formats = useFormats();
  const nowMs = useNowMs(TICK_MS);
  const off = offJustNow(bench.draft.events);
  const offMs = switchesOffMs(timesOf(bench.draft), pressOf(pen, plan.quantity)?.autoOffMinutes);
  if (off)
    return (
      <View role="status">
        <Say size="small" tone="attention" bold>
          {off === 'lost'
            ? ageingSays.offLost(cupName(plan.cups[0]!, formats))
            : ageingSays.offKept}
        </Say>
      </View>
    );
  if (offMs === undefined) return null;
  const minutes = (offMs - nowMs) / MINUTE_MS;
  return (
    <Say size="small" tone={minutes < 1 ? 'attention' : 'soft'}>
      {offMs <= nowMs
        ? ageingSays.offByNow
        : minutes < 1
          ? ageingSays.offSoon
          : ageingSays.offIn(Math.ceil(minutes))}
    </Say>
  );
}

/** What can happen at every step: the pen goes off by itself, or the check is to begin anew, or not at all. */
export function SittingTroubles({ pen, bench, plan }: Props) {
  const router = useRouter();
  const [open, setOpen] = useState(false);
  const discard = async () => {
    await bench.giveUp();
    router.replace(paths.pen(pen.id));
  };
  return (
    <View>
      <Button
        kind="text"
        label={ageingSays.switchedOff}
        onPress={() => bench.switchedOff(losesPoints(pen, plan.quantity))}
      />
      <Button kind="text" label={ageingSays.beginAnewOrDiscard} onPress={() => setOpen(!open)} />
      {open ? (
        <>
          <Button label={ageingSays.beginAnew} onPress={bench.beginAnew} />
          <Button label={ageingSays.discard} onPress={discard} />
        </>
      ) : null}
    </View>
  );
}
