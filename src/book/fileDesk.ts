import { answer, type Result } from '@/core/result';
import { checkWhole, mergePreview, readBundleFile, type BundleRefusal } from '@/interchange/bundle';
import { erasedAmong, type Revision } from '@/records';
import type { Erasure } from '@/records/kinds';
import type { BookStore } from '@/records/storage/bookStore';
import type { Pace } from '@/records/storage/pace';
import type { FilePreview, Moment } from './bookApi';
import { makeCheckedFile } from './checkedFile';
import type { BookState } from './engine/bookState';
import { LongWork, type OnShare } from './longWork';
import { erasuresIn, withoutErased } from './withoutErased';

/** What the desk needs of the open book. */
interface Around {
  readonly state: BookState;
  readonly store: BookStore;
  readonly erasures: () => readonly Erasure[];
  /** Brings what an opening left in storage. */
  readonly whole: () => Promise<void>;
  readonly take: (revisions: readonly Revision[]) => void;
  readonly append: (revisions: readonly Revision[], moment: Moment, pace: Pace) => Promise<void>;
}

/** The book as a file: looked at, taken in, made. */
export class FileDesk {
  /** What the file last opened would add. */
  private waiting: readonly Revision[] = [];

  private readonly work = new LongWork();

  constructor(private readonly book: Around) {}

  /** Stops the reading, making or taking in that is under way; nothing was written. */
  stop(): void {
    this.work.stop();
  }

  /** Reads a file and tells what taking it in would do; nothing is written. */
  async open(
    file: Blob,
    onShare: OnShare = () => undefined,
  ): Promise<Result<FilePreview, BundleRefusal>> {
    this.waiting = [];
    const { state, erasures, whole } = this.book;
    const read = await this.work.go(onShare, async (step) => {
      await whole();
      await step(0);
      return readBundleFile(file, { onShare: step });
    });
    if (!read.ok) return read;
    const { revisions, setAside } = read.value;
    const checked = checkWhole(
      revisions,
      (id) => state.revisionsOf(id),
      (revId) => state.recordOf(revId),
    );
    if (!checked.ok) return checked;
    const kept = withoutErased(revisions, [...erasures(), ...erasuresIn(revisions)]);
    const { fresh, ...preview } = mergePreview(state.revisions(), kept);
    this.waiting = fresh;
    const erases = erasedAmong(state.records(), erasuresIn(fresh)).size;
    const comes = { fresh: fresh.length, erased: revisions.length - kept.length, erases };
    return answer({ ...preview, ...checked.value, setAside, ...comes });
  }

  /**
   * Takes in the file last opened, as one act; stopped, nothing of it was written. What was opened stays
   * until it is taken or replaced.
   */
  async take(moment: Moment, onShare: OnShare = () => undefined): Promise<{ added: number }> {
    const fresh = this.waiting;
    if (fresh.length > 0)
      await this.work.go(onShare, (step) =>
        this.book.append(fresh, moment, { wait: step, tell: step.now }),
      );
    this.waiting = [];
    return { added: fresh.length };
  }

  /**
   * The book as a file, read back before it is handed over: what is in storage and what this tab
   * knows, with what could not be read as it was found.
   */
  make(onShare: OnShare = () => undefined): Promise<Blob> {
    const { state, store, whole, take } = this.book;
    return this.work.go(onShare, async (step) => {
      await whole();
      const loaded = await store.load({ whole: true });
      await step(0);
      take(loaded.revisions);
      const setAside = await store.raw(loaded.setAside.map(({ key }) => key));
      return makeCheckedFile(state.revisions(), setAside, step);
    });
  }
}
