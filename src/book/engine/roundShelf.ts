import { PORTION_ML, fitsNeed, type Liquid } from '@/core/lots';
import type { LotAnswer, PenAnswer } from '@/book/answers';
import type { BookState } from './bookState';
import { houseDays } from './houseDays';
import { liquidsOf } from './liquidsOf';
import { shelfAnswer } from './otherAnswers';
import type { Made } from './roundPens';

/** Checks this many days ahead must find their liquids, days. */
const AHEAD_DAYS = 7;

const isGood = ({ state }: LotAnswer) => state.word === 'good' || state.word === 'soon';

/** Portions the checks of the coming week take, by liquid. */
function needed(pens: readonly PenAnswer[], untilMs: number): ReadonlyMap<string, Need> {
  const needs = new Map<string, Need>();
  for (const { body, sides } of pens) {
    for (const { quantity, dueAtMs } of sides) {
      if (dueAtMs === undefined || dueAtMs >= untilMs) continue;
      for (const liquid of liquidsOf(body, quantity)) {
        const key = `${liquid.kind}/${liquid.nominal}`;
        needs.set(key, { liquid, portions: (needs.get(key)?.portions ?? 0) + 1 });
      }
    }
  }
  return needs;
}

interface Need {
  readonly liquid: Liquid;
  readonly portions: number;
}

/** What is left of a liquid in good lots, portions; undefined where nobody counts or it was never here. */
function portionsOf(lots: readonly LotAnswer[], liquid: Liquid): number | undefined {
  const fitting = lots.filter(({ body }) => fitsNeed(body, liquid));
  if (fitting.length === 0) return undefined;
  const left = fitting.filter(isGood).map(({ state }) => state.portionsLeft ?? Infinity);
  const sum = left.reduce((total, portions) => total + portions, 0);
  return Number.isFinite(sum) ? sum : undefined;
}

/**
 * Stops of the Shelf: lots past their date that still hold something; liquids that end before the
 * checks of the week are made; storage solution low. Told only of what somebody put on the Shelf.
 */
export function shelfStops(book: BookState, pens: readonly PenAnswer[], nowMs: number): Made[] {
  const lots = shelfAnswer(book, nowMs);
  const past = lots.flatMap((lot): Made[] =>
    lot.state.word === 'expired' || lot.state.word === 'tooOld'
      ? [{ kind: 'lot', lot, done: false }]
      : [],
  );
  const untilMs = houseDays(book).dayAfterMs(nowMs, AHEAD_DAYS);
  const short = [...needed(pens, untilMs).values()].flatMap(({ liquid, portions }): Made[] => {
    const portionsLeft = portionsOf(lots, liquid);
    if (portionsLeft === undefined || portionsLeft >= portions) return [];
    const portionsNeeded = portions;
    return [{ kind: 'supply', liquid, portionsLeft, portionsNeeded, done: false }];
  });
  return [...past, ...short, ...storageStop(lots)];
}

/** Less storage solution than this is low, mL. */
const LOW_STORAGE_ML = 2 * PORTION_ML;

function storageStop(lots: readonly LotAnswer[]): Made[] {
  const storage = lots.filter(({ body }) => body.kind === 'storage');
  const left = storage.filter(isGood).map(({ body }) => body.left ?? Infinity);
  const sumMl = left.reduce((total, ml) => total + ml, 0);
  if (storage.length === 0 || sumMl >= LOW_STORAGE_ML) return [];
  const portionsLeft = Math.floor(sumMl / PORTION_ML);
  const portionsNeeded = LOW_STORAGE_ML / PORTION_ML;
  const liquid: Liquid = { kind: 'storage' };
  return [{ kind: 'supply', liquid, portionsLeft, portionsNeeded, done: false }];
}
