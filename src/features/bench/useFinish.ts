import { useState } from 'react';
import { capTip } from '@/acts';
import type { PenAnswer } from '@/book/answers';
import { thisMoment } from '@/book/client';
import { useBook } from '@/book/react';
import { nextBenchStep, type BenchOutcome, type BenchPlan } from '@/core/procedure';
import { inWalk, paths } from '@/shell/navigation/paths';
import { useGoOn } from '@/shell/navigation/useGoOn';
import { useWalking } from '@/shell/navigation/useWalking';
import { outcomeSentences } from '@/words/bench/benchWords';
import { CAP_LIQUIDS, type CapLiquid } from '@/words/bench/capLiquids';
import type { Bench } from './useBench';

/** A sitting at its end. */
export interface Finishing {
  readonly pen: PenAnswer;
  readonly bench: Bench;
  readonly plan: BenchPlan;
  readonly outcome: BenchOutcome;
  /** The other side comes after, in the same sitting. */
  readonly then?: 'ph' | 'ec' | undefined;
}

/** What is still asked at the end of a sitting, what is said of it, and saving it. */
export function useFinish({ pen, bench, plan, outcome, then }: Finishing) {
  const goOn = useGoOn();
  const walking = useWalking();
  const { client } = useBook();
  const [saving, setSaving] = useState(false);
  const [cap, setCap] = useState<CapLiquid>('storage');
  const asksCap = pen.body.ph !== null && !then;
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
  const { also } = bench.draft;
  const alsoStep = also && nextBenchStep(also.plan, also.events);
  const alsoOutcome = alsoStep?.kind === 'finish' ? alsoStep.outcome : outcome;
  return {
    saving,
    save,
    cap,
    setCap,
    asksCap,
    sentences: outcomeSentences(pen.body.code, outcome, alsoOutcome),
    // A probe that is only compared: cleaned at the spot it may be good again.
    cleanedMayDo: outcome === 'leftOut' && pen.body[plan.quantity]?.adjustable === false,
  };
}
