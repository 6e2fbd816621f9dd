import { lotState, type LotFacts } from './lotState';
import { fitsNeed } from './fitsNeed';

/** A liquid that the pens need: a buffer or a standard by its value. */
export interface LiquidNeed {
  readonly kind: LotFacts['kind'];
  /** pH, or mS/cm at 25 °C; absent for storage and cleaning liquids. */
  readonly nominal?: number | undefined;
  /** Portions used in a month at the pens' present pace. */
  readonly portionsPerMonth: number;
}

/** What to buy and why. */
export interface ToBuy {
  readonly need: LiquidNeed;
  readonly reason: 'none' | 'pastDate' | 'few' | 'soonPastDate';
  /** Whole portions left in good lots, where amounts are known. */
  readonly portionsLeft: number;
}

/** A spare is bought before the good portions fall below a month's need, and never below two. */
const SPARE_PORTIONS = 2;

function reasonFor(need: LiquidNeed, lots: readonly LotFacts[], nowMs: number): ToBuy | undefined {
  const states = lots.filter((lot) => fitsNeed(lot, need)).map((lot) => lotState(lot, nowMs));
  const usable = states.filter(({ word }) => word === 'good' || word === 'soon');
  // A lot whose amount nobody wrote down is taken to last.
  const portionsLeft = usable.reduce((sum, state) => sum + (state.portionsLeft ?? Infinity), 0);
  const told = { need, portionsLeft: Number.isFinite(portionsLeft) ? portionsLeft : 0 };
  if (states.length === 0) return { ...told, reason: 'none' };
  if (usable.length === 0) return { ...told, reason: 'pastDate' };
  if (portionsLeft < Math.max(SPARE_PORTIONS, need.portionsPerMonth))
    return { ...told, reason: 'few' };
  return usable.every(({ word }) => word === 'soon')
    ? { ...told, reason: 'soonPastDate' }
    : undefined;
}

/** What to buy, the most urgent first: people notice the empty bottle only when the pen is off. */
export function shoppingList(
  needs: readonly LiquidNeed[],
  lots: readonly LotFacts[],
  nowMs: number,
): readonly ToBuy[] {
  const order: readonly ToBuy['reason'][] = ['none', 'pastDate', 'few', 'soonPastDate'];
  return needs
    .flatMap((need) => reasonFor(need, lots, nowMs) ?? [])
    .sort((a, b) => order.indexOf(a.reason) - order.indexOf(b.reason));
}
