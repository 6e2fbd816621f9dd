import type { BenchAnswer, PenAnswer } from '@/book/answers';
import { soakBefore, type BenchPlan } from '@/core/procedure';
import { Button } from '@/ui/button';
import { Panel, Screen } from '@/ui/layout';
import { Say } from '@/ui/text';
import { decideSays, foundSentence } from '@/words/bench/decide';
import { commonSays } from '@/words/common';
import { CupsStrip } from './CupsStrip';
import { DipTables } from './DipTable';
import { FoundLookBack } from './FoundLookBack';
import type { Bench } from './useBench';

const MAIN = { kind: 'main', wet: true, grow: true } as const;
const QUIET = { wet: true } as const;

interface Props {
  readonly answer: BenchAnswer;
  readonly pen: PenAnswer;
  readonly bench: Bench;
  readonly plan: BenchPlan;
  readonly good: boolean;
}

/** After the as-found readings: finish when all are good, adjust when not. */
export function FoundStep({ answer, pen, bench, plan, good }: Props) {
  const { code } = pen.body;
  const { events, afterCleaning = false } = bench.draft;
  const lastCup = plan.cups.at(-1);
  const farPastAge = answer.isFarPastAge === true;
  const first = good ? undefined : soakBefore({ plan, events }, { farPastAge, afterCleaning });
  // What is advised stands under the thumb.
  const toLeave = good || first !== undefined;
  const leave = (
    <Button
      key="leave"
      {...(toLeave ? MAIN : QUIET)}
      label={commonSays.leaveItAsItIs}
      onPress={() => bench.add({ type: 'leave' })}
    />
  );
  const adjust = plan.adjustable ? (
    <Button
      key="adjust"
      {...(toLeave ? QUIET : MAIN)}
      label={good ? decideSays.adjustAnyway : decideSays.nowAdjust(code)}
      onPress={() => bench.add({ type: 'adjust' })}
    />
  ) : null;
  return (
    <Screen actions={toLeave ? [adjust, leave] : [leave, adjust]}>
      <CupsStrip plan={plan} events={events} />
      <Say size="huge" face="slab" heading={1}>
        {good ? decideSays.isInTolerance(code) : decideSays.isOutOfTolerance(code)}
      </Say>
      <Say>
        {foundSentence({
          good,
          adjustable: plan.adjustable,
          hasReadings: answer.hasReadings,
          adjustNow: first === undefined,
        })}
      </Say>
      {first ? (
        <Panel tone="caution">
          <Say bold>{decideSays[first]}</Say>
        </Panel>
      ) : null}
      <Panel>
        <DipTables plan={plan} draft={bench.draft} />
      </Panel>
      <FoundLookBack plan={plan} draft={bench.draft} good={good} />
      {lastCup ? (
        <Button
          kind="text"
          label={decideSays.iMistyped}
          onPress={() => bench.add({ type: 'repeat', phase: 'asFound', cupId: lastCup.id })}
        />
      ) : null}
    </Screen>
  );
}
