import type { LastDose, SkipReason, TankFactor, TankWater } from '@/core/dosing';
import type { Addition, OwnProduct, Water } from '@/records/kinds';
import type { RecordNames } from './names';
import type { ReadingRow, TankAnswer } from './tanks';

/** What a dose was promised to do, and what the readings say it did. */
export interface DoseOutcome extends RecordNames {
  readonly body: Addition;
  readonly atMs: number;
  readonly beforePh: number;
  readonly afterPh: number;
  readonly predictedPh?: number | undefined;
  /** Why it taught nothing, where it did not. */
  readonly skipped?: SkipReason | undefined;
}

/** All that a dose plan needs; the plan itself is made on the page, as the grower changes it. */
export interface DoseAnswer {
  readonly tank: TankAnswer;
  /** The newest reading with a pH. */
  readonly reading?: ReadingRow | undefined;
  readonly water: TankWater;
  readonly factor: TankFactor;
  /** Doses behind the factor, newest first. */
  readonly outcomes: readonly DoseOutcome[];
  readonly lastDose?: LastDose | undefined;
}

/** A water of a tank with its share. */
export interface WaterShare {
  readonly water: Water;
  readonly share: number;
}

/** All that a correction of a tank's EC needs. */
export interface EcDoseAnswer {
  readonly tank: TankAnswer;
  /** The newest reading with an EC. */
  readonly reading?: ReadingRow | undefined;
  readonly waters: readonly WaterShare[];
  /** (mS/cm) for 1 mL/L of each stock, learned from this tank's own pours; the newest count. */
  readonly learnedGain?: { readonly gainMsPerCm: number; readonly pours: number } | undefined;
}

/** A product of one's own, with what is left of it. */
export interface ProductAnswer extends RecordNames {
  readonly body: OwnProduct;
  /** mL or g, what was poured since taken off; absent where nobody said how much there was. */
  readonly left?: number | undefined;
}
