import { useState } from 'react';
import { careFor } from '@/acts';
import { useAct } from '@/book/react';
import { HOUR_MS, MINUTE_MS } from '@/core/units';
import type { PenId } from '@/records';
import { paths } from '@/shell/navigation/paths';
import { useGoOn } from '@/shell/navigation/useGoOn';
import { parseDecimal, type FieldMessage } from '@/words';
import { careSays } from '@/words/care/care';
import type { CareCard } from '@/words/care/careCards';
import { choosesHours } from './cardFor';

/** Nobody soaks a probe longer, h. */
const MOST_SOAK_HOURS = 168;

/** What is written on a card, and booking it when it is done. */
export function useCard(card: CareCard, penId: PenId) {
  const goOn = useGoOn();
  const { act, busy } = useAct();
  const [note, setNote] = useState('');
  const [typedHours, setTypedHours] = useState(String(card.soakHours ?? ''));
  const [message, setMessage] = useState<FieldMessage>();
  const { what, side, soakHours, dryHours } = card;
  const lasting = (ms: number | undefined) => {
    const nowMs = Date.now();
    const until = ms === undefined ? undefined : new Date(nowMs + ms).toISOString();
    return { penId, side, at: new Date(nowMs).toISOString(), until };
  };
  /** The probe stands in its cleaner; the card stays open. */
  const startCleaner = (minutes: number) =>
    act(careFor({ ...lasting(minutes * MINUTE_MS), what: 'inCleaner', note: '' }));
  const book = async () => {
    const typed = parseDecimal(typedHours);
    const chosen = typed.ok && typed.value > 0 && typed.value <= MOST_SOAK_HOURS;
    if (choosesHours(card) && !chosen)
      return setMessage({ text: careSays.hoursMessage(MOST_SOAK_HOURS) });
    const hours = choosesHours(card) && typed.ok ? typed.value : (soakHours ?? dryHours);
    const body = { ...lasting(hours === undefined ? undefined : hours * HOUR_MS), what, note };
    if (await act(careFor(body))) goOn.to(paths.pen(penId));
  };
  const setHours = (text: string) => {
    setMessage(undefined);
    setTypedHours(text);
  };
  return {
    note,
    setNote,
    hours: { typed: typedHours, set: setHours, message },
    startCleaner,
    book,
    busy,
  };
}
