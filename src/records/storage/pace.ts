/** Hears how far a large write is, 0 to 1. Either may throw: the write ends there, and nothing of it is kept. */
export interface Pace {
  /** Lets others be answered before it goes on. */
  wait(share: number): Promise<void>;
  /** Within a transaction, which would end by itself if anything were waited for. */
  tell(share: number): void;
}
