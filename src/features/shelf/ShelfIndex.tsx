import { questions, useAnswer, useNowMs } from '@/book/react';
import { EmptyPlace } from '@/features/parts/EmptyPlace';
import { useIsWide } from '@/shell/useIsWide';
import { Skeleton } from '@/ui/layout';
import { shelfSays } from '@/words/shelf/shelf';
import { LotDetail } from './LotScreen';
import { lotInView } from './lotInView';
import { ShelfScreen } from './ShelfScreen';

/** The list on a phone; beside the list, on a wide page, the lot that asks for a look first. */
export function ShelfIndex() {
  return useIsWide() ? <FirstLot /> : <ShelfScreen />;
}

function FirstLot() {
  const nowMs = useNowMs();
  const { data: lots } = useAnswer(questions.shelf(nowMs));
  if (!lots) return <Skeleton label={shelfSays.loadingTheShelf} />;
  const first = lotInView(lots);
  return first ? <LotDetail lotId={first.id} /> : <EmptyPlace place="shelf" />;
}
