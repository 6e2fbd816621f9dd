import { useState } from 'react';
import { View } from 'react-native';
import type { PenAnswer } from '@/book/answers';
import { thisMoment } from '@/book/client';
import { useBook } from '@/book/react';
import { nextBenchStep, type BenchOutcome, type BenchPlan } from '@/core/procedure';
import { useWalking } from '@/shell/navigation/useWalking';
import { useGoOn } from '@/shell/navigation/useGoOn';
import { Button } from '@/ui/button';
import { TextField } from '@/ui/form';
import { Panel, Screen } from '@/ui/layout';
import { Say } from '@/ui/text';
import { outcomeSentence } from '@/words/bench/benchWords';
import { CleaningSteps } from './CleaningSteps';
import { CupsStrip } from './CupsStrip';
import { DipTables } from './DipTable';
import { FoundLookBack } from './FoundLookBack';
import { leftOutAdvice } from '@/words/bench/missWords';
import { CAP_LIQUIDS, type CapLiquid } from './capLiquids';
import { StoreChoice } from './StoreChoice';
import type { Bench } from './useBench';
import { inWalk, paths } from '@/shell/navigation/paths';
import { commonSays } from '@/words/common';
import { decideSays } from '@/words/bench/decide';
import { capTip } from '@/acts';
import { QUANTITY_NAME } from '@/words';

interface Props {
  readonly pen: PenAnswer;
  readonly bench: Bench;
  readonly plan: BenchPlan;
  readonly outcome: BenchOutcome;
  /** The other side comes after, in the same sitting. */
  readonly then?: 'ph' | 'ec' | undefined;
}

const sideOf = (code: string, side: 'ph' | 'ec') => `${code} ${QUANTITY_NAME[side]}`;

/** The verdict of the sitting, and putting it into the book. */
export function FinishStep({ pen, bench, plan, outcome, then }: Props) {
  const goOn = useGoOn();
  const { client } = useBook();
  const [saving, setSaving] = useState(false);
  const [cap, setCap] = useState<CapLiquid>('storage');
  const asksCap = pen.body.ph !== null && !then;
  // A probe that is only compared: cleaned at the spot it may be good again.
  const dirty = outcome === 'leftOut' && pen.body[plan.quantity]?.adjustable === false;
  const { also } = bench.draft;
  const alsoStep = also && nextBenchStep(also.plan, also.events);
  const alsoOutcome = alsoStep?.kind === 'finish' ? alsoStep.outcome : outcome;
  const sentences =
    alsoOutcome === outcome
      ? [outcomeSentence(outcome, pen.body.code)]
      : [
          outcomeSentence(outcome, sideOf(pen.body.code, 'ph')),
          outcomeSentence(alsoOutcome, sideOf(pen.body.code, 'ec')),
        ];
  const walking = useWalking();
  const other = then && paths.bench(pen.id, { quantity: then });
  // From the walk it goes on to the next stop, which the Round has under the thumb.
  const nextHref = walking ? (other ? inWalk(other) : paths.round) : (other ?? paths.pen(pen.id));
  const capped = async () => {
    const { nowMs } = thisMoment();
    const timers = await client.timers(nowMs);
    const endsStopGap = timers.some(({ kind, refId }) => kind === 'stopGap' && refId === pen.id);
    const liquid = CAP_LIQUIDS.find(({ value }) => value === cap)!.label;
    const at = new Date(nowMs).toISOString();
    return capTip(cap === 'storage', { penId: pen.id, at, endsStopGap, liquid });
  };
  const save = async () => {
    setSaving(true);
    try {
      if (await bench.finish(outcome, asksCap ? await capped() : [])) goOn.to(nextHref);
    } finally {
      // Where it failed the sitting is still here, to be saved again.
      setSaving(false);
    }
  };
  return (
    <Screen
      actions={
        <>
          <Button
            kind={dirty ? 'quiet' : 'main'}
            wet
            grow={!dirty}
            label={then ? decideSays.saveThen(QUANTITY_NAME[then]) : decideSays.saveTheCheck}
            disabled={saving}
            onPress={save}
          />
          {dirty ? (
            <Button
              kind="main"
              wet
              grow
              label={decideSays.cleanedDipAgain}
              disabled={saving}
              onPress={() => bench.cleanedDipAgain(outcome)}
            />
          ) : null}
        </>
      }
    >
      <CupsStrip plan={plan} events={bench.draft.events} />
      <View role="status" aria-live="polite">
        <Say size="huge" face="slab" heading={1}>
          {dirty ? decideSays.isOutOfTolerance(pen.body.code) : sentences.join(' ')}
        </Say>
      </View>
      <Panel>
        <DipTables plan={plan} draft={bench.draft} />
      </Panel>
      {outcome === 'leftOut' ? <Say>{leftOutAdvice(plan, bench.draft.events)}</Say> : null}
      {dirty ? (
        <>
          <Say>{decideSays.cleanNow}</Say>
          <CleaningSteps quantity={plan.quantity} />
        </>
      ) : null}
      <Say size="small" tone="soft">
        {decideSays.portionsComeOffLots(
          then
            ? decideSays.rinseThen(QUANTITY_NAME[then])
            : asksCap
              ? decideSays.rinseAndCapWet
              : decideSays.rinseAndDryEcFace,
        )}
      </Say>
      {asksCap ? <StoreChoice value={cap} onChoose={setCap} /> : null}
      <TextField label={commonSays.note} typed={bench.draft.note ?? ''} onType={bench.writeNote} />
      {outcome === 'leftOut' && !plan.adjustable ? (
        <FoundLookBack plan={plan} draft={bench.draft} good={false} />
      ) : null}
    </Screen>
  );
}
