import { useRouter } from 'expo-router';
import { useState } from 'react';
import type { PenAnswer } from '@/book/answers';
import {
  lastReadMs,
  lastWorkedMs,
  outcomeSoFar,
  type BenchPlan,
  type SittingAge,
} from '@/core/procedure';
import { useFormats } from '@/shell/formats';
import { paths } from '@/shell/navigation/paths';
import { Button } from '@/ui/button';
import { Choice } from '@/ui/form';
import { Panel, Screen } from '@/ui/layout';
import { Say } from '@/ui/text';
import { clock, shortDay } from '@/words';
import { ageingSays } from '@/words/bench/ageing';
import { commonSays } from '@/words/common';
import { DipTables } from './DipTable';
import { losesPoints, timesOf } from './power';
import type { Bench } from './useBench';

interface Props {
  readonly pen: PenAnswer;
  readonly bench: Bench;
  readonly plan: BenchPlan;
  readonly age: Exclude<SittingAge, 'going'>;
  readonly nowMs: number;
}

/** A check that was left for long: what is still so, and how to go on. */
export function AgedStep({ pen, bench, plan, age, nowMs }: Props) {
  const router = useRouter();
  const formats = useFormats();
  const [sameTemp, setSameTemp] = useState<'yes' | 'no'>('yes');
  const [off, setOff] = useState<'yes' | 'no'>('no');
  const { events } = bench.draft;
  const times = timesOf(bench.draft);
  const readMs = lastReadMs(events);
  const loses = losesPoints(pen, plan.quantity);
  const canGoOn = age === 'left' && sameTemp === 'yes';
  const goOn = () => {
    if (off === 'yes') bench.switchedOff(loses);
    bench.resume();
  };
  const keep = () => bench.keepWhatWasFound(outcomeSoFar(plan, events));
  const discard = async () => {
    await bench.giveUp();
    router.replace(paths.pen(pen.id));
  };
  return (
    <Screen
      actions={
        <>
          <Button wet label={ageingSays.discard} onPress={discard} />
          {canGoOn ? (
            <Button kind="main" wet grow label={ageingSays.goOn} onPress={goOn} />
          ) : (
            <Button
              kind="main"
              wet
              grow
              label={readMs === undefined ? ageingSays.beginAnew : ageingSays.keepFound}
              onPress={readMs === undefined ? bench.beginAnew : keep}
            />
          )}
        </>
      }
    >
      <Say size="huge" face="slab" heading={1}>
        {ageingSays.leftFor(pen.body.code, nowMs - lastWorkedMs(times))}
      </Say>
      <Say>{age === 'over' ? ageingSays.over : ageingSays.leftHint}</Say>
      {age === 'left' ? (
        <>
          <Choice
            label={ageingSays.stillAt(formats.temp(plan.tempC))}
            value={sameTemp}
            onChoose={setSameTemp}
            options={[
              { value: 'yes', label: commonSays.yes, hint: ageingSays.stillAtHint },
              { value: 'no', label: commonSays.no, hint: ageingSays.otherHint },
            ]}
          />
          <Choice
            label={ageingSays.didItSwitchOff}
            value={off}
            onChoose={setOff}
            options={[
              { value: 'no', label: commonSays.no },
              {
                value: 'yes',
                label: commonSays.yes,
                ...(loses ? { hint: ageingSays.itLostPoints } : {}),
              },
            ]}
          />
        </>
      ) : null}
      {readMs === undefined ? null : (
        <Panel>
          {canGoOn ? null : (
            <Say>{ageingSays.foundStays(`${shortDay(readMs)}, ${clock(readMs)}`)}</Say>
          )}
          <DipTables plan={plan} draft={bench.draft} />
        </Panel>
      )}
    </Screen>
  );
}
