import type { LotId, PenId, TankId } from '@/records';

/** Kinds of records that stand in the Book as entries, in the order they are offered. */
export const LEDGER_KINDS = [
  'reading',
  'session',
  'addition',
  'jarTest',
  'careEvent',
  'controlReading',
  'comparison',
  'probe',
  'lot',
  'skip',
] as const;

export type LedgerKind = (typeof LEDGER_KINDS)[number];

/** What an entry came to: how a check ended, or where a reading stood. */
export const LEDGER_VERDICTS = [
  'foundGood',
  'adjusted',
  'leftOut',
  'inBand',
  'outOfBand',
  'cantTell',
] as const;

export type LedgerVerdict = (typeof LEDGER_VERDICTS)[number];

/** Which entries of the Book are asked for; what is absent leaves nothing out. */
export interface LedgerQuery {
  /** Each word stands somewhere in the entry: a name, a code, a number of a device or lot, a note. */
  readonly words?: string | undefined;
  readonly kind?: LedgerKind | undefined;
  readonly tankId?: TankId | undefined;
  readonly penId?: PenId | undefined;
  readonly lotId?: LotId | undefined;
  /** Initials of who wrote it. */
  readonly by?: string | undefined;
  readonly verdict?: LedgerVerdict | undefined;
  /** First and last moment, epoch ms, both within. */
  readonly fromMs?: number | undefined;
  readonly toMs?: number | undefined;
}

/** A part of what was found, newest first: so many entries after the first `skip`. */
export interface LedgerPart {
  readonly skip: number;
  readonly count: number;
}
