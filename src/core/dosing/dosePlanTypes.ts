import type { Nutrients, Product } from '../chemistry';
import type { Beliefs, StepLimit } from '../tank-belief';
import type { Band } from '../verdict';
import type { Pour } from './pourable';
import type { DoseCircumstances, EarlyRefusal } from './refusalBefore';

/** What a second reading is to settle before anything is poured. */
export interface SecondReading {
  /**
   * After a dose; after one that was not read at all since it mixed; or before the first one, where
   * high or low is only probable.
   */
  readonly why: 'afterDose' | 'notRead' | 'probable';
  readonly firstPh: number;
  readonly firstMs: number;
  /** Epoch ms before which a second reading says nothing. */
  readonly notBeforeMs: number;
}

/** All that decides a dose. */
export interface DoseInput extends Omit<DoseCircumstances, 'reagent'> {
  readonly beliefs: Beliefs;
  readonly volumeL: number;
  readonly band: Band;
  /** The true pH to reach; the middle of the band where absent. */
  readonly aimPh?: number | undefined;
  readonly product: Product;
  /** One digit of the pen that reads it next, pH, and when that is, minutes after pouring. */
  readonly digitPh: number;
  readonly rereadMinutes: number;
  /** A second reading that is still missing. */
  readonly second?: SecondReading | undefined;
  /** The last agreed reading contradicts what was told, and nobody said what holds. */
  readonly contradicted?: boolean | undefined;
}

/** Why no dose is proposed. */
export type DoseRefusal =
  | EarlyRefusal
  | {
      readonly reason: 'outOfRange';
      readonly quantity: string;
      readonly min: number;
      readonly max: number;
    }
  | ({ readonly reason: 'secondReading' } & SecondReading)
  | { readonly reason: 'contradicted' }
  /** Even the smallest step could pass the far edge: the band is too narrow for this pen. */
  | { readonly reason: 'noRoom' }
  /** Less than anybody can measure. */
  | { readonly reason: 'tooSmall' };

/** pH against amount: as likely as not, and 95 % of what is believed. */
export interface CurvePoint {
  readonly amount: number;
  readonly ph: number;
  readonly low: number;
  readonly high: number;
}

/** A dose in the product's own unit: mL, or grams of a powder. */
export interface DosePlan {
  readonly unit: 'mL' | 'g';
  /** What to pour now. */
  readonly firstAmount: number;
  readonly pour: Pour;
  /** What reaches the aim as likely as not, in all from now. */
  readonly fullAmount: number;
  readonly aimPh: number;
  /** What is to be read then, with 95 % of what is believed. */
  readonly afterPh: number;
  readonly afterLowPh: number;
  readonly afterHighPh: number;
  /** Once fully aired: after this step, and after all. */
  readonly airedPh: number;
  readonly fullAiredPh: number;
  /** Acid (+) or base (−) equivalents of the step, mmol; absent where nobody knows the strength. */
  readonly acidMmol?: number | undefined;
  readonly nutrients: Nutrients;
  readonly limitedBy: StepLimit;
  /** How much moves this tank by one pH from where it stands: as likely as not, with 95 %. */
  readonly onePh: { readonly amount: number; readonly low: number; readonly high: number };
}
