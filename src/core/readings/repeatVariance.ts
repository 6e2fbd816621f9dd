import { REPEAT_PRIOR_DIPS, REPEAT_STD_U } from '../uncertainty';
import type { Quantity } from '../calibration';

/** Sum of squares of dips round their mean, with how many it leaves free. */
function scatterOf(dips: readonly number[]): { readonly squares: number; readonly free: number } {
  const mean = dips.reduce((sum, x) => sum + x, 0) / Math.max(1, dips.length);
  const squares = dips.reduce((sum, x) => sum + (x - mean) ** 2, 0);
  return { squares, free: Math.max(0, dips.length - 1) };
}

/** What is supposed of a scatter, worth ten dips, with what groups of repeated dips tell. */
function pooled(stdU: number, groups: readonly (readonly number[])[]): number {
  const all = groups.map(scatterOf);
  const squares = all.reduce((sum, one) => sum + one.squares, 0);
  const free = all.reduce((sum, one) => sum + one.free, 0);
  return (REPEAT_PRIOR_DIPS * stdU ** 2 + squares) / (REPEAT_PRIOR_DIPS + free);
}

/**
 * A pen's own scatter (standard) from groups of dips, each in one liquid: pH, or relative for EC
 * (give logarithms). (10·r² + Σ(d − mean)²) / (10 + Σ(n − 1)), r the usual one.
 */
export function ownRepeatStdU(quantity: Quantity, groups: readonly (readonly number[])[]): number {
  return Math.sqrt(pooled(REPEAT_STD_U[quantity], groups));
}

/** The variance of the mean of some dips by a pen with so much scatter; its own spread counts. */
export function repeatVariance(stdU: number, dips: readonly number[] = []): number {
  // One dip tells no scatter of its own.
  return dips.length < 2 ? stdU ** 2 : pooled(stdU, [dips]) / dips.length;
}
