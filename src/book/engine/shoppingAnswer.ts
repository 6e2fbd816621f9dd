import { DAY_MS } from '@/core/units';
import type { ShoppingAnswer } from '@/book/answers';
import { QUANTITIES } from '@/core/calibration';
import { shoppingList, type LiquidNeed } from '@/core/lots';
import type { BookState } from './bookState';
import { liquidsOf } from './liquidsOf';
import { sessionsOf } from './penTrack';

const MONTH_MS = 30 * DAY_MS;

/** What each pen's cups took in the last month. */
function needsOf(book: BookState, nowMs: number): readonly LiquidNeed[] {
  const needs = new Map<string, LiquidNeed>();
  const need = (kind: LiquidNeed['kind'], nominal: number, portions: number) => {
    const key = `${kind}/${nominal}`;
    const before = needs.get(key)?.portionsPerMonth ?? 0;
    needs.set(key, { kind, nominal, portionsPerMonth: before + portions });
  };
  for (const { id, body } of book.all('pen')) {
    if (body.gone) continue;
    const lately = (side: 'ph' | 'ec') =>
      sessionsOf(book, id, side).filter(({ atMs }) => atMs > nowMs - MONTH_MS).length;
    for (const side of QUANTITIES)
      for (const { kind, nominal = 0 } of liquidsOf(body, side)) need(kind, nominal, lately(side));
  }
  return [...needs.values()];
}

/** What to buy so that no pen waits for a bottle. */
export function shoppingAnswer(book: BookState, nowMs: number): ShoppingAnswer {
  const ms = (instant: string | undefined) =>
    instant === undefined ? undefined : Date.parse(instant);
  const lots = book.all('lot').map(({ body }) => ({
    ...body,
    expiresAtMs: ms(body.expiresAt),
    openedAtMs: ms(body.openedAt),
  }));
  return shoppingList(needsOf(book, nowMs), lots, nowMs);
}
