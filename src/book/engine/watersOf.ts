import type { Addition, Water } from '@/records/kinds';
import type { BookState } from './bookState';

/** A mixture of waters; what any of them leaves open stays open. */
export interface MixedWater {
  readonly ecMsPerCm?: number | undefined;
  readonly alkalinityMmolPerL?: number | undefined;
  readonly ph?: number | undefined;
  readonly calciumMmolPerL?: number | undefined;
  readonly magnesiumMmolPerL?: number | undefined;
  /** All of them were measured, none is only reported. */
  readonly measured: boolean;
}

/** The mixture of a tank's or a fill's waters. */
export function watersOf(book: BookState, shares: Addition['waters']): MixedWater {
  const waters = (shares ?? []).flatMap(({ waterId, share }) => {
    const water = book.record('water', waterId)?.body;
    return water ? [{ water, share }] : [];
  });
  if (waters.length === 0) return { measured: false };
  const parts = waters.reduce((sum, { share }) => sum + share, 0) || 1;
  const mix = (of: (water: Water) => number | undefined): number | undefined => {
    const sum = waters.reduce((all, { water, share }) => all + share * (of(water) ?? NaN), 0);
    return Number.isFinite(sum) ? sum / parts : undefined;
  };
  return {
    ecMsPerCm: mix((water) => water.ecMsPerCm),
    alkalinityMmolPerL: mix((water) => water.alkalinityMmolPerL),
    ph: mix((water) => water.ph),
    calciumMmolPerL: mix((water) => water.calciumMmolPerL),
    magnesiumMmolPerL: mix((water) => water.magnesiumMmolPerL),
    measured: waters.every(({ water }) => water.basis === 'measured'),
  };
}
