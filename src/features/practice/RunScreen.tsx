import { useLocalSearchParams } from 'expo-router';
import { useState } from 'react';
import { usePensById } from './usePensById';
import { AGES_DAYS, FAULTS, type Fault } from '@/core/practice';
import type { Act } from '@/core/simulated-pen';
import { paths } from '@/shell/navigation/paths';
import { NotThere } from '@/features/parts/NotThere';
import { Skeleton } from '@/ui/layout';
import { loadingSays } from '@/words/shell/loading';
import { practiceSays } from '@/words/practice/benchWords';
import { BenchStage } from './BenchStage';
import { EndStage } from './EndStage';
import { anySeed, openCode, ownBench, type Opened } from './spec';
import type { PenId } from '@/records';

/** A run by its address: a code, or a pen of the book with an age and a fault. */
export function RunScreen() {
  const { code, pen, age, fault } = useLocalSearchParams<{
    code?: string;
    pen?: string;
    age?: string;
    fault?: string;
  }>();
  if (pen) return <OwnRun penId={pen} age={Number(age)} fault={fault ?? 'none'} />;
  return <CodeRun key={code} code={code ?? ''} />;
}

function CodeRun({ code }: { readonly code: string }) {
  const [opened] = useState(() => openCode(code));
  return opened ? (
    <Started opened={opened} />
  ) : (
    <NotThere title={practiceSays.notThere} label={practiceSays.practice} href={paths.practice} />
  );
}

function OwnRun(of: { readonly penId: PenId; readonly age: number; readonly fault: string }) {
  const pens = usePensById();
  const [seed] = useState(anySeed);
  if (!pens) return <Skeleton label={loadingSays.practice} />;
  const pen = pens.get(of.penId);
  const ageDays = AGES_DAYS.find((days) => days === of.age) ?? AGES_DAYS[0];
  const fault: Fault = FAULTS.find((one) => one === of.fault) ?? 'none';
  if (!pen)
    return (
      <NotThere title={practiceSays.notThere} label={practiceSays.practice} href={paths.practice} />
    );
  return <OwnStarted key={of.penId} {...{ pen, ageDays, fault, seed }} />;
}

function OwnStarted({
  pen,
  ageDays,
  fault,
  seed,
}: {
  readonly pen: Parameters<typeof ownBench>[0];
  readonly ageDays: Parameters<typeof ownBench>[1];
  readonly fault: Fault;
  readonly seed: number;
}) {
  const [opened] = useState(() => ownBench(pen, ageDays, fault, seed));
  return <Started opened={opened} />;
}

/** The bench, until it is finished; then what it cost. */
function Started({ opened }: { readonly opened: Opened }) {
  const [acts, setActs] = useState<readonly Act[]>();
  return acts ? (
    <EndStage opened={opened} acts={acts} onAgain={() => setActs(undefined)} />
  ) : (
    <BenchStage practice={opened.practice} onFinish={setActs} />
  );
}
