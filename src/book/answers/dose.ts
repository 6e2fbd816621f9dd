import type { CurvePoint, DosePlan, DoseRefusal, LastDose, SecondReading } from '@/core/dosing';
import type { Result } from '@/core/result';
import type { Believed } from '@/core/tank-belief';
import type { Addition, OwnProduct, Water } from '@/records/kinds';
import type { RecordNames } from './names';
import type { ReadingRow, ReservoirAnswer } from './tanks';
import type { ProductId } from '@/records';

/** A dose of the newest session, what was expected of it, and what was read. */
export interface DoseOutcome extends RecordNames<'addition'> {
  readonly body: Addition;
  readonly atMs: number;
  readonly readMs?: number | undefined;
  readonly readPh?: number | undefined;
  /** Weighted mean and 95 % of what was expected; absent where it was not taken in. */
  readonly expected?:
    { readonly ph: number; readonly lowPh: number; readonly highPh: number } | undefined;
  /** Why what was read after it taught nothing, or less. */
  readonly left?: 'notRead' | 'whileMixing' | 'excluded' | undefined;
  /** No second reading agrees with it. */
  readonly lone: boolean;
}

/** What is believed of a tank, as it is told. */
export interface TankBelieved {
  readonly kind: 'fresh' | 'inUse';
  /** Alkalinity it was filled with, mmol/L: as told and as believed; fresh fills only. */
  readonly toldAlkalinityMmolPerL?: number | undefined;
  readonly alkalinityMmolPerL?: Believed | undefined;
  /** How much the feed resists beside the usual; fed tanks only. */
  readonly factor?: Believed | undefined;
  /** A fill that its EC does not witness. */
  readonly unwitnessed: boolean;
  /** How likely it is that it was never filled afresh, where that is in doubt. */
  readonly neverFilled?: number | undefined;
  /** Doses of this session that were read. */
  readonly dosesRead: number;
}

/** The last agreed reading contradicts what was told. */
export interface Contradiction {
  readonly dose: RecordNames<'addition'> & { readonly body: Addition };
  readonly readPh: number;
  readonly expectedPh: number;
  /** Alkalinity as told and as it fits what happened, mmol/L; fresh fills only. */
  readonly toldMmolPerL?: number | undefined;
  readonly fitsMmolPerL?: number | undefined;
  /** More likely than not it was never filled afresh. */
  readonly neverFilled: boolean;
}

/** All about correcting a tank's pH but the plan itself, which is asked for with a product. */
export interface DoseAnswer {
  readonly tank: ReservoirAnswer;
  /** The newest reading with a pH. */
  readonly reading?: ReadingRow | undefined;
  readonly lastDose?: LastDose | undefined;
  readonly believed?: TankBelieved | undefined;
  /** Doses of this session, newest first. */
  readonly outcomes: readonly DoseOutcome[];
  readonly second?: SecondReading | undefined;
  readonly contradiction?: Contradiction | undefined;
  /** When it was filled afresh, where a fill begins this session. */
  readonly filledMs?: number | undefined;
}

/** What a plan is asked for. */
export interface DoseWish {
  readonly productId: ProductId;
  readonly aimPh?: number | undefined;
  readonly chasingAccepted: boolean;
  readonly neverChanged: boolean;
}

/** A plan for a wish, with its curve. */
export interface DosePlanAnswer {
  readonly wish: DoseWish;
  readonly plan: Result<DosePlan, DoseRefusal>;
  readonly curve: readonly CurvePoint[];
  /** Strength as believed, eq/L, of a product nobody knows. */
  readonly strength?: Believed | undefined;
  /** Minutes until the first re-reading. */
  readonly rereadMinutes: number;
}

/** A water of a tank with its share. */
export interface WaterShare {
  readonly water: Water;
  readonly share: number;
}

/** All that a correction of a tank's EC needs. */
export interface EcDoseAnswer {
  readonly tank: ReservoirAnswer;
  /** The newest reading with an EC. */
  readonly reading?: ReadingRow | undefined;
  readonly waters: readonly WaterShare[];
  /** (mS/cm) for 1 mL/L of each stock, learned from this tank's own pours; the newest count. */
  readonly learnedGain?: { readonly gainMsPerCm: number; readonly pours: number } | undefined;
}

/** A product of one's own, with what is left of it. */
export interface ProductAnswer extends RecordNames<'product'> {
  readonly body: OwnProduct;
  /** mL or g, what was poured since taken off; absent where nobody said how much there was. */
  readonly left?: number | undefined;
}
