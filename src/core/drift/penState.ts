import type { Quantity } from '../calibration';
import { ABSURD } from './model';

/** Variances of a pen's two levels together: offset and gain deviation (EC: ln gain alone, rest 0). */
export interface LevelVariance {
  readonly level: number;
  readonly shared: number;
  readonly gain: number;
}

/** Nothing unsure. */
export const NO_VARIANCE: LevelVariance = { level: 0, shared: 0, gain: 0 };

/** How far a pen's state may be taken. */
type Standing =
  /** No dip in anything known so far: never firm, no side, no dose. */
  | 'unverified'
  | 'checked'
  /** Its numbers are none that a working pen has: it is broken, or a dip was noted wrongly. */
  | 'broken';

/**
 * What is known of one side of a pen at one moment. Plain data: it travels to the page. A pen shows
 * d = 7 + level + (1 + gain)·φ·(p − 7); an EC pen ln d = ln κ + level.
 */
export interface PenState {
  readonly quantity: Quantity;
  readonly standing: Standing;
  /** pH offset, or ln of the EC gain. */
  readonly level: number;
  /** pH gain − 1; 0 for EC. */
  readonly gain: number;
  /** All that is unsure of them, a jump apart. */
  readonly variance: LevelVariance;
  /** Of it, what was unsure at the check nearest in knowledge; the rest grew since. */
  readonly atCheck: LevelVariance;
  /** Of that, what knowing the bottles exactly would take off. */
  readonly standards: LevelVariance;
  /** The chance that it jumped unseen since, and the variance that adds to the level. */
  readonly jump?: { readonly probability: number; readonly variance: number } | undefined;
  /** Temperature of the newest cups, °C. */
  readonly cupsTempC?: number | undefined;
}

/** The variance of the pen's error at a lever. */
export function varianceAt({ level, shared, gain }: LevelVariance, lever: number): number {
  return Math.max(0, level + lever * (2 * shared + lever * gain));
}

/** The pen's gain: of pH, or shown / true of EC. */
function gainOf({ quantity, level, gain }: Pick<PenState, 'quantity' | 'level' | 'gain'>) {
  return quantity === 'ph' ? 1 + gain : Math.exp(level);
}

/** Whether no working pen has such numbers. */
export function isAbsurd(state: Pick<PenState, 'quantity' | 'level' | 'gain'>): boolean {
  const gain = gainOf(state);
  const { min, max } = state.quantity === 'ph' ? ABSURD.gainPh : ABSURD.gainEc;
  const farOff = state.quantity === 'ph' && Math.abs(state.level) > ABSURD.offsetPh;
  return farOff || !(gain >= min && gain <= max);
}

/** How far off the pen is: in pH at a true pH, or relative for EC. */
export function errorAt({ quantity, level, gain }: PenState, lever: number): number {
  return quantity === 'ph' ? level + gain * lever : Math.expm1(level);
}
