import type { Dip, Quantity } from '../calibration';
import type { Known, PenModel } from './model';

/** What an adjustment sets anew. */
export interface Adjusted {
  readonly offset: boolean;
  readonly gain: boolean;
  /** In two pieces: the gain above the neutral point too. */
  readonly bend: boolean;
}

/** A check of one side of a pen: what was seen as found, what was set, what was seen as left. */
export interface PenCheck {
  readonly kind: 'check';
  readonly atMs: number;
  readonly found: readonly Dip[];
  readonly adjusted?: Adjusted | undefined;
  readonly left: readonly Dip[];
  /** Cleaned before it was read as found. */
  readonly afterCleaning: boolean;
  /** Temperature of the cups, °C. */
  readonly cupsTempC?: number | undefined;
}

/** Everything that tells of a pen, or moves it, at its own time. */
export type PenEvent =
  | PenCheck
  /** Cleaned, soaked, knocked, dried out, in pure water, new battery. */
  | { readonly kind: 'disturbed'; readonly atMs: number }
  | { readonly kind: 'newProbe'; readonly atMs: number };

/** A pen's side as its model needs it. */
export interface PenFacts {
  readonly quantity: Quantity;
  /** Maker's accuracy at pH 7: the start is never taken surer than it. Not used for EC. */
  readonly accuracy: number;
  /** What is supposed of its gain before any check; pH only. */
  readonly startGain?: Known | undefined;
  /** Own scatter of repeated dips (standard): pH, or relative. */
  readonly repeatStdU: number;
  /** Its first reading, where that came before its first event. */
  readonly firstUseMs?: number | undefined;
  readonly events: readonly PenEvent[];
  /** Other numbers than `PEN_MODEL`, to try what they are worth. */
  readonly model?: PenModel | undefined;
}
