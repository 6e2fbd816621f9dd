import { DAY_MS } from '@/core/units';
import type { Revision } from '@/records';
import type { BookStore, FoundInPacks, LoadedBook } from '@/records/storage/bookStore';
import type { Earlier } from '@/records/storage/earlier';
import type { OnEarlier } from './bookApi';
import type { BookState } from './engine/bookState';
import { earlierSchema, tellEarlier, type EarlierTold } from './engine/earlierReadings';
import { breath } from './longWork';
import type { Findings } from './findings';

/** Readings of so many days are read at every opening, and what else lies in their months. */
const OPENED_DAYS = 62;

/** A list of what was left is made anew when its month is older than this, days. */
const RENEWED_AFTER_DAYS = 124;

/** Fewer revisions of earlier readings than this are not worth leaving. */
const WORTH_LEAVING = 2_000;

/** So long others wait while earlier readings come: a save is acknowledged between two stretches, ms. */
const AT_A_STRETCH_MS = 20;

/** The month of a moment, as packs are named: `202611`. */
const packMonth = (atMs: number) => new Date(atMs).toISOString().slice(0, 7).replace('-', '');

const monthStartMs = (month: string) =>
  Date.UTC(Number(month.slice(0, 4)), Number(month.slice(4)) - 1);

const sum = (counts: readonly number[]) => counts.reduce((all, one) => all + one, 0);

/** What is told of readings left in storage, held to its schema; undefined where that fails. */
export function toldOf({ earlier }: LoadedBook): EarlierTold | undefined {
  const read = earlierSchema.safeParse(earlier?.told);
  return read.success ? read.data : undefined;
}

/** Readings of earlier months: left in storage by an opening, brought when something asks for them. */
export class EarlierMonths {
  private left: Earlier | undefined;
  /** What is told of them is no longer true of the book, or was never made. */
  private isStale = true;

  /** What was left is on its way. */
  private coming: Promise<void> | undefined;
  private isWaitedFor = false;
  private onShare: OnEarlier | undefined;

  constructor(
    private readonly state: BookState,
    private readonly store: BookStore,
    /** Told what was found in what was left. */
    private readonly onFound: (found: FoundInPacks) => void,
    /** Lets others go first while nobody waits. */
    private readonly letOthersGo: () => Promise<void> = breath,
  ) {}

  /** Notes what an opening left. */
  leave(earlier: Earlier, told: EarlierTold): void {
    this.left = earlier;
    this.isStale = false;
    this.state.leave(told);
  }

  /**
   * Brings everything that was left; who asks meanwhile waits for the same. `onShare` hears how far it is, 0
   * to 1, and null once it is over.
   */
  come(onShare?: OnEarlier): Promise<void> {
    if (this.state.left.isWhole) return Promise.resolve();
    this.isWaitedFor = true;
    this.onShare = onShare ?? this.onShare;
    return this.comeUnasked();
  }

  /** The same while nobody waits for it: whoever asks for anything else goes first. */
  comeUnasked(): Promise<void> {
    if (this.state.left.isWhole) return Promise.resolve();
    this.coming ??= this.bring()
      .then(this.onFound)
      .finally(() => {
        this.coming = undefined;
        this.isWaitedFor = false;
        this.onShare?.(null);
        this.onShare = undefined;
      });
    return this.coming;
  }

  private async bring(): Promise<FoundInPacks> {
    const all = {
      revisions: [] as Revision[],
      setAside: [] as FoundInPacks['setAside'][number][],
      missing: [] as FoundInPacks['missing'][number][],
      olderPacks: [] as string[],
    };
    const take = (found: FoundInPacks) => {
      this.state.stage(found.revisions);
      for (const revision of found.revisions) all.revisions.push(revision);
      all.setAside.push(...found.setAside);
      all.missing.push(...found.missing);
      all.olderPacks.push(...found.olderPacks);
    };
    const total = sum(Object.values(this.left!.packs));
    let restedMs = performance.now();
    for await (const found of this.store.packs(this.left!)) {
      take(found);
      if (performance.now() - restedMs < AT_A_STRETCH_MS) continue;
      this.onShare?.(Math.min(1, all.revisions.length / total));
      await (this.isWaitedFor ? breath() : this.letOthersGo());
      restedMs = performance.now();
    }
    this.onShare?.(1);
    // Another tab packed or erased meanwhile: what it moved is read where it lies now.
    if (await this.store.isRepacked()) take(await this.store.load({ whole: true }));
    if (this.state.complete()) this.isStale = true;
    return all;
  }

  /** Makes anew what an opening must know of the readings it may leave, where that is due. */
  async keep(findings: Findings, nowMs: number): Promise<void> {
    const month = packMonth(nowMs - OPENED_DAYS * DAY_MS);
    if (!this.state.left.isWhole || !this.isDue(nowMs)) return;
    const { setAside, missing, listDamaged, twoContents } = findings;
    // What is wrong with a book is found at every opening.
    if (setAside.length + missing.length + twoContents > 0 || listDamaged) return;
    const packs = this.store.packsBefore(month);
    const packed = sum(Object.values(packs));
    if (packed < WORTH_LEAVING) return;
    const { state } = this;
    const kept = await this.store.keepEarlier((inJournal) => {
      const records = new Map(state.idsOf('reading').map((id) => [id, state.revisionsOf(id)]));
      const standing = state.all('reading');
      const book = { records, standing, hidden: state.aheadOfNow(), inJournal, packed };
      const { told, copies } = tellEarlier(book, { beforeMs: monthStartMs(month) });
      return { beforeMonth: month, packs, copies, told };
    });
    if (!kept) return;
    this.left = { beforeMonth: month, packs, copies: [], told: undefined };
    this.isStale = false;
  }

  private isDue(nowMs: number): boolean {
    if (this.isStale || !this.left) return true;
    if (this.left.beforeMonth < packMonth(nowMs - RENEWED_AFTER_DAYS * DAY_MS)) return true;
    const now = this.store.packsBefore(this.left.beforeMonth);
    const keys = Object.keys(now);
    const same = keys.every((key) => now[key] === this.left!.packs[key]);
    return !same || keys.length !== Object.keys(this.left.packs).length;
  }
}
