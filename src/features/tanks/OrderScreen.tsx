import { useRouter } from 'expo-router';
import type { ComponentProps } from 'react';
import { orderTanks } from '@/acts';
import { useAnswer, useAct, useNowMs, questions } from '@/book/react';
import { Button } from '@/ui/button';
import { Screen, Skeleton } from '@/ui/layout';
import type { SortableList } from '@/ui/sortable';
import { inBackground } from '@/trouble';
import { Say } from '@/ui/text';
import { chunkPart } from '@/shell/chunk';
import { paths } from '@/shell/navigation/paths';
import { tanksSays } from '@/words/tanks/tanks';
import { tankOrderSays } from '@/words/tanks/tankOrder';

const Sorted = chunkPart<ComponentProps<typeof SortableList>>('drag', 'SortableList');

/** The order of the Round: the way the grower walks past the tanks. */
export function OrderScreen() {
  const nowMs = useNowMs();
  const router = useRouter();
  const { act } = useAct({ oneByOne: true });
  const { data: tanks } = useAnswer(questions.tanks(nowMs));
  if (!tanks) return <Skeleton label={tanksSays.loadingTanks} />;
  const order = (ids: readonly string[]) => {
    const ordered = orderTanks(tanks, ids);
    if (ordered.changes.length > 0) inBackground('order', act(ordered));
  };
  return (
    <Screen
      actions={
        <Button
          kind="main"
          wet
          grow
          label={tankOrderSays.done}
          onPress={() => router.navigate(paths.tanks)}
        />
      }
    >
      <Say size="huge" face="slab" heading={1}>
        {tanksSays.orderOfTheRound}
      </Say>
      <Say size="small" tone="soft">
        {tankOrderSays.asYouWalkDragByThe}
      </Say>
      <Sorted
        items={tanks.map(({ id, body }) => ({
          id,
          name: body.retired ? tankOrderSays.nameOutOfUse(body.name) : body.name,
        }))}
        onOrder={order}
      />
    </Screen>
  );
}
