import type { PenAnswer } from '@/book/answers';
import type { PenWord } from '@/core/schedule';
import { sideOf } from './readModel';

/** A pen that is put away or in its soak is not in anybody's hand; nor is one that is gone. */
const AWAY: readonly PenWord[] = ['resting', 'soaking', 'gone'];

/**
 * The pen a reading begins with: the one used last in this tank, unless it is away, or was never
 * checked while a checked one is at hand; else the first that is at hand and checked.
 */
export function preselected(
  pens: readonly PenAnswer[],
  quantity: 'ph' | 'ec',
  lastId: string | undefined,
): PenAnswer | undefined {
  const wordOf = (pen: PenAnswer) => sideOf(pen, quantity)?.word ?? pen.word;
  const atHand = pens.filter((pen) => !AWAY.includes(wordOf(pen)));
  const checked = atHand.filter((pen) => wordOf(pen) !== 'unverified');
  const from = [checked, atHand, pens].find((some) => some.length > 0) ?? [];
  return from.find(({ id }) => id === lastId) ?? from[0];
}
