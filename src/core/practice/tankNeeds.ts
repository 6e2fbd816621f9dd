import { molPerLToReach, solvePh } from '../chemistry';
import { PRODUCTS, type World } from '../simulated-pen';

/** What of a product truly brings the tank to a pH, mL, closed; negative: the other way. */
export function neededMl(world: World, of: 'acid' | 'base', aimPh: number): number {
  if (!world.tank) return 0;
  const { reagent, molPerL } = PRODUCTS[of];
  const { solution, volumeL } = world.tank;
  return (molPerLToReach(solution, reagent, aimPh) * volumeL * 1000) / molPerL;
}

/** The middle of the tank's band, pH. */
export const aimOf = (world: World): number =>
  world.tank ? (world.tank.band.low + world.tank.band.high) / 2 : 7;

/** The tank's true pH once everything in it is mixed. */
const mixedPh = (world: World): number | undefined => world.tank && solvePh(world.tank.solution).ph;

/** How far the mixed tank lies outside its band, pH; 0 inside. */
export function tankOffPh(world: World): number {
  const ph = mixedPh(world);
  if (ph === undefined || !world.tank) return 0;
  const { low, high } = world.tank.band;
  return Math.max(0, low - ph, ph - high);
}
