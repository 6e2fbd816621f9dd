import type { EcTraits, PhTraits } from '../calibration';
import type { PenState } from '../drift';
import type { BudgetPart } from '../uncertainty';

/** A displayed value, with what is known of the pen at that moment. */
interface Shown {
  /** The mean of all dips, in the unit of the pen's display. */
  readonly shown: number;
  /** Every dip of the same sample, where it was dipped more than once. */
  readonly dips?: readonly number[] | undefined;
  readonly tempC?: number | undefined;
  readonly state: PenState;
  /** The pen's own scatter of repeated dips, pH or relative (standard). */
  readonly repeatStdU?: number | undefined;
}

/** A pH as displayed. */
export interface PhReadingInput extends Shown {
  readonly quantity: 'ph';
  readonly pen: Pick<PhTraits, 'resolutionPh' | 'hasAtc'>;
}

/** A conductivity as displayed, in the unit of the pen's scale. */
export interface EcReadingInput extends Shown {
  readonly quantity: 'ec';
  readonly pen: Pick<EcTraits, 'scale' | 'resolution' | 'compensation'>;
  /** The feed's own coefficient, per °C. */
  readonly feedAlphaPerC: number;
}

/** A reading of either quantity. */
export type ReadingInput = PhReadingInput | EcReadingInput;

/** What a reader makes of a displayed value: where it leads, and how errors come through. */
export interface Reader {
  /** Corrected: pH, or mS/cm at 25 °C. */
  readonly value: number;
  /** As the pen showed it, in the unit of the value. */
  readonly asShown: number;
  /** Standard uncertainty of the value per unit of the pen's own error. */
  readonly perError: number;
  /** Where on the pen's line the reading lies: φ·(p − 7), 0 for EC. */
  readonly lever: number;
  /** What is supposed of a pen never checked and left in the value, in its unit. */
  readonly notTakenOff: number;
  /** Parts that are not the pen's state, as variances of the value. */
  readonly own: readonly (readonly [BudgetPart['source'], number])[];
  /** Values that water can have. */
  readonly possible: { readonly min: number; readonly max: number };
}
