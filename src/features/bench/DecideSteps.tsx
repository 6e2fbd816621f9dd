import type { PenAnswer } from '@/book/answers';
import {
  dipReading,
  isCleanedFirst,
  judgeDip,
  type BenchPlan,
  type BenchStep,
} from '@/core/procedure';
import { useFormats } from '@/shell/formats';
import { Button } from '@/ui/button';
import { Panel, Screen } from '@/ui/layout';
import { Say } from '@/ui/text';
import { commonSays } from '@/words/common';
import { decideSays } from '@/words/bench/decide';
import { cupName, errorWords } from '@/words/bench/benchWords';
import { CupsStrip } from './CupsStrip';
import { CleaningSteps } from './CleaningSteps';
import { DipTable } from './DipTable';
import { FoundLookBack } from './FoundLookBack';
import { SittingTroubles } from './PowerLine';
import { missHelp } from '@/words/bench/missWords';
import type { Bench } from './useBench';

interface Common {
  readonly pen: PenAnswer;
  readonly bench: Bench;
  readonly plan: BenchPlan;
}

const MAIN = { kind: 'main', wet: true, grow: true } as const;
const QUIET = { wet: true } as const;

/** After the as-found readings: finish when all are good, adjust when not. */
export function FoundStep({ pen, bench, plan, good }: Common & { readonly good: boolean }) {
  const { code } = pen.body;
  const { events } = bench.draft;
  const lastCup = plan.cups.at(-1);
  const cleanFirst = !good && isCleanedFirst(plan, events);
  // What is advised stands under the thumb.
  const toLeave = good || cleanFirst;
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
    <Screen
      actions={
        <>
          {toLeave ? adjust : leave}
          {toLeave ? leave : adjust}
        </>
      }
    >
      <CupsStrip plan={plan} events={events} />
      <Say size="huge" face="slab" heading={1}>
        {good ? decideSays.isInTolerance(code) : decideSays.isOutOfTolerance(code)}
      </Say>
      <Say>
        {!good
          ? cleanFirst
            ? decideSays.corrected
            : decideSays.correctedNowAdjust
          : plan.adjustable
            ? decideSays.nothingToAdjust
            : decideSays.readOnlyAndGood}
      </Say>
      {cleanFirst ? (
        <Panel tone="caution">
          <Say bold>{decideSays.cleanAndSoakFirst}</Say>
        </Panel>
      ) : null}
      <Panel>
        <DipTable plan={plan} events={events} />
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

/** What the button offers after so many misses; after a missed confirmation the point is set anew. */
const LADDER = [
  { label: decideSays.repeatThisPoint, anew: decideSays.setAnew, after: undefined },
  { label: decideSays.cleanedRepeat, anew: () => decideSays.cleanedSetAnew, after: 'cleaning' },
  {
    label: decideSays.freshPortionRepeat,
    anew: () => decideSays.freshPortionSetAnew,
    after: 'freshPortion',
  },
  { label: decideSays.repeatOnceMore, anew: decideSays.setAnew, after: undefined },
] as const;

/** A point that missed: repeat it or accept the miss. */
export function MissedStep({
  pen,
  bench,
  plan,
  step,
}: Common & { readonly step: Extract<BenchStep, { kind: 'missed' }> }) {
  const formats = useFormats();
  const { phase, cup, attempt } = step;
  const { reading } = dipReading(bench.draft.events, phase, cup.id);
  const error = reading ? judgeDip(plan, cup, phase, reading.shown).error : 0;
  const at = { phase, cupId: cup.id };
  const rung = LADDER[Math.min(attempt, LADDER.length) - 1]!;
  const anew = phase === 'confirm';
  const name = cupName(cup, formats);
  const others = plan.cups.filter(({ id }) => id !== cup.id).map((one) => cupName(one, formats));
  return (
    <Screen
      actions={
        <>
          <Button
            wet
            label={decideSays.acceptTheMiss}
            onPress={() => bench.add({ type: 'accept', ...at })}
          />
          <Button
            kind="main"
            wet
            grow
            label={anew ? rung.anew(name) : rung.label}
            onPress={() => bench.again(at, rung.after)}
          />
        </>
      }
    >
      <CupsStrip plan={plan} events={bench.draft.events} now={at} />
      <Say size="huge" face="slab" heading={1}>
        {decideSays.stateOfCup(name, errorWords(plan, error, formats))}
      </Say>
      <Say>{missHelp(plan.quantity, attempt)}</Say>
      {anew && others.length > 0 ? <Say>{decideSays.untilAllHold(others.join(', '))}</Say> : null}
      {rung.after === 'cleaning' ? <CleaningSteps quantity={plan.quantity} /> : null}
      <Say size="small" tone="soft">
        {decideSays.ifAccepted}
      </Say>
      <Panel>
        <DipTable plan={plan} events={bench.draft.events} />
      </Panel>
      <SittingTroubles {...{ pen, bench, plan }} />
    </Screen>
  );
}
