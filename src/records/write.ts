import { recordNamedBy, type MakeId, type RecordId, type RevId } from './ids';
import type { BodyOf, Kind } from './kinds';
import { SCHEMA_VERSION, type Revision } from './revision';

/** Who writes, where and when: the parts of a revision that every act shares. */
export interface Writer {
  readonly makeId: MakeId;
  readonly nowMs: number;
  readonly zone: string;
  readonly by: string;
  readonly device: string;
}

/** What to write: a new record, a change of one, or its deletion (`body: null`). */
export interface Change<K extends Kind = Kind> {
  readonly kind: K;
  readonly recordId?: RecordId | undefined;
  /** The heads this replaces; empty for a new record. */
  readonly parents?: readonly RevId[] | undefined;
  readonly effectiveFromMs?: number | undefined;
  readonly body: BodyOf<K> | null;
}

/** Turns a change into a revision ready to append. A new record is named by its first revision. */
export function writeRevision<K extends Kind>(change: Change<K>, writer: Writer): Revision<K> {
  const revId = writer.makeId(writer.nowMs);
  const { effectiveFromMs } = change;
  return {
    recordId: change.recordId ?? recordNamedBy(revId),
    revId,
    parents: change.parents ?? [],
    kind: change.kind,
    at: new Date(writer.nowMs).toISOString(),
    zone: writer.zone,
    by: writer.by,
    device: writer.device,
    v: SCHEMA_VERSION,
    ...(effectiveFromMs === undefined
      ? {}
      : { effectiveFrom: new Date(effectiveFromMs).toISOString() }),
    body: change.body,
  };
}
