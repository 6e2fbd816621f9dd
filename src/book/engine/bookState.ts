import {
  headsOf,
  type ActId,
  type Kind,
  type RecordId,
  type RevId,
  type Revision,
  type IdOf,
} from '@/records';
import { BookRevisions, type LiveRecord } from './bookRevisions';
import type { EarlierTold } from './earlierReadings';
import { LeftReadings } from './leftReadings';
import { PartIndex, wholeOf, type Part } from './partIndex';
import { READING_PARTS } from './partsOfBook';
import { Touched } from './touched';
import { Remembering, type Remembered } from './remembering';

export type { LiveRecord } from './bookRevisions';

/** More revisions at once than this are a book being opened or taken in: all is looked at anew. */
const AT_ONCE = 2_000;

/** A fact that changes with every change of the book. */
const ANYTHING = 'anything';

/**
 * The whole book in memory, built from revisions in any order. Answers are derived from it, and what was
 * worked out is kept for as long as what it was made of stays the same.
 */
export class BookState {
  /** Pens and tanks whose numbers could not be worked out, with why. */
  readonly spoiled = new Map<string, string>();
  /** Told once for each of them. */
  onSpoiled: (about: string, error: unknown) => void = () => undefined;
  /** Only what is the very same counts as unmoved: for comparing with a book worked out at once. */
  readonly exact: boolean;
  private readonly kept = new BookRevisions();
  private readonly remembering = new Remembering();
  private readonly parts = new Map<string, PartIndex<Kind>>();
  /** The readings that were left in storage. */
  readonly left = new LeftReadings();

  constructor({ exact = false }: { readonly exact?: boolean } = {}) {
    this.exact = exact;
  }

  /** Takes revisions in; those already known are ignored. Returns the kinds that changed. */
  apply(revisions: readonly Revision[]): ReadonlySet<Kind> {
    const kinds = new Set<Kind>();
    const touched = new Touched(this.kept);
    if (revisions.length > AT_ONCE) touched.all = true;
    for (const revision of revisions) {
      touched.note(revision.recordId);
      if (this.kept.take(revision) !== 'known') kinds.add(revision.kind);
    }
    const isKnown = (id: RevId) => this.kept.recordOfRev.has(id);
    for (const revision of revisions) this.left.lookAt(revision, isKnown);
    if (kinds.size > 0) this.settle(touched);
    return kinds;
  }

  /** Tells of readings that are left in storage, before the first revisions are taken in. */
  leave(told: EarlierTold): void {
    this.left.leave(told);
  }

  /** Takes in some of what was left; nothing tells of it before `complete`. */
  stage(revisions: readonly Revision[]): void {
    // Lists of readings are made of what was here until now.
    READING_PARTS.forEach((part) => this.indexOf(part));
    for (const revision of revisions)
      if (this.kept.take(revision) === 'new') this.left.stage(revision);
  }

  /**
   * Everything that was left is here now. What was answered meanwhile needed none of it, so it stays.
   * Answers whether something had come that did.
   */
  complete(): boolean {
    const wasTorn = this.left.complete();
    if (wasTorn) this.remembering.forget();
    for (const [name, { part }] of this.parts) if (part.kind === 'reading') this.parts.delete(name);
    this.kept.settle();
    return wasTorn;
  }

  /** Lets go of records as if they had never been here; answers the kinds that changed. */
  forget(gone: ReadonlySet<RecordId>): ReadonlySet<Kind> {
    const kinds = new Set<Kind>();
    const touched = new Touched(this.kept);
    for (const id of gone) {
      touched.note(id);
      const kind = this.kept.drop(id);
      if (kind) kinds.add(kind);
    }
    if (kinds.size > 0) this.settle(touched);
    return kinds;
  }

  /** Tells what time it is. Returns the kinds whose answers change by it. */
  setNow(nowMs: number): ReadonlySet<Kind> {
    const kinds = new Set<Kind>();
    const touched = new Touched(this.kept);
    this.kept.setNow(nowMs, (moved) => {
      if (moved === 'all') touched.all = true;
      else {
        touched.note(moved.recordId);
        kinds.add(moved.kind);
      }
    });
    this.left.lookAtClock(nowMs);
    if (touched.all) for (const [first] of this.kept.byRecord.values()) kinds.add(first!.kind);
    if (kinds.size > 0) this.settle(touched);
    return kinds;
  }

  /** Tells everything that was made of records that they are others now. */
  private settle(touched: Touched): void {
    this.spoiled.clear();
    this.kept.settle();
    if (touched.all) {
      this.left.listsGoAnew();
      this.parts.clear();
      this.remembering.forget();
      return;
    }
    const facts = new Set([ANYTHING]);
    for (const [id, before] of touched.before) {
      const after = this.kept.live(id);
      facts.add(`record/${id}`);
      for (const index of this.parts.values()) {
        const { kind, name } = index.part;
        const of = (record: LiveRecord<Kind> | undefined) =>
          record?.head.kind === kind ? record : undefined;
        for (const key of index.replace(of(before), of(after))) facts.add(`part/${name}/${key}`);
      }
    }
    this.remembering.changed(facts);
  }

  private get whole(): BookRevisions {
    this.left.demandWhole();
    return this.here;
  }

  /** What is here of the book, whole or not. */
  private get here(): BookRevisions {
    this.left.demandUntorn();
    this.remembering.read(ANYTHING);
    return this.kept;
  }

  private named(id: RecordId, kind: Kind = 'reading'): BookRevisions {
    this.left.demandRecord(id, kind, this.kept.byRecord.has(id));
    this.remembering.read(`record/${id}`);
    return this.kept;
  }

  /** Ids that came with two contents; the same one is shown on every phone. */
  get twoContents(): number {
    return this.kept.twoContents;
  }

  /** The records that are here, by name, with all they ever said; those left are told of when they come. */
  recordsHere(): ReadonlyMap<RecordId, readonly Revision[]> {
    return this.kept.byRecord;
  }

  /** Every record by name, with all it ever said. */
  records(): ReadonlyMap<RecordId, readonly Revision[]> {
    return this.whole.byRecord;
  }

  /** What was written later than now and waits for the grower to say what is right, oldest first. */
  aheadOfNow(): readonly Revision[] {
    const { byRecord } = this.here;
    return [...this.kept.hidden()]
      .flatMap(([id, hidden]) => (byRecord.get(id) ?? []).filter(({ revId }) => hidden.has(revId)))
      .sort((a, b) => (a.revId < b.revId ? -1 : 1));
  }

  /** A record by name, or undefined when there is none or it is deleted. */
  record<K extends Kind>(kind: K, id: IdOf<K>): LiveRecord<K> | undefined {
    return this.recordIf(kind, id);
  }

  /** The same for a name that may be of another kind: then there is none. */
  recordIf<K extends Kind>(kind: K, id: RecordId): LiveRecord<K> | undefined {
    const record = this.named(id, kind).live(id);
    return record?.head.kind === kind ? (record as unknown as LiveRecord<K>) : undefined;
  }

  /** All live records of a kind, in the order they were made. */
  all<K extends Kind>(kind: K): readonly LiveRecord<K>[] {
    return this.part(wholeOf(kind), '');
  }

  /** The live records of a part, in its order. */
  part<K extends Kind>(part: Part<K>, key: string): readonly LiveRecord<K>[] {
    return this.partSince(part, key, -Infinity);
  }

  /** From when on all of a part is here, epoch ms; -Infinity where nothing of it is left in storage. */
  hereSinceMs<K extends Kind>(part: Part<K>, key: string): number {
    return this.left.hereSinceMs(part, key);
  }

  /** The same, where nothing before a moment (epoch ms) matters: of what is older only some may be here. */
  partSince<K extends Kind>(part: Part<K>, key: string, sinceMs: number): readonly LiveRecord<K>[] {
    this.left.demandSince(part, key, sinceMs);
    this.remembering.read(`part/${part.name}/${key}`);
    return this.indexOf(part as unknown as Part<Kind>).get(key) as unknown as LiveRecord<K>[];
  }

  private indexOf(part: Part<Kind>): PartIndex<Kind> {
    const known = this.parts.get(part.name);
    if (known) return known;
    const whole = wholeOf(part.kind);
    const all =
      part.name === whole.name
        ? this.kept.ids(part.kind).flatMap((id) => this.kept.live(id) ?? [])
        : this.indexOf(whole).get('');
    const made = new PartIndex(part, all);
    this.parts.set(part.name, made);
    return made;
  }

  /** The heads a change of a record replaces. */
  headIds(id: RecordId): readonly RevId[] {
    return headsOf(this.revisionsOf(id)).map((revision) => revision.revId);
  }

  /** Everything a record ever said, whatever its time. */
  revisionsOf(id: RecordId): readonly Revision[] {
    return this.named(id).byRecord.get(id) ?? [];
  }

  /** One revision of a record. */
  revision(recordId: RecordId, revId: RevId): Revision | undefined {
    return this.revisionsOf(recordId).find((revision) => revision.revId === revId);
  }

  /** The record a revision belongs to; undefined for a revision that is not here. */
  recordOf(revId: RevId): RecordId | undefined {
    const known = this.here.recordOfRev.get(revId);
    this.left.demandRevision(revId, known !== undefined);
    return known;
  }

  /** What one act wrote; empty for an act that is not here. */
  actOf(act: ActId): readonly Revision[] {
    return this.whole.byAct.get(act) ?? [];
  }

  /** Names of all records of a kind, deleted ones too. */
  idsOf(kind: Kind): readonly RecordId[] {
    return (kind === 'reading' ? this.whole : this.here).ids(kind);
  }

  get size(): number {
    this.remembering.read(ANYTHING);
    return this.kept.recordOfRev.size + this.left.size;
  }

  /** Every revision, for the ledger and the export. */
  revisions(): readonly Revision[] {
    return [...this.whole.byRecord.values()].flat();
  }

  /** The revisions of every record that has more than one head. */
  conflicted(): readonly (readonly Revision[])[] {
    return [...this.here.several]
      .filter((id) => !this.left.isStaged(id))
      .map((id) => this.kept.visible(id))
      .filter((revisions) => revisions.length > 1 && headsOf(revisions).length > 1);
  }

  /** Notes that the numbers of one pen or tank could not be worked out. */
  noteSpoiled(about: string, error: unknown): void {
    if (this.spoiled.has(about)) return;
    this.spoiled.set(about, error instanceof Error ? error.message : String(error));
    this.onSpoiled(about, error);
  }

  /**
   * Works something out once for as long as what it read of this book stays the same (`Remembering`).
   * It may use nothing else that can change: what it needs stands in its name.
   */
  remember<T>(name: string, compute: () => T, how?: Remembered<T>): T {
    return this.remembering.remember(name, compute, how);
  }
}
