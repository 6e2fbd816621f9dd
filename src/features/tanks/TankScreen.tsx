import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState, type ComponentProps } from 'react';
import type { AdditionRow } from '@/book/answers';
import { useAnswer, useNowMs, questions } from '@/book/react';
import { NotThere } from '@/features/parts/NotThere';
import type { TankId } from '@/records';
import { usualSample, type Sample } from '@/records/samples';
import { chunkPart } from '@/shell/chunk';
import { useKeyAct } from '@/shell/keys/Keys';
import { paths } from '@/shell/navigation/paths';
import { useLater } from '@/shell/useLater';
import { Screen, Skeleton } from '@/ui/layout';
import { commonSays } from '@/words/common';
import { tankSays } from '@/words/tanks/tank';
import { HistoryTable } from './HistoryTable';
import { TankActions } from './TankActions';
import { TankHead } from './TankHead';
import type { TankHistory as TankHistoryDrawn } from './TankHistory';
import { TankNow } from './TankNow';
import { WaterUsePanel } from './WaterUsePanel';

const TankHistory = chunkPart<ComponentProps<typeof TankHistoryDrawn>>('charts', 'TankHistory');

const NONE: readonly AdditionRow[] = [];

/** One tank: what it is now, and its readings. */
export function TankScreen() {
  const { tankId } = useLocalSearchParams<{ tankId: TankId }>();
  return <TankDetail tankId={tankId} />;
}

interface Props {
  readonly tankId: TankId;
  /** Another pane acts on the tank; this one only shows it. */
  readonly beside?: boolean;
}

/** The same for a tank named by whoever shows it. */
export function TankDetail({ tankId, beside = false }: Props) {
  const nowMs = useNowMs();
  const router = useRouter();
  const { data: tank } = useAnswer(questions.tank(tankId, nowMs));
  const [chosen, setSample] = useState<Sample>();
  const sample = chosen ?? usualSample(tank?.body ?? {});
  const { data: history } = useAnswer(questions.tankHistory(tankId, sample));
  const later = useLater(tank !== undefined);
  const last = useLater(later);
  useKeyAct('dose', () => router.navigate(paths.dose(tankId)));
  useKeyAct('read', () => router.navigate(paths.read({ tank: tankId })));
  if (tank === undefined) return <Skeleton label={commonSays.loadingTheTank} />;
  if (tank === null) return <NoTank />;
  const additions = history?.additions ?? NONE;
  return (
    <Screen
      label={tank.body.name}
      actions={beside ? null : <TankActions tank={tank} chosen={chosen} />}
    >
      <TankHead tank={tank} beside={beside} />
      <TankNow tank={tank} nowMs={nowMs} />
      {later ? <TankHistory {...{ tank, history, sample, nowMs }} onSample={setSample} /> : null}
      {last && sample === 'tank' ? <WaterUsePanel tankId={tankId} nowMs={nowMs} /> : null}
      {last ? <HistoryTable key={sample} {...{ tankId, sample, additions }} /> : null}
    </Screen>
  );
}

function NoTank() {
  return (
    <NotThere
      title={tankSays.notInBook}
      hint={commonSays.maybeInOtherBook}
      label={commonSays.allTanks}
      href={paths.tanks}
    />
  );
}
