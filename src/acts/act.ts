import type { BodyOf, Change, Kind, RevId, IdOf } from '@/records';
import type { Done } from './done';

/** What a grower did: the changes of the book, and what it is called when it is done. */
export interface Act {
  /** What the line tells of it; absent where the screen itself tells. */
  readonly done?: Done | undefined;
  readonly changes: readonly Change[];
}

/** A record as the screen knew it when the act was begun. */
export interface Known<K extends Kind = Kind> {
  readonly id: IdOf<K>;
  readonly revId: RevId;
}

/** A new record. */
export const make = <K extends Kind>(kind: K, body: BodyOf<K>): Change =>
  ({ kind, body }) as Change;

/** A record that says something else from now on, or says it of all time (`effectiveFromMs` absent). */
export const revise = <K extends Kind>(
  kind: K,
  known: Known<K>,
  body: BodyOf<K>,
  effectiveFromMs?: number,
): Change =>
  ({ kind, recordId: known.id, parents: [known.revId], body, effectiveFromMs }) as Change;

/** A new record, or another version of one that is known. */
export const save = <K extends Kind>(
  kind: K,
  known: Known<K> | undefined,
  body: BodyOf<K>,
  effectiveFromMs?: number,
): Change => (known ? revise(kind, known, body, effectiveFromMs) : make(kind, body));

/** A record taken out of use; what it said stays readable. */
export const discard = <K extends Kind>(kind: K, known: Known<K>): Change => ({
  kind,
  recordId: known.id,
  parents: [known.revId],
  body: null,
});
