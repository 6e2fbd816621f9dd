import { questions, useBook, useNowMs } from '@/book/react';
import { useFirstAnswer } from '@/shell/useFirstAnswer';
import { ofPerson, type PersonsRound } from './ofPerson';

/** The Round of whoever holds this device; undefined until the book has told it. */
export function useRound(): PersonsRound | undefined {
  const nowMs = useNowMs();
  const { device } = useBook();
  const { data } = useFirstAnswer(questions.round(nowMs));
  return data && ofPerson(data, { initials: device.initials, all: device.roundOfAll === true });
}
