import { decodeTime, monotonicFactory } from 'ulid';
import type { Branded, IdOf } from '@/core/branded';

export type { IdOf } from '@/core/branded';

/** Names a record of any kind for good; sorts by the time it was made. */
export type RecordId = IdOf<string>;

export type PenId = IdOf<'pen'>;
export type TankId = IdOf<'tank'>;
export type LotId = IdOf<'lot'>;
export type ReadingId = IdOf<'reading'>;
export type DraftId = IdOf<'benchDraft'>;
export type WaterId = IdOf<'water'>;
/** A product of the house's own, or one that every book knows. */
export type ProductId = IdOf<'product'>;
/** A profile of the house's own, or one that every book knows. */
export type ProfileId = IdOf<'profile'>;

/** A record takes the id of its first revision as its name. */
export function recordNamedBy<Kind extends string>(revId: RevId): IdOf<Kind> {
  return revId as string;
}

/** Names one revision; sorts by time and never collides across phones (ULID). */
export type RevId = Branded<'revision'>;

/** Names what one press did, made before it is sent: the same act is booked once. */
export type ActId = Branded<'act'>;

/** Names a phone or browser that writes. */
export type DeviceId = Branded<'device'>;

/** What every revision and act is named by: 26 letters of Crockford's alphabet, time first. */
export const ID_PATTERN = /^[0-7][0-9A-HJKMNP-TV-Z]{25}$/;

/** What a record may be named by: an id, or a name that code gave it (`setting-book`). */
export const RECORD_ID_PATTERN = /^[0-9A-Za-z-]{1,64}$/;

/** Makes ids that sort by the time given, and by order of making within a millisecond. */
export type MakeId = (atMs: number) => RevId;

/** A source of ids. `random` in [0, 1) may be given for repeatable ids (demo, tests). */
export function idSource(random?: () => number): MakeId {
  return monotonicFactory(random);
}

/** The moment an id was made, epoch ms. Throws on a string that does not match `ID_PATTERN`. */
export function idTimeMs(id: RevId): number {
  return decodeTime(id);
}
