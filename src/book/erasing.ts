import { DAY_MS } from '@/core/units';
import { erasedAmong, type Kind, type RecordId, type RevId, type Revision } from '@/records';
import type { Erasure } from '@/records/kinds';
import type { BookStore } from '@/records/storage/bookStore';
import type { BookState } from './engine/bookState';

/** What an erasing came to. */
interface Erased {
  /** The revisions that tell of it, as they were written. */
  readonly stored: readonly Revision[];
  /** The records that went. */
  readonly gone: ReadonlySet<RecordId>;
  /** Their revisions, for copies elsewhere. */
  readonly revIds: readonly RevId[];
}

/** The steps of a sitting that ended stay so long beside its check, ms. */
const STEPS_KEPT_MS = 30 * DAY_MS;

/** What lets go of the steps of sittings whose check is in the book. */
export const thinning = (nowMs: number): Erasure => ({
  at: new Date(nowMs).toISOString(),
  why: 'thinned',
  kinds: ['benchDraft'],
  until: new Date(nowMs - STEPS_KEPT_MS).toISOString(),
  count: 0,
  note: '',
});

/** What was erased stays erased: in memory, in storage, and whatever comes in later. */
export class Erasing {
  /** Records that were erased and still lie in storage: a file or another tab brought them. */
  private readonly inStorage = new Set<RecordId>();

  constructor(
    private readonly state: BookState,
    private readonly store: BookStore,
  ) {}

  erasures(): readonly Erasure[] {
    return this.state.all('erasure').map(({ body }) => body);
  }

  /** Of what came in, what was erased before: it is let go of again. Answers the kinds it was of. */
  letGoAmong(came: readonly Revision[]): ReadonlySet<Kind> {
    const all = this.state.recordsHere();
    const records = came.some(({ kind }) => kind === 'erasure')
      ? all
      : new Map(came.map(({ recordId }) => [recordId, all.get(recordId) ?? []]));
    const gone = erasedAmong(records, this.erasures());
    gone.forEach((id) => this.inStorage.add(id));
    return gone.size > 0 ? this.state.forget(gone) : new Set();
  }

  /** Writes the packs anew without what was let go of here. */
  async clean(nowMs: number): Promise<void> {
    if (this.inStorage.size === 0) return;
    const gone = new Set(this.inStorage);
    await this.store.erase(gone, [], new Date(nowMs).toISOString());
    this.cleaned(gone);
  }

  /**
   * Lets go for good of what an erasure names: storage is written without it and with what `write`
   * tells of it, in one transaction. What is shown follows when that is taken in.
   */
  async erase(
    erasure: Erasure,
    write: (count: number) => readonly Revision[],
    nowMs: number,
  ): Promise<Erased> {
    const gone = this.goneBy(erasure);
    const revIds = [...gone].flatMap((id) => this.state.revisionsOf(id).map(({ revId }) => revId));
    const at = new Date(nowMs).toISOString();
    const stored = await this.store.erase(gone, write(gone.size), at);
    return { stored, gone, revIds };
  }

  /** Storage holds nothing of these any more. */
  cleaned(gone: ReadonlySet<RecordId>): void {
    gone.forEach((id) => this.inStorage.delete(id));
  }

  /** The records an erasure would let go of. */
  goneBy(erasure: Erasure): ReadonlySet<RecordId> {
    return erasedAmong(this.state.recordsHere(), [erasure]);
  }
}
