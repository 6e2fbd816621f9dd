import { useLocalSearchParams } from 'expo-router';
import { PenNotThere } from '@/features/parts/PenNotThere';
import type { BenchAnswer } from '@/book/answers';
import { thisMoment } from '@/book/client';
import { useAnswer, useAskOnce, useNowMs, questions } from '@/book/react';
import { nextOfBoth, sittingAge } from '@/core/procedure';
import { Skeleton } from '@/ui/layout';
import { useAwake } from '@/timers';
import { AgedStep } from './AgedStep';
import { DipStep } from './DipStep';
import { FinishStep } from './FinishStep';
import { FoundStep } from './FoundStep';
import { MissedStep } from './MissedStep';
import { PrepareStep } from './PrepareStep';
import { timesOf } from './power';
import { useBench } from './useBench';
import { loadingSays } from '@/words/shell/loading';
import type { PenId } from '@/records';

/** The Bench: the guided check or calibration of one side of a pen. */
export function BenchScreen() {
  const params = useLocalSearchParams<{ penId: PenId; quantity?: string; then?: string }>();
  const { penId, quantity } = params;
  const nowMs = useNowMs();
  const { data: pens } = useAnswer(questions.pens(nowMs));
  const pen = pens?.find(({ id }) => id === penId);
  const sides = pen?.sides.map((side) => side.quantity) ?? [];
  const { ph } = pen?.body ?? {};
  // One bottle for both is one sitting: that of its pH side.
  const asked = ph?.oneBottle && !ph.twoModes ? 'ph' : quantity;
  const wanted = sides.find((side) => side === asked) ?? pen?.openBench[0] ?? sides[0];
  if (!pens) return <Skeleton label={loadingSays.bench} />;
  if (!pen || !wanted) return <PenNotThere />;
  const then = sides.find((side) => side === params.then && side !== wanted && asked === quantity);
  return <Loading key={`${penId}-${wanted}`} penId={penId} quantity={wanted} then={then} />;
}

interface Wanted {
  readonly penId: PenId;
  readonly quantity: 'ph' | 'ec';
  readonly then: 'ph' | 'ec' | undefined;
}

function Loading({ penId, quantity, then }: Wanted) {
  // Asked once: the sitting is written from here on, and another tab's change must not move it.
  const data = useAskOnce((client) => client.bench(penId, quantity, thisMoment().nowMs));
  if (data === undefined) return <Skeleton label={loadingSays.bench} />;
  if (data === null) return <PenNotThere />;
  return <Sitting answer={data} quantity={quantity} then={then} />;
}

function Sitting({
  answer,
  quantity,
  then,
}: Omit<Wanted, 'penId'> & { readonly answer: BenchAnswer }) {
  useAwake();
  const bench = useBench(answer, quantity);
  const nowMs = useNowMs();
  const { plan, events, also } = bench.draft;
  const { pen } = answer;
  if (!plan) return <PrepareStep answer={answer} bench={bench} quantity={quantity} then={then} />;
  const age = sittingAge(timesOf(bench.draft), nowMs);
  if (age !== 'going') return <AgedStep {...{ pen, bench, plan, age, nowMs }} />;
  const { step, side } = nextOfBoth({ plan, events }, also);
  const common = { pen, bench, plan };
  if (step.kind === 'dip') {
    const key = `${step.phase}-${step.cup.id}-${step.attempt}`;
    return <DipStep key={key} {...common} step={step} />;
  }
  if (step.kind === 'missed') return <MissedStep {...common} missed={side} step={step} />;
  if (step.kind === 'finish') return <FinishStep {...common} outcome={step.outcome} then={then} />;
  return <FoundStep {...common} good={step.kind === 'asFoundGood'} {...{ answer }} />;
}
