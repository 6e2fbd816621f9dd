import { useAnswer, useNowMs, questions } from '@/book/react';
import { nextStop } from './roundViewModel';

/** What comes next in the walk, for the button that leads on from any stop. */
export function useNextStop() {
  const nowMs = useNowMs();
  const { data: round } = useAnswer(questions.round(nowMs));
  return round && nextStop(round, nowMs);
}
