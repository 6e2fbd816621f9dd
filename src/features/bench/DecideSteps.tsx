import type { BenchAnswer, PenAnswer } from '@/book/answers';
import {
  dipReading,
  isCleanedFirst,
  judgeDip,
  type BenchPlan,
  type BenchStep,
  type SittingSide,
} from '@/core/procedure';
import { useFormats } from '@/shell/formats';
import { Button } from '@/ui/button';
import { Panel, Screen } from '@/ui/layout';
import { Say } from '@/ui/text';
import { commonSays } from '@/words/common';
import { decideSays } from '@/words/bench/decide';
import { errorWords } from '@/words/bench/benchWords';
import { cupName } from '@/words/bench/cupWords';
import { CupsStrip } from './CupsStrip';
import { CleaningSteps } from './CleaningSteps';
import { DipTables } from './DipTable';
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
export function FoundStep({
  pen,
  bench,
  plan,
  good,
  answer,
}: Common & { readonly good: boolean; readonly answer: BenchAnswer }) {
  const { code } = pen.body;
  const { events } = bench.draft;
  const lastCup = plan.cups.at(-1);
  const farOff = isCleanedFirst(plan, events);
  // After it was soaked there is nothing left to advise but to adjust.
  const old = answer.isFarPastAge === true && !bench.draft.afterCleaning;
  const cleanFirst = !good && (farOff || old);
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
        {good
          ? plan.adjustable
            ? decideSays.nothingToAdjust
            : decideSays.readOnlyAndGood
          : [
              answer.hasReadings ? decideSays.corrected : '',
              cleanFirst ? '' : decideSays.adjustItNow,
            ]
              .filter(Boolean)
              .join(' ')}
      </Say>
      {cleanFirst ? (
        <Panel tone="caution">
          <Say bold>{farOff ? decideSays.cleanAndSoakFirst : decideSays.oldSoakFirst}</Say>
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
  missed,
  step,
}: Common & {
  /** The side that missed. */
  readonly missed: SittingSide;
  readonly step: Extract<BenchStep, { kind: 'missed' }>;
}) {
  const formats = useFormats();
  const { phase, cup, attempt } = step;
  const { reading } = dipReading(missed.events, phase, cup.id);
  const error = reading ? judgeDip(missed.plan, cup, phase, reading.shown).error : 0;
  const at = { phase, cupId: cup.id };
  const rung = LADDER[Math.min(attempt, LADDER.length) - 1]!;
  const anew = phase === 'confirm';
  const name = cupName(cup, formats);
  const others = missed.plan.cups
    .filter(({ id }) => id !== cup.id)
    .map((one) => cupName(one, formats));
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
      <CupsStrip
        plan={plan}
        events={bench.draft.events}
        now={{ phase, cupId: plan.cups.find(({ id }) => id === cup.id)?.id ?? plan.cups[0]!.id }}
      />
      <Say size="huge" face="slab" heading={1}>
        {decideSays.stateOfCup(name, errorWords(missed.plan, error, formats))}
      </Say>
      <Say>{missHelp(missed.plan.quantity, attempt)}</Say>
      {anew && others.length > 0 ? <Say>{decideSays.untilAllHold(others.join(', '))}</Say> : null}
      {rung.after === 'cleaning' ? <CleaningSteps quantity={missed.plan.quantity} /> : null}
      <Say size="small" tone="soft">
        {decideSays.ifAccepted}
      </Say>
      <Panel>
        <DipTables plan={plan} draft={bench.draft} />
      </Panel>
      <SittingTroubles {...{ pen, bench, plan }} />
    </Screen>
  );
}
