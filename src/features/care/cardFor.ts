import type { Pen } from '@/records/kinds';
import { careSays } from '@/words/care/care';
import type { CareCard } from '@/words/care/careCards';

/** A card as this pen needs it: some probes ask for two hours of soaking, some for a day. */
export function cardFor(card: CareCard, { ph }: Pen): CareCard {
  const hours = ph?.wetting?.firstSoakHours;
  const soaks = card.what === 'soak' || card.what === 'newProbe';
  return soaks && hours ? { ...card, soakHours: hours } : card;
}

/** Whether the grower says how long it soaks. */
export const choosesHours = ({ what, soakHours }: CareCard): boolean =>
  what === 'soak' && soakHours !== undefined;

/** What its button starts, or that it is done. */
export function doneLabel(card: CareCard): string {
  const { soakHours, dryHours } = card;
  if (choosesHours(card)) return careSays.startTheSoak;
  if (soakHours !== undefined) return careSays.startSoak(soakHours);
  return dryHours === undefined ? careSays.doneBookIt : careSays.startDrying(dryHours);
}
