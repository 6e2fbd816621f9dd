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

/** Makes ids that sort by the time given, and by order of making within a millisecond. */
export type MakeId = (atMs: number) => RevId;

/** A source of ids. `random` in [0, 1) may be given for repeatable ids (demo, tests). */
export function idSource(random?: () => number): MakeId {
  return monotonicFactory(random);
}

/** The moment an id was made, epoch ms. Throws on a string that is no ULID. */
export function idTimeMs(id: RevId): number {
  return decodeTime(id);
}
