import type { PenAnswer } from '@/book/answers';
import {
  dipReading,
  judgeDip,
  remedyAfter,
  type BenchPlan,
  type BenchStep,
  type SittingSide,
} from '@/core/procedure';
import { useFormats } from '@/shell/formats';
import { Button } from '@/ui/button';
import { Panel, Screen } from '@/ui/layout';
import { Say } from '@/ui/text';
import { errorWords } from '@/words/bench/benchWords';
import { cupName } from '@/words/bench/cupWords';
import { decideSays } from '@/words/bench/decide';
import { missHelp, missPress } from '@/words/bench/missWords';
import { CleaningSteps } from './CleaningSteps';
import { CupsStrip } from './CupsStrip';
import { DipTables } from './DipTable';
import { SittingTroubles } from './PowerLine';
import type { Bench } from './useBench';

/** A point that missed: repeat it or accept the miss. */
export function MissedStep({
  pen,
  bench,
  plan,
  missed,
  step,
}: {
  readonly pen: PenAnswer;
  readonly bench: Bench;
  readonly plan: BenchPlan;
  /** The side that missed. */
  readonly missed: SittingSide;
  readonly step: Extract<BenchStep, { kind: 'missed' }>;
}) {
  const formats = useFormats();
  const { phase, cup, attempt } = step;
  const { reading } = dipReading(missed.events, phase, cup.id);
  const error = reading ? judgeDip(missed.plan, cup, phase, reading.shown).error : 0;
  const at = { phase, cupId: cup.id };
  const remedy = remedyAfter(attempt);
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
            label={missPress(attempt, anew ? name : undefined)}
            onPress={() => bench.again(at, remedy)}
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
      {remedy === 'cleaning' ? <CleaningSteps quantity={missed.plan.quantity} /> : null}
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
