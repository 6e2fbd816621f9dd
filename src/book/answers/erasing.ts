import type { Kind, PenId, TankId, IdOf } from '@/records';

/** What the grower wants to let go of: everything before a moment, or that of one place or pen. */
export interface EraseWish {
  readonly untilMs: number;
  /** From this on; absent: from the beginning. */
  readonly fromMs?: number | undefined;
  readonly tankId?: TankId | undefined;
  readonly penId?: PenId | undefined;
}

/** An erasing that was done. */
export interface ErasedRow {
  readonly id: IdOf<'erasure'>;
  readonly atMs: number;
  readonly fromMs: number | undefined;
  readonly untilMs: number;
  readonly count: number;
  /** The steps of sittings, by themselves; else the grower asked. */
  readonly thinned: boolean;
  /** The place or pen it was of, as it is called now; '' where it was of everything. */
  readonly about: string;
}

/** What could be let go of, and what was. */
export interface EraseAnswer {
  /** How long entries are kept at least, years. */
  readonly keepYears: number;
  /** Nothing that happened from here on may be erased. */
  readonly latestMs: number;
  /** When the oldest entry happened; null where there is none. */
  readonly oldestMs: number | null;
  /** Entries that would go. */
  readonly count: number;
  readonly byKind: readonly { readonly kind: Kind; readonly count: number }[];
  readonly done: readonly ErasedRow[];
}
