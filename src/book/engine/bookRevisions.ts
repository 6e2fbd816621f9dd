import {
  FOLLOW_AHEAD_MS,
  headOf,
  type ActId,
  type BodyOf,
  type Kind,
  type RecordId,
  type RevId,
  type Revision,
  type IdOf,
} from '@/records';
import { kept, sameRevision } from '@/records/storage/oneOf';
import { hiddenAhead, writtenLater } from './aheadOfNow';

/** A live record: its name, its revisions and what its head says. */
export interface LiveRecord<K extends Kind> {
  readonly id: IdOf<K>;
  readonly revisions: readonly Revision<K>[];
  readonly head: Revision<K>;
  readonly body: BodyOf<K>;
}

/** Two screens' ideas of now differ by less than this, ms. */
const SCREENS_LAG_MS = 150_000;

/** What came of taking a revision in. */
export type Taken = 'new' | 'known' | 'replaced';

/**
 * Every revision of a book in memory, in any order. What was written later than now (a clock was wrong)
 * is kept, counted and left out of what is live.
 */
export class BookRevisions {
  /** Ids that came with two contents; the same one is shown on every phone. */
  twoContents = 0;
  readonly byRecord = new Map<RecordId, readonly Revision[]>();
  readonly recordOfRev = new Map<RevId, RecordId>();
  /** Records with more than one revision. */
  readonly several = new Set<RecordId>();
  readonly byAct = new Map<ActId, Revision[]>();
  private readonly idsOfKind = new Map<Kind, Set<RecordId>>();
  /** Suspects: written, or happened, more than a little later than now. */
  private readonly ahead = new Map<RevId, Revision>();
  private nowMs = Number.POSITIVE_INFINITY;
  /** The latest time of all that is not ahead, ISO. */
  private newestAt = '';
  /** Worked out when first needed after a change. */
  private hiddenNow: ReadonlyMap<RecordId, ReadonlySet<RevId>> | undefined;
  private readonly visibleNow = new Map<RecordId, readonly Revision[]>();

  /** Takes a revision in; one whose id is known is the same thing, as a rule. */
  take(revision: Revision): Taken {
    const { revId, recordId, kind, act } = revision;
    if (this.recordOfRev.has(revId)) return this.takeAgain(revision);
    this.recordOfRev.set(revId, recordId);
    // A new list at each change of a record: what was found out about the old one stays true of it.
    const before = this.byRecord.get(recordId) ?? [];
    this.byRecord.set(recordId, [...before, revision]);
    if (before.length > 0) this.several.add(recordId);
    const ids = this.idsOfKind.get(kind) ?? new Set();
    this.idsOfKind.set(kind, ids.add(recordId));
    const ofAct = this.byAct.get(act);
    if (ofAct) ofAct.push(revision);
    else this.byAct.set(act, [revision]);
    this.place(revision);
    return 'new';
  }

  /** Of two contents under one id the same one is taken everywhere. */
  private takeAgain(revision: Revision): Taken {
    const recordId = this.recordOfRev.get(revision.revId) ?? '';
    const known = this.byRecord.get(recordId)?.find(({ revId }) => revId === revision.revId);
    if (!known || sameRevision(known, revision)) return 'known';
    this.twoContents += 1;
    if (kept(known, revision) === known || known.recordId !== revision.recordId) return 'known';
    const list = this.byRecord.get(recordId) ?? [];
    this.byRecord.set(
      recordId,
      list.map((one) => (one === known ? revision : one)),
    );
    this.ahead.delete(revision.revId);
    this.place(revision);
    return 'replaced';
  }

  /** Lets go of a record as if it had never been here; answers its kind. */
  drop(id: RecordId): Kind | undefined {
    const revisions = this.byRecord.get(id) ?? [];
    for (const { revId, kind, act } of revisions) {
      this.recordOfRev.delete(revId);
      this.ahead.delete(revId);
      const left = (this.byAct.get(act) ?? []).filter(({ recordId }) => recordId !== id);
      if (left.length > 0) this.byAct.set(act, left);
      else this.byAct.delete(act);
      this.idsOfKind.get(kind)?.delete(id);
    }
    this.byRecord.delete(id);
    this.several.delete(id);
    return revisions[0]?.kind;
  }

  /** Names of all records of a kind, deleted ones too. */
  ids(kind: Kind): readonly RecordId[] {
    return [...(this.idsOfKind.get(kind) ?? [])];
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
   * Tells what time it is; `onMoves` hears of each record before what is live of it may change, and of
   * 'all' where the clock was set back. Screens ask with times up to a minute old: a little backwards is
   * not a clock set back.
   */
  setNow(nowMs: number, onMoves: (revision: Revision | 'all') => void): void {
    const back = this.nowMs - nowMs;
    if (back >= 0 && back < SCREENS_LAG_MS) return;
    this.nowMs = nowMs;
    const limit = this.limit();
    for (const [revId, revision] of this.ahead) {
      const late = writtenLater(revision);
      if (late > limit) continue;
      onMoves(revision);
      this.ahead.delete(revId);
      if (late > this.newestAt) this.newestAt = late;
    }
    // The clock was set back past something that is here: look at everything once more.
    if (this.newestAt <= limit) return;
    onMoves('all');
    this.newestAt = '';
    for (const list of this.byRecord.values()) list.forEach((revision) => this.place(revision));
  }

  /** To be called after a change: what is hidden is worked out anew when it is next needed. */
  settle(): void {
    this.hiddenNow = undefined;
    this.visibleNow.clear();
  }

  /** Revisions that no answer tells of, by record: ahead of now, and nobody has corrected them. */
  hidden(): ReadonlyMap<RecordId, ReadonlySet<RevId>> {
    return (this.hiddenNow ??= hiddenAhead(this.ahead, (id) => this.byRecord.get(id) ?? []));
  }

  /** A record's revisions without those ahead of now. */
  visible(id: RecordId): readonly Revision[] {
    const all = this.byRecord.get(id) ?? [];
    const hidden = this.ahead.size > 0 ? this.hidden().get(id) : undefined;
    if (!hidden) return all;
    const known = this.visibleNow.get(id) ?? all.filter(({ revId }) => !hidden.has(revId));
    this.visibleNow.set(id, known);
    return known;
  }

  /** A record as it stands; undefined where there is none or it is deleted. */
  live(id: RecordId): LiveRecord<Kind> | undefined {
    const revisions = this.visible(id);
    const head = revisions.length === 1 ? revisions[0] : headOf(revisions);
    if (!head || head.body === null) return undefined;
    return { id: id as string, revisions, head, body: head.body };
  }
}
