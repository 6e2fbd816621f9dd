import type { HouseTrouble } from './houseCalls';

/** How a device stands with its house. */
export interface HouseStatus {
  readonly paired: boolean;
  /** When they last met whole, epoch ms; null: not yet. */
  readonly lastMetMs: number | null;
  /** Acts of this device that the house has not got; `all`: the whole book is to be compared. */
  readonly waiting: number | 'all';
  /** Why the last meeting did not come to its end; null where it did. */
  readonly trouble: HouseTrouble | null;
  /** Pieces written by a newer version, kept until this one is updated. */
  readonly unread: number;
  /** Pieces of this device that the house refused, and pieces from there that are damaged. */
  readonly refused: number;
  readonly damaged: number;
}

/** A device that is paired with no house. */
export const NO_HOUSE: HouseStatus = {
  paired: false,
  lastMetMs: null,
  waiting: 0,
  trouble: null,
  unread: 0,
  refused: 0,
  damaged: 0,
};
