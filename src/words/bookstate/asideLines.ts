import type { Health } from '@/book/client';
import { partsByMonth } from '@/words';

/** Why each kind of damage was set aside. */
const REASON_WORDS: Readonly<Record<Health['setAside'][number]['reason'], string>> = {
  notText: 'something else stands in this place',
  empty: 'the place is empty',
  changed: 'changed or torn, the check sum disagrees',
  notUnderstood: 'whole, but not in a form that Zolder knows',
  newer: 'written by a newer Zolder',
};

/** What is set aside and what is gone, a line for each reason. */
export function asideLines({ setAside, missing }: Pick<Health, 'setAside' | 'missing'>) {
  const reasons = [...new Set(setAside.map(({ reason }) => reason))];
  const lines = reasons.map((reason) => {
    const parts = partsByMonth(setAside.filter((part) => part.reason === reason));
    return `${parts}: ${REASON_WORDS[reason]}.`;
  });
  if (missing.length === 0) return lines;
  return [...lines, `${partsByMonth(missing)}: in the list, not in the storage.`];
}
