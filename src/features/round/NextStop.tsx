import { useNowMs } from '@/book/react';
import { PenDetail } from '@/features/pens/PenScreen';
import { TankDetail } from '@/features/tanks/TankScreen';
import { Screen, Skeleton } from '@/ui/layout';
import { Say } from '@/ui/text';
import { EmptyPlace } from '@/features/parts/EmptyPlace';
import { paths } from '@/shell/navigation/paths';
import { roundSays } from '@/words/round/round';
import { nextStop } from './roundViewModel';
import { useRound } from './useRound';

/** What waits next in the round, opened: the pen to check, or the tank to read. */
export function NextStop() {
  const nowMs = useNowMs();
  const mine = useRound();
  if (!mine) return <Skeleton label={roundSays.loadingTheRound} />;
  const { round } = mine;
  const stop = nextStop(round, nowMs)?.stop ?? round.stops[0];
  if (stop && 'pen' in stop) return <PenDetail penId={stop.pen.id} />;
  if (stop && 'tank' in stop) return <TankDetail tankId={stop.tank.id} />;
  if (round.tankCount + round.penCount === 0)
    return <EmptyPlace place="round" href={paths.welcome} />;
  return (
    <Screen>
      <Say size="huge" face="slab" heading={1}>
        {roundSays.theWalkIsDone}
      </Say>
      <Say>{roundSays.whatOpensHere}</Say>
    </Screen>
  );
}
