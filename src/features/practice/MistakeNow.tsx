import { useEffect, useState } from 'react';
import { View } from 'react-native';
import { costOf, play, type Cost, type MistakeKind } from '@/core/practice';
import { useFormats } from '@/shell/formats';
import { Panel } from '@/ui/layout';
import { Say } from '@/ui/text';
import { practiceSays } from '@/words/practice/benchWords';
import { costLines } from '@/words/practice/costWords';
import { MISTAKE_WORDS } from '@/words/practice/mistakeWords';
import type { Run } from './useRun';

/** The page draws first; the replay comes after, ms. */
const AFTER_MS = 60;

/** What the mistake would cost if the run ended here; undefined while it is worked out. */
function useCostNow(run: Run, kind: MistakeKind): Cost | undefined {
  const [cost, setCost] = useState<Cost>();
  const { practice } = run;
  const [acts] = useState(() => [...run.acts()]);
  useEffect(() => {
    const later = setTimeout(
      () => setCost(costOf(practice, { acts, real: play(practice, acts), kind })),
      AFTER_MS,
    );
    return () => clearTimeout(later);
  }, [practice, acts, kind]);
  return cost;
}

/** A mistake said at once, with what it would cost and what to do instead. */
function One({ run, kind }: { readonly run: Run; readonly kind: MistakeKind }) {
  const formats = useFormats();
  const cost = useCostNow(run, kind);
  const told = cost && costLines(cost, formats);
  const words = MISTAKE_WORDS[kind];
  return (
    <>
      <Say bold>{words.did}</Say>
      {told ? (
        <Say size="small" bold tone={told.isNothing ? 'soft' : 'off'}>
          {told.lines.join(' ')}
        </Say>
      ) : (
        <Say size="small" tone="soft">
          {practiceSays.workingOut}
        </Say>
      )}
      <Say size="small">{words.next}</Say>
    </>
  );
}

/** What was wrong with the last act; nothing where it was right. */
export function MistakeNow({ run }: { readonly run: Run }) {
  const last = run.done.at(-1);
  if (!last || last.mistakes.length === 0) return null;
  return (
    <Panel tone="caution">
      <View role="status" aria-live="polite">
        {last.mistakes.map((kind) => (
          <One key={`${run.done.length} ${kind}`} run={run} kind={kind} />
        ))}
      </View>
    </Panel>
  );
}
