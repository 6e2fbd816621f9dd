import type { LotState, ToBuy } from '@/core/lots';
import type { BenchDraft, Lot, CareKind } from '@/records/kinds';
import type { RecordNames } from './names';
import type { PenAnswer } from './pens';

/** A lot with its state. */
export interface LotAnswer extends RecordNames<'lot'> {
  readonly body: Lot;
  readonly state: LotState;
}

/** What to buy for the Shelf, the most urgent first. */
export type ShoppingAnswer = readonly ToBuy[];

/** All that the Bench needs. */
export interface BenchAnswer {
  readonly pen: PenAnswer;
  readonly lots: readonly LotAnswer[];
  /** How many more such sittings the Shelf allows; absent where amounts are not known. */
  readonly sittingsLeft?: number | undefined;
  readonly draft?: (RecordNames<'benchDraft'> & { readonly body: BenchDraft }) | undefined;
  /** The temperature of cups that still stand: of a check finished within the hour, °C. */
  readonly cupsTempC?: number | undefined;
  /** pH: how many of the pen's readings of the last weeks lay above what two cups bracket. */
  readonly ranAbove?: { readonly count: number; readonly of: number } | undefined;
  /** pH: the probe is far past its expected life. */
  readonly isFarPastAge?: boolean | undefined;
  /** Something was read with the side before. */
  readonly hasReadings: boolean;
  /** What was done to the side, or befell it, after all that was read with it. */
  readonly movedSince?: { readonly what: CareKind; readonly atMs: number } | undefined;
}
