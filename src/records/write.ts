import { recordNamedBy, type ActId, type MakeId, type RecordId, type RevId } from './ids';
import type { BodyOf, Kind } from './kinds';
import { MAX_PARENTS, SCHEMA_VERSION, type Revision } from './revision';

/** Who writes, where and when: the parts of a revision that every act shares. */
export interface Writer {
  readonly makeId: MakeId;
  readonly nowMs: number;
  readonly zone: string;
  readonly by: string;
  readonly device: string;
  /** The act it belongs to; a revision that stands alone is an act of its own. */
  readonly act?: ActId | undefined;
}

/** What to write: a new record, a change of one, or its deletion (`body: null`). */
export interface Change<K extends Kind = Kind> {
  readonly kind: K;
  readonly recordId?: RecordId | undefined;
  /** The heads this replaces; empty for a new record. */
  readonly parents?: readonly RevId[] | undefined;
  readonly effectiveFromMs?: number | undefined;
  /** Why an entry is amended or voided. */
  readonly why?: string | undefined;
  readonly body: BodyOf<K> | null;
}

/** Turns a change into a revision ready to append. A new record is named by its first revision. */
export function writeRevision<K extends Kind>(change: Change<K>, writer: Writer): Revision<K> {
  const revId = writer.makeId(writer.nowMs);
  const { effectiveFromMs, why } = change;
  return {
    recordId: (change.recordId as string | undefined) ?? recordNamedBy(revId),
    revId,
    parents: change.parents ?? [],
    kind: change.kind,
    at: new Date(writer.nowMs).toISOString(),
    zone: writer.zone,
    by: writer.by,
    device: writer.device,
    act: writer.act ?? (revId as string),
    ...(why ? { why } : {}),
    v: SCHEMA_VERSION,
    ...(effectiveFromMs === undefined
      ? {}
      : { effectiveFrom: new Date(effectiveFromMs).toISOString() }),
    body: change.body,
  };
}

/**
 * A change as revisions. One, as a rule; where a record has more heads than one revision may join,
 * each further one joins the one before and the next heads, so that any number can be joined.
 */
export function writeChange<K extends Kind>(change: Change<K>, writer: Writer): Revision<K>[] {
  const parents = change.parents ?? [];
  if (parents.length <= MAX_PARENTS) return [writeRevision(change, writer)];
  const first = writeRevision({ ...change, parents: parents.slice(0, MAX_PARENTS) }, writer);
  const steps = [first];
  for (let at = MAX_PARENTS; at < parents.length; at += MAX_PARENTS - 1) {
    const next = [steps.at(-1)!.revId, ...parents.slice(at, at + MAX_PARENTS - 1)];
    steps.push(writeRevision({ ...change, recordId: first.recordId, parents: next }, writer));
  }
  return steps;
}
