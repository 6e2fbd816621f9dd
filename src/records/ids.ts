import { decodeTime, monotonicFactory } from 'ulid';

declare const brand: unique symbol;
type Branded<Name extends string> = string & { readonly [brand]?: Name };

/** Names a record for good; sorts by the time it was made. */
export type RecordId = Branded<'RecordId'>;

/** A record takes the id of its first revision as its name. */
export function recordNamedBy(revId: RevId): RecordId {
  return revId as string;
}

/** Names one revision; sorts by time and never collides across phones (ULID). */
export type RevId = Branded<'RevId'>;

/** Names what one press did, made before it is sent: the same act is booked once. */
export type ActId = Branded<'ActId'>;

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
