import { useState } from 'react';
import { thisMoment } from '@/book/client';
import { useAnswer, questions } from '@/book/react';
import type { BenchPlan } from '@/core/procedure';
import { LookBackFound } from '@/features/pens/LookBackFound';
import type { BenchDraft } from '@/records/kinds';

interface Props {
  readonly plan: BenchPlan;
  readonly draft: BenchDraft;
  /** In tolerance: then only what changes is worth a word. */
  readonly good: boolean;
}

/** What the as-found values say of the readings before them, before anything is adjusted. */
export function FoundLookBack({ plan, draft, good }: Props) {
  const { penId, events, afterCleaning } = draft;
  const [atMs] = useState(() => thisMoment().nowMs);
  const { data } = useAnswer(
    questions.foundLookBack(penId, plan.quantity, { plan, events, afterCleaning, atMs }),
  );
  if (!data || data.rows.length === 0) return null;
  const changes = data.turnedCount > 0 || data.wrongDoseCount > 0;
  return changes || !good ? <LookBackFound answer={data} heading={2} /> : null;
}
