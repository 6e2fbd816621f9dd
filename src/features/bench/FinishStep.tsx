import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import type { PenAnswer } from '@/book/answers';
import type { BenchOutcome, BenchPlan } from '@/core/procedure';
import { Button } from '@/ui/button';
import { Panel, Screen } from '@/ui/layout';
import { Say } from '@/ui/text';
import { outcomeSentence } from './benchWords';
import { CupsStrip } from './CupsStrip';
import { DipTable } from './DipTable';
import { Failure } from './PrepareStep';
import type { Bench } from './useBench';

interface Props {
  readonly pen: PenAnswer;
  readonly bench: Bench;
  readonly plan: BenchPlan;
  readonly outcome: BenchOutcome;
}

/** The verdict of the sitting, and putting it into the book. */
export function FinishStep({ pen, bench, plan, outcome }: Props) {
  const router = useRouter();
  const [saving, setSaving] = useState(false);
  const save = async () => {
    setSaving(true);
    try {
      await bench.finish(outcome);
      router.replace(`/pens/${pen.id}` as '/');
    } catch {
      setSaving(false); // The failure stands on the screen; the sitting is still here.
    }
  };
  return (
    <Screen
      actions={
        <Button
          kind="main"
          wet
          grow
          label="Save the check"
          disabled={saving}
          onPress={() => void save()}
        />
      }
    >
      <CupsStrip plan={plan} events={bench.draft.events} />
      <View role="status" aria-live="polite">
        <Say size="huge" face="slab" heading={1}>
          {outcomeSentence(outcome, pen.body.code)}
        </Say>
      </View>
      <Panel>
        <DipTable plan={plan} events={bench.draft.events} />
      </Panel>
      {outcome === 'leftOut' ? (
        <Say>
          Clean it, let it rest in storage solution and check again. Until then its readings are
          corrected by what was found, and it counts as not to be trusted.
        </Say>
      ) : null}
      <Say size="small" tone="soft">
        Rinse the probe, cap it with storage solution, throw the portions away. One portion comes
        off each lot.
      </Say>
      {bench.failure ? <Failure text={bench.failure} /> : null}
    </Screen>
  );
}
