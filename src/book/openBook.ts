import { answer, type Result } from '@/core/result';
import { mergePreview, readBundle, type BundleRefusal } from '@/interchange/bundle';
import { idSource, writeRevision, type Change, type Kind, type Revision } from '@/records';
import type { RunLocked } from '@/records/storage/compact';
import { BookStore } from '@/records/storage/bookStore';
import type { StoragePort } from '@/records/storage/port';
import type { Appended, Choice, FilePreview, Moment } from './bookApi';
import { BookState } from './engine/bookState';

/** Journal entries that are worth packing when the book is opened. */
const COMPACT_FROM = 64;

/** What one tab tells the others. */
export interface TabChannel {
  post(revisions: readonly Revision[]): void;
  onMessage(listener: (revisions: readonly Revision[]) => void): void;
}

/** Where a book lives and who else has it open. */
export interface BookSurroundings {
  readonly port: StoragePort;
  readonly channel: TabChannel;
  readonly runLocked: RunLocked;
  readonly deviceId: string;
  /** Initials of who writes, asked at each act. */
  readonly initials: () => string;
  readonly onChange: (kinds: readonly Kind[]) => void;
}

/** An open book: state in memory, journal in storage, other tabs told of every act. */
export class OpenBook {
  readonly state = new BookState();
  damaged = 0;
  /** What the file last opened would add. */
  private waiting: readonly Revision[] = [];
  private readonly makeId = idSource();
  private readonly store: BookStore;

  private constructor(private readonly around: BookSurroundings) {
    const session = this.makeId(Date.now());
    this.store = new BookStore(around.port, session, around.runLocked);
    around.channel.onMessage((revisions) => this.take(revisions));
  }

  /** Reads the book from storage and listens to the other tabs. */
  static async open(around: BookSurroundings): Promise<OpenBook> {
    const book = new OpenBook(around);
    const length = await book.reload();
    if (length >= COMPACT_FROM) await book.store.compact();
    return book;
  }

  private async reload(): Promise<number> {
    const loaded = await this.store.load();
    this.damaged = loaded.damaged;
    this.take(loaded.revisions);
    return loaded.journalLength;
  }

  private take(revisions: readonly Revision[]): void {
    const kinds = this.state.apply(revisions);
    if (kinds.size > 0) this.around.onChange([...kinds]);
  }

  /** Writes changes as one act: committed to storage first, then shown here, then told to others. */
  async append(changes: readonly Change[], { nowMs, zone }: Moment): Promise<Appended> {
    const writer = {
      makeId: this.makeId,
      nowMs,
      zone,
      by: this.around.initials(),
      device: this.around.deviceId,
    };
    const revisions = changes.map((change) => {
      const parents =
        change.parents ?? (change.recordId ? this.state.headIds(change.recordId) : []);
      return writeRevision({ ...change, parents }, writer);
    });
    await this.appendRevisions(revisions);
    return { recordIds: revisions.map((revision) => revision.recordId) };
  }

  /** Writes revisions made elsewhere (the demo, an import) as one act. */
  async appendRevisions(revisions: readonly Revision[]): Promise<void> {
    await this.store.append(revisions);
    this.take(revisions);
    this.around.channel.post(revisions);
  }

  /** Reads a file and tells what taking it in would do; nothing is written. */
  openFile(text: string): Result<FilePreview, BundleRefusal> {
    this.waiting = [];
    const read = readBundle(text);
    if (!read.ok) return read;
    const { fresh, ...preview } = mergePreview(this.state.revisions(), read.value);
    this.waiting = fresh;
    return answer({ ...preview, fresh: fresh.length });
  }

  /** Takes in the file last opened, as one act. */
  async takeFile(): Promise<{ added: number }> {
    const fresh = this.waiting;
    this.waiting = [];
    if (fresh.length === 0) return { added: 0 };
    await this.appendRevisions(fresh);
    if (fresh.length >= COMPACT_FROM) await this.store.compact();
    return { added: fresh.length };
  }

  /** Ends conflicts: a third revision with all heads as parents says what the chosen one says. */
  async resolve(choices: readonly Choice[], moment: Moment): Promise<void> {
    const changes = choices.flatMap(({ recordId, revId }): Change[] => {
      const chosen = this.state.revision(recordId, revId);
      if (!chosen) return [];
      const effectiveFromMs = chosen.effectiveFrom && Date.parse(chosen.effectiveFrom);
      return [
        {
          kind: chosen.kind,
          recordId,
          body: chosen.body,
          ...(effectiveFromMs ? { effectiveFromMs } : {}),
        } as Change,
      ];
    });
    if (changes.length > 0) await this.append(changes, moment);
  }

  /** Takes in what another tab wrote while this one slept. */
  async catchUp(): Promise<void> {
    if (await this.store.isBehind()) await this.reload();
  }
}
