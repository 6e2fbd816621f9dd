import {
  FOLLOW_AHEAD_MS,
  headOf,
  headsOf,
  type ActId,
  type BodyOf,
  type Kind,
  type RecordId,
  type RevId,
  type Revision,
} from '@/records';
import { kept, sameRevision } from '@/records/storage/oneOf';
import { hiddenAhead, writtenLater } from './aheadOfNow';

/** A live record: its name, its revisions and what its head says. */
export interface LiveRecord<K extends Kind> {
  readonly id: RecordId;
  readonly revisions: readonly Revision<K>[];
  readonly head: Revision<K>;
  readonly body: BodyOf<K>;
}

/** Two screens' ideas of now differ by less than this, ms. */
const SCREENS_LAG_MS = 150_000;

/**
 * The whole book in memory, built from revisions in any order. Answers are derived from it. What was
 * written later than now (a clock was wrong) is kept, counted and left out of every answer.
 */
export class BookState {
  /** Ids that came with two contents; the same one is shown on every phone. */
  twoContents = 0;
  /** Pens and tanks whose numbers could not be worked out, with why. */
  readonly spoiled = new Map<string, string>();
  /** Told once for each of them. */
  onSpoiled: (about: string, error: unknown) => void = () => undefined;
  private readonly byRecord = new Map<RecordId, Revision[]>();
  private readonly idsOfKind = new Map<Kind, Set<RecordId>>();
  private readonly recordOfRev = new Map<RevId, RecordId>();
  private readonly byAct = new Map<ActId, Revision[]>();
  /** Suspects: written, or happened, more than a little later than now. */
  private readonly ahead = new Map<RevId, Revision>();
  private nowMs = Number.POSITIVE_INFINITY;
  /** The latest time of all that is not ahead, ISO. */
  private newestAt = '';
  private readonly memo = new Map<string, unknown>();

  /** Takes revisions in; those already known are ignored. Returns the kinds that changed. */
  apply(revisions: readonly Revision[]): ReadonlySet<Kind> {
    const changed = new Set<Kind>();
    for (const revision of revisions) {
      if (this.takeOne(revision)) changed.add(revision.kind);
    }
    if (changed.size > 0) {
      this.memo.clear();
      this.spoiled.clear();
    }
    return changed;
  }

  private takeOne(revision: Revision): boolean {
    const { revId } = revision;
    if (this.recordOfRev.has(revId)) return this.takeAgain(revision);
    this.recordOfRev.set(revId, revision.recordId);
    // A new list at each change of a record: what was found out about the old one stays true of it.
    this.byRecord.set(revision.recordId, [
      ...(this.byRecord.get(revision.recordId) ?? []),
      revision,
    ]);
    const ids = this.idsOfKind.get(revision.kind) ?? new Set();
    this.idsOfKind.set(revision.kind, ids.add(revision.recordId));
    const act = this.byAct.get(revision.act);
    if (act) act.push(revision);
    else this.byAct.set(revision.act, [revision]);
    this.place(revision);
    return true;
  }

  /** An id that is known: the same thing, as a rule; of two contents the same one everywhere. */
  private takeAgain(revision: Revision): boolean {
    const recordId = this.recordOfRev.get(revision.revId) ?? '';
    const known = this.byRecord.get(recordId)?.find(({ revId }) => revId === revision.revId);
    if (!known || sameRevision(known, revision)) return false;
    this.twoContents += 1;
    if (kept(known, revision) === known || known.recordId !== revision.recordId) return false;
    const list = this.byRecord.get(recordId) ?? [];
    this.byRecord.set(
      recordId,
      list.map((one) => (one === known ? revision : one)),
    );
    this.ahead.delete(revision.revId);
    this.place(revision);
    return true;
  }

  /** Lets go of records as if they had never been here; answers the kinds that changed. */
  forget(gone: ReadonlySet<RecordId>): ReadonlySet<Kind> {
    const changed = new Set<Kind>();
    for (const id of gone) {
      for (const { revId, kind, act } of this.byRecord.get(id) ?? []) {
        changed.add(kind);
        this.recordOfRev.delete(revId);
        this.ahead.delete(revId);
        const left = (this.byAct.get(act) ?? []).filter(({ recordId }) => recordId !== id);
        if (left.length > 0) this.byAct.set(act, left);
        else this.byAct.delete(act);
        this.idsOfKind.get(kind)?.delete(id);
      }
      this.byRecord.delete(id);
    }
    if (changed.size > 0) this.memo.clear();
    return changed;
  }

  /** Every record by name, with all it ever said. */
  records(): ReadonlyMap<RecordId, readonly Revision[]> {
    return this.byRecord;
  }

  /** Puts a revision among those of now or those ahead of it. */
  private place(revision: Revision): void {
    const late = writtenLater(revision);
    if (late > this.limit()) this.ahead.set(revision.revId, revision);
    else if (late > this.newestAt) this.newestAt = late;
  }

  /** What is written later than this is ahead of now. */
  private limit(): string {
    return Number.isFinite(this.nowMs) ? new Date(this.nowMs + FOLLOW_AHEAD_MS).toISOString() : '~';
  }

  /**
   * Tells what time it is. Returns the kinds whose answers change by it. Screens ask with times up to
   * a minute old: a little backwards is not a clock set back.
   */
  setNow(nowMs: number): ReadonlySet<Kind> {
    const back = this.nowMs - nowMs;
    if (back >= 0 && back < SCREENS_LAG_MS) return new Set();
    this.nowMs = nowMs;
    const limit = this.limit();
    const changed = new Set<Kind>();
    for (const [revId, revision] of this.ahead) {
      const late = writtenLater(revision);
      if (late > limit) continue;
      this.ahead.delete(revId);
      if (late > this.newestAt) this.newestAt = late;
      changed.add(revision.kind);
    }
    // The clock was set back past something that is here: look at everything once more.
    if (this.newestAt > limit) {
      this.newestAt = '';
      for (const revision of this.revisions()) {
        this.place(revision);
        changed.add(revision.kind);
      }
    }
    if (changed.size > 0) this.memo.clear();
    return changed;
  }

  /** Revisions that no answer tells of, by record: ahead of now, and nobody has corrected them. */
  private hidden(): ReadonlyMap<RecordId, ReadonlySet<RevId>> {
    return this.remember('hidden', () =>
      hiddenAhead(this.ahead, (id) => this.byRecord.get(id) ?? []),
    );
  }

  /** What was written later than now and waits for the grower to say what is right, oldest first. */
  aheadOfNow(): readonly Revision[] {
    return this.remember('aheadOfNow', () =>
      [...this.hidden()]
        .flatMap(([id, hidden]) => this.revisionsOf(id).filter(({ revId }) => hidden.has(revId)))
        .sort((a, b) => (a.revId < b.revId ? -1 : 1)),
    );
  }

  /** A record's revisions without those ahead of now. */
  private visible(id: RecordId): readonly Revision[] {
    const all = this.byRecord.get(id) ?? [];
    if (this.ahead.size === 0) return all;
    const hidden = this.hidden().get(id);
    if (!hidden) return all;
    return this.remember(`visible/${id}`, () => all.filter(({ revId }) => !hidden.has(revId)));
  }

  /** A record by name, or undefined when there is none or it is deleted. */
  record<K extends Kind>(kind: K, id: RecordId): LiveRecord<K> | undefined {
    const revisions = this.visible(id) as unknown as readonly Revision<K>[];
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

  /** Everything a record ever said, whatever its time. */
  revisionsOf(id: RecordId): readonly Revision[] {
    return this.byRecord.get(id) ?? [];
  }

  /** One revision of a record. */
  revision(recordId: RecordId, revId: RevId): Revision | undefined {
    return this.byRecord.get(recordId)?.find((revision) => revision.revId === revId);
  }

  /** The record a revision belongs to; undefined for a revision that is not here. */
  recordOf(revId: RevId): RecordId | undefined {
    return this.recordOfRev.get(revId);
  }

  /** What one act wrote; empty for an act that is not here. */
  actOf(act: ActId): readonly Revision[] {
    return this.byAct.get(act) ?? [];
  }

  /** Names of all records of a kind, deleted ones too. */
  idsOf(kind: Kind): readonly RecordId[] {
    return [...(this.idsOfKind.get(kind) ?? [])];
  }

  get size(): number {
    return this.recordOfRev.size;
  }

  /** Every revision, for the ledger and the export. */
  revisions(): readonly Revision[] {
    return [...this.byRecord.values()].flat();
  }

  /** The revisions of every record that has more than one head. */
  conflicted(): readonly (readonly Revision[])[] {
    return [...this.byRecord.keys()]
      .map((id) => this.visible(id))
      .filter((revisions) => revisions.length > 1 && headsOf(revisions).length > 1);
  }

  /** Notes that the numbers of one pen or tank could not be worked out. */
  noteSpoiled(about: string, error: unknown): void {
    if (this.spoiled.has(about)) return;
    this.spoiled.set(about, error instanceof Error ? error.message : String(error));
    this.onSpoiled(about, error);
  }

  /** Computes once until the next change. */
  remember<T>(name: string, compute: () => T): T {
    if (!this.memo.has(name)) this.memo.set(name, compute());
    return this.memo.get(name) as T;
  }
}
