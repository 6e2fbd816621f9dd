import { useLocalSearchParams, useRouter } from 'expo-router';
import type { ComponentProps } from 'react';
import { useAnswer, useNowMs, questions } from '@/book/react';
import { PenNotThere } from '@/features/parts/PenNotThere';
import type { PenId } from '@/records';
import { chunkPart } from '@/shell/chunk';
import { useKeyAct } from '@/shell/keys/Keys';
import { paths } from '@/shell/navigation/paths';
import { Button } from '@/ui/button';
import { Screen, Skeleton } from '@/ui/layout';
import { QUANTITY_NAME } from '@/words';
import { commonSays } from '@/words/common';
import { penSays } from '@/words/pens/pen';
import type { DriftPanel as DriftPanelDrawn } from './DriftPanel';
import { PenActions } from './PenActions';
import { PenCare } from './PenCare';
import { PenChecks } from './PenChecks';
import { PenHead } from './PenHead';
import { BringBack, PenLeaves } from './PenLeaves';
import { PenLinks } from './PenLinks';
import { PenSidePanel } from './PenSidePanel';
import { hasLookBack } from '@/words/pens/penLines';

const DriftPanel = chunkPart<ComponentProps<typeof DriftPanelDrawn>>('charts', 'DriftPanel');

/** One pen: what each side is worth now, and its sessions. */
export function PenScreen() {
  const { penId } = useLocalSearchParams<{ penId: PenId }>();
  return <PenDetail penId={penId} />;
}

interface Props {
  readonly penId: PenId;
  /** Another pane acts on the pen; this one only shows it. */
  readonly beside?: boolean;
}

/** The same for a pen named by whoever shows it. */
export function PenDetail({ penId, beside = false }: Props) {
  const nowMs = useNowMs();
  const router = useRouter();
  const { data: pen } = useAnswer(questions.pen(penId, nowMs));
  useKeyAct('check', () => router.navigate(paths.bench(penId)));
  if (pen === undefined) return <Skeleton label={commonSays.loadingThePen} />;
  if (pen === null) return <PenNotThere />;
  const away = pen.body.gone !== undefined || pen.word === 'resting';
  const actions = away ? <BringBack pen={pen} /> : <PenActions pen={pen} />;
  return (
    <Screen label={pen.body.code} actions={beside ? null : actions}>
      <PenHead pen={pen} beside={beside} />
      {pen.sides.map((side) => (
        <PenSidePanel key={side.quantity} pen={pen} side={side} nowMs={nowMs} />
      ))}
      {pen.drift.map((drift) => (
        <DriftPanel key={drift.quantity} drift={drift} nowMs={nowMs} />
      ))}
      {pen.drift.filter(hasLookBack).map(({ quantity }) => (
        <Button
          key={quantity}
          label={penSays.lookBackAt(QUANTITY_NAME[quantity])}
          onPress={() => router.navigate(paths.lookBack(penId, { quantity }))}
        />
      ))}
      <PenLinks pen={pen} away={away} />
      <PenCare pen={pen} nowMs={nowMs} />
      <PenChecks pen={pen} nowMs={nowMs} />
      {away || beside ? null : <PenLeaves pen={pen} />}
    </Screen>
  );
}
