import { useNowMs } from '@/book/react';
import { nextStop } from './roundViewModel';
import { useRound } from './useRound';

/** What comes next in the walk, for the button that leads on from any stop. */
export function useNextStop() {
  const nowMs = useNowMs();
  const mine = useRound();
  return mine && nextStop(mine.round, nowMs);
}
