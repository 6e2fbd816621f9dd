import { acidToReach, type Solution } from '../chemistry';
import { LEFT_OVER_MEQ_PER_L } from './constants';
import type { TankWater } from './tankAlkalinity';

/**
 * Acid equivalents a tank takes on its way to an aim, mol/L; negative where it takes a base. Fresh
 * water that is lowered takes as much as leaves its left-over alkalinity, however near its pH is.
 */
export function acidWanted(solution: Solution, water: TankWater, aimPh: number): number {
  const toAim = acidToReach(solution, aimPh);
  if (water.kind !== 'fresh' || toAim <= 0) return toAim;
  return Math.max(toAim, (water.alkalinityMmolPerL - LEFT_OVER_MEQ_PER_L) / 1000);
}
