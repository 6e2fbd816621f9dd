import type { Revision } from '@/records';
import type { Erasure } from '@/records/kinds';
import type { BookState } from '../engine/bookState';

/** What the exchange needs of the open book. */
export interface ExchangedBook {
  readonly state: BookState;
  readonly erasures: () => readonly Erasure[];
  /** Brings what an opening left in storage. */
  readonly whole: () => Promise<void>;
  /** Writes what came from the house: it does not wait to be told to it again. */
  readonly takeFromHouse: (revisions: readonly Revision[], nowMs: number) => Promise<void>;
  /** What storage lost or holds damaged, in one text; '' where all is sound. */
  readonly holes: () => string;
  /** Something went wrong in the background. */
  readonly onTrouble: (about: string, error: unknown) => void;
}
