import type { Result } from '@/core/result';
import type { ActId } from '@/records';
import type {
  OnProgress,
  RejectedRows,
  TablePreview,
  TableRefusal,
  TableSeen,
  TableWish,
} from './answers';
import type { OnShare } from './longWork';
import type { Moment } from './moment';

/** The one table that lies open before the book, until it is taken in or another is opened. */
export interface TableDesk {
  /** Opens a file of another program and guesses how it is written; nothing is written. */
  openTable(file: File): Promise<Result<TableSeen, TableRefusal>>;
  /** The same table under another subject or shape: its columns guessed anew. */
  lookAgain(wish: Pick<TableWish, 'subject' | 'shape'>): Promise<TableSeen>;
  /** Reads all of it as the grower wishes; undefined where it was cancelled meanwhile. */
  readTable(
    wish: TableWish,
    moment: Moment,
    onProgress: OnProgress,
  ): Promise<TablePreview | undefined>;
  /** Ends a reading or taking in that is under way; nothing was written. */
  cancelTable(): Promise<void>;
  /** What of the table last read is not taken in. */
  rejectedRows(): Promise<RejectedRows>;
  /** Takes in what was read last, as one act. */
  takeTable(moment: Moment, actId: ActId, onShare: OnShare): Promise<{ readonly taken: number }>;
}
