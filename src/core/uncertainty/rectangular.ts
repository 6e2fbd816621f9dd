import { requireFinite } from '../result';

/**
 * Standard uncertainty of a value known only to lie within ± `bound`. JCGM 100:2008, 4.3.7.
 * `rectangularStdU(0.02) // => 0.0115`
 */
export function rectangularStdU(bound: number): number {
  return Math.abs(requireFinite('bound', bound)) / Math.sqrt(3);
}

/**
 * Standard uncertainty of reading a display of one digit `resolution`: digit/√12 (4.3.7, F.2.2.1).
 * `digitStdU(0.01) // => 0.0029`
 */
export function digitStdU(resolution: number): number {
  return Math.abs(requireFinite('resolution', resolution)) / Math.sqrt(12);
}
