import type { Nutrients, Product, SolutionRefusal, StrengthRefusal } from '../chemistry';
import type { Band } from '../verdict';
import type { TankFactor } from './learnFactor';
import type { DoseCircumstances, EarlyRefusal } from './refusalBefore';
import type { TankFacts } from './tankModel';

/** All that decides a dose. */
export interface DoseInput extends Omit<DoseCircumstances, 'reagent'> {
  readonly tank: TankFacts & { readonly volumeL: number };
  readonly phStdU: number;
  readonly band: Band;
  readonly product: Product;
  /** What to reach; the middle of the band where absent. */
  readonly aimPh?: number | undefined;
  readonly factor: TankFactor;
}

/** Why no dose is proposed. */
export type DoseRefusal = SolutionRefusal | StrengthRefusal | EarlyRefusal;

/** What keeps a step small. */
export type StepLimit = 'firstStep' | 'charge' | 'freshShare' | 'stepPh' | 'weakFeed' | 'farEdge';

/** A dose in the product's own unit: mL, or grams of a powder. */
export interface DosePlan {
  readonly unit: 'mL' | 'g';
  /** What to pour now. */
  readonly firstAmount: number;
  /** What the aim would take in all, by the model. */
  readonly fullAmount: number;
  readonly aimPh: number;
  /** Right after mixing. */
  readonly afterPh: number;
  readonly afterStdU: number;
  /** Once fully aired. */
  readonly airedPh: number;
  /** What the chemistry alone says of the first step, before the tank's own factor, pH. */
  readonly modelChangePh: number;
  /** Acid (+) or base (−) equivalents of the first step, mmol. */
  readonly acidMmol: number;
  readonly nutrients: Nutrients;
  readonly limitedBy: StepLimit;
  readonly basis: 'fresh' | 'learned' | 'unlearned';
  /** What is booked of this fresh fill cannot be: something was poured that nobody wrote down. */
  readonly booksDoubted: boolean;
}
