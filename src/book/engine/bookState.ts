import {
  headOf,
  headsOf,
  type BodyOf,
  type Kind,
  type RecordId,
  type RevId,
  type Revision,
} from '@/records';

/** A live record: its name, its revisions and what its head says. */
export interface LiveRecord<K extends Kind> {
  readonly id: RecordId;
  readonly revisions: readonly Revision<K>[];
  readonly head: Revision<K>;
  readonly body: BodyOf<K>;
}

/** The whole book in memory, built from revisions in any order. Answers are derived from it. */
export class BookState {
  private readonly byRecord = new Map<RecordId, Revision[]>();
  private readonly idsOfKind = new Map<Kind, Set<RecordId>>();
  private readonly known = new Set<RevId>();
  private readonly memo = new Map<string, unknown>();

  /** Takes revisions in; those already known are ignored. Returns the kinds that changed. */
  apply(revisions: readonly Revision[]): ReadonlySet<Kind> {
    const changed = new Set<Kind>();
    for (const revision of revisions) {
      if (this.known.has(revision.revId)) continue;
      this.known.add(revision.revId);
      const list = this.byRecord.get(revision.recordId);
      if (list) list.push(revision);
      else this.byRecord.set(revision.recordId, [revision]);
      const ids = this.idsOfKind.get(revision.kind) ?? new Set();
      this.idsOfKind.set(revision.kind, ids.add(revision.recordId));
      changed.add(revision.kind);
    }
    if (changed.size > 0) this.memo.clear();
    return changed;
  }

  /** A record by name, or undefined when there is none or it is deleted. */
  record<K extends Kind>(kind: K, id: RecordId): LiveRecord<K> | undefined {
    const revisions = (this.byRecord.get(id) ?? []) as unknown as Revision<K>[];
    const head = revisions.length === 1 ? revisions[0] : headOf(revisions);
    if (!head || head.kind !== kind || head.body === null) return undefined;
    return { id, revisions, head, body: head.body };
  }

  /** All live records of a kind, in the order they were made. */
  all<K extends Kind>(kind: K): readonly LiveRecord<K>[] {
    return this.remember(`all/${kind}`, () =>
      [...(this.idsOfKind.get(kind) ?? [])].sort().flatMap((id) => this.record(kind, id) ?? []),
    );
  }

  /** The heads a change of a record replaces. */
  headIds(id: RecordId): readonly RevId[] {
    return headsOf(this.byRecord.get(id) ?? []).map((revision) => revision.revId);
  }

  /** One revision of a record. */
  revision(recordId: RecordId, revId: RevId): Revision | undefined {
    return this.byRecord.get(recordId)?.find((revision) => revision.revId === revId);
  }

  /** Every revision, for the ledger and the export. */
  revisions(): readonly Revision[] {
    return [...this.byRecord.values()].flat();
  }

  /** The revisions of every record that has more than one head. */
  conflicted(): readonly (readonly Revision[])[] {
    return [...this.byRecord.values()].filter(
      (revisions) => revisions.length > 1 && headsOf(revisions).length > 1,
    );
  }

  /** Computes once until the next change. */
  remember<T>(name: string, compute: () => T): T {
    if (!this.memo.has(name)) this.memo.set(name, compute());
    return this.memo.get(name) as T;
  }
}
