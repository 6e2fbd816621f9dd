import { parseRevision, type Revision } from '../revision';
import { compactJournal, COMPACTION_KEY, type RunLocked } from './compact';
import { JOURNAL_PREFIX, journalKey } from './journal';
import { decodePack, encodePack, PACK_PREFIX } from './packs';
import type { Entry, StoragePort } from './port';

/** A whole book as it came from storage. */
export interface LoadedBook {
  readonly revisions: readonly Revision[];
  readonly damaged: number;
  /** Entries waiting in the journal. */
  readonly journalLength: number;
}

/** How often a reading is tried again when a compaction moved entries under it. */
const LOAD_TRIES = 5;

/** The book's storage: append to a journal, pack it under a lock, read all of it back. */
export class BookStore {
  private compaction: string | null = null;
  private readonly seenJournal = new Set<string>();

  constructor(
    private readonly port: StoragePort,
    private readonly session: string,
    private readonly runLocked: RunLocked,
  ) {}

  /** Reads everything; readers dedupe by `revId`, so a crash between packing and removing is harmless. */
  async load(): Promise<LoadedBook> {
    for (let tries = 0; tries < LOAD_TRIES; tries += 1) {
      const loaded = await this.tryLoad();
      if (loaded) return loaded;
    }
    throw new Error('The book kept changing while it was read. Close other tabs and try again.');
  }

  private async tryLoad(): Promise<LoadedBook | undefined> {
    const keys = await this.port.keys();
    const packKeys = keys.filter((key) => key.startsWith(PACK_PREFIX));
    const journalKeys = keys.filter((key) => key.startsWith(JOURNAL_PREFIX));
    const texts = await this.port.getMany([COMPACTION_KEY, ...packKeys, ...journalKeys]);
    const [compaction, ...rest] = texts;
    // A key that vanished was packed meanwhile: start over rather than miss it.
    if (rest.some((text) => text === null)) return undefined;
    const packs = rest.map((text) => decodePack(text ?? ''));
    const byId = new Map(packs.flatMap((pack) => pack.revisions.map((r) => [r.revId, r] as const)));
    this.compaction = compaction ?? null;
    journalKeys.forEach((key) => this.seenJournal.add(key));
    const damaged = packs.reduce((sum, pack) => sum + pack.damaged, 0);
    return { revisions: [...byId.values()], damaged, journalLength: journalKeys.length };
  }

  /** Appends revisions as one atomic act; resolves when they are committed. */
  async append(revisions: readonly Revision[]): Promise<void> {
    for (const revision of revisions) {
      const parsed = parseRevision(revision);
      if (parsed.ok) continue;
      const { path, message } = parsed.refusal;
      throw new Error(`Not saved: ${revision.kind} ${path} ${message}`);
    }
    const entries = revisions.map((revision): Entry => [
      journalKey(revision, this.session),
      encodePack([revision]),
    ]);
    await this.port.setMany(entries);
    entries.forEach(([key]) => this.seenJournal.add(key));
  }

  /** Whether another tab wrote something this one has not seen (it was frozen, or missed a message). */
  async isBehind(): Promise<boolean> {
    const keys = await this.port.keys();
    const [compaction] = await this.port.getMany([COMPACTION_KEY]);
    if ((compaction ?? null) !== this.compaction) return true;
    return keys.some((key) => key.startsWith(JOURNAL_PREFIX) && !this.seenJournal.has(key));
  }

  /** Packs the journal; safe against other tabs and against a crash at any point. */
  async compact(): Promise<void> {
    await this.runLocked(() => compactJournal(this.port));
    const [compaction] = await this.port.getMany([COMPACTION_KEY]);
    this.compaction = compaction ?? null;
  }
}
