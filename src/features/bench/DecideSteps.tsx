import type { PenAnswer } from '@/book/answers';
import { dipReading, judgeDip, type BenchPlan, type BenchStep } from '@/core/procedure';
import { CARE_CARDS } from '@/features/care/careCards';
import { useFormats } from '@/shell/formats';
import { Button } from '@/ui/button';
import { Panel, Screen } from '@/ui/layout';
import { Say } from '@/ui/text';
import { cupName, errorWords } from './benchWords';
import { CupsStrip } from './CupsStrip';
import { DipTable } from './DipTable';
import { FoundLookBack } from './FoundLookBack';
import { missHelp } from './missWords';
import type { Bench } from './useBench';

interface Common {
  readonly pen: PenAnswer;
  readonly bench: Bench;
  readonly plan: BenchPlan;
}

/** After the as-found readings: finish when all are good, adjust when not. */
export function FoundStep({ pen, bench, plan, good }: Common & { readonly good: boolean }) {
  const { code } = pen.body;
  const { events } = bench.draft;
  const lastCup = plan.cups.at(-1);
  return (
    <Screen
      actions={
        good ? (
          <>
            <Button wet label="Adjust anyway" onPress={() => bench.add({ type: 'adjust' })} />
            <Button
              kind="main"
              wet
              grow
              label="Leave it as it is"
              onPress={() => bench.add({ type: 'leave' })}
            />
          </>
        ) : (
          <>
            <Button wet label="Leave it as it is" onPress={() => bench.add({ type: 'leave' })} />
            <Button
              kind="main"
              wet
              grow
              label={`Now adjust ${code}`}
              onPress={() => bench.add({ type: 'adjust' })}
            />
          </>
        )
      }
    >
      <CupsStrip plan={plan} events={events} />
      <Say size="huge" face="slab" heading={1}>
        {good ? `${code} is in tolerance.` : `${code} is out of tolerance.`}
      </Say>
      <Say>
        {good
          ? 'Nothing to adjust: adjusting a pen that is good adds noise and uses up buffer.'
          : 'Every reading since its last check is corrected with this. Now adjust it.'}
      </Say>
      <Panel>
        <DipTable plan={plan} events={events} />
      </Panel>
      <FoundLookBack plan={plan} draft={bench.draft} good={good} />
      {lastCup ? (
        <Button
          kind="text"
          label="I mistyped: read the last cup again"
          onPress={() => bench.add({ type: 'repeat', phase: 'asFound', cupId: lastCup.id })}
        />
      ) : null}
    </Screen>
  );
}

/** What the button offers after so many misses. */
const LADDER = [
  { label: 'Repeat this point', after: undefined },
  { label: 'Cleaned: repeat it', after: 'cleaning' },
  { label: 'Fresh portion: repeat it', after: 'freshPortion' },
  { label: 'Repeat once more', after: undefined },
] as const;

/** A point that missed: repeat it or accept the miss. */
export function MissedStep({
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
  return (
    <Screen
      actions={
        <>
          <Button
            wet
            label="Accept the miss"
            onPress={() => bench.add({ type: 'accept', ...at })}
          />
          <Button
            kind="main"
            wet
            grow
            label={rung.label}
            onPress={() => bench.again(at, rung.after)}
          />
        </>
      }
    >
      <CupsStrip plan={plan} events={bench.draft.events} now={at} />
      <Say size="huge" face="slab" heading={1}>
        The {cupName(cup, formats)} is {errorWords(plan, error, formats)}.
      </Say>
      <Say>{missHelp(plan.quantity, attempt)}</Say>
      {rung.after === 'cleaning' ? <CleaningSteps quantity={plan.quantity} /> : null}
      <Say size="small" tone="soft">
        If you accept it, the miss is kept with the record and readings are corrected by it.
      </Say>
      <Panel>
        <DipTable plan={plan} events={bench.draft.events} />
      </Panel>
    </Screen>
  );
}

/** The usual cleaning, step by step; booked when the point is repeated. */
function CleaningSteps({ quantity }: { readonly quantity: 'ph' | 'ec' }) {
  const card = CARE_CARDS.find(({ what, side }) => what === 'clean' && side === quantity);
  // The first step asks for the check that was just done.
  const steps = card?.steps.slice(1) ?? [];
  return (
    <Panel>
      <Say bold>{card?.title}</Say>
      {steps.map((step, at) => (
        <Say key={step}>
          {at + 1}. {step}
        </Say>
      ))}
    </Panel>
  );
}
