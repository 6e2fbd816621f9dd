import { understand } from '../migrations';
import type { RecordId } from '../ids';
import type { Revision } from '../revision';
import { compactJournal, upgradePack, writePacks } from './compact';
import { keepEarlier, packsToOpen, packsBefore, type Earlier } from './earlier';
import { asideOf, toldByKey, type MissingPack, type SetAside } from './findings';
import { eraseRecords } from './erase';
import { JOURNAL_PREFIX, journalKey } from './journal';
import { decodeManifest, MANIFEST_KEY, type Manifest } from './manifest';
import { oneOf, sameRevision } from './oneOf';
import { decodePack, encodePack, PACK_PREFIX } from './packs';
import type { Pace } from './pace';
import type { Entry, Held, StoragePort } from './port';
import { isExchanged, waitForAll, waitingEntry } from './waiting';

/** A whole book as it came from storage. */
export interface LoadedBook {
  readonly revisions: readonly Revision[];
  readonly setAside: readonly SetAside[];
  readonly missing: readonly MissingPack[];
  /** The list of packs itself was damaged: a pack that is gone cannot be noticed until it is made anew. */
  readonly listDamaged: boolean;
  /** Ids that stand in storage with two contents; one of them is shown. */
  readonly twoContents: number;
  /** Entries waiting in the journal. */
  readonly journalLength: number;
  /** Sound packs of an older schema, to be written anew by housekeeping. */
  readonly olderPacks: readonly string[];
  /** The readings of earlier months, where they were left in storage. */
  readonly earlier?: Earlier | undefined;
}

/** What was found in some packs. */
export type FoundInPacks = Pick<LoadedBook, 'revisions' | 'setAside' | 'missing' | 'olderPacks'>;

/** Packs read at once where all are read one after the other. */
const PACKS_AT_ONCE = 8;

/** An import of so many revisions is written as packs at once, not entry by entry. */
export const PACK_AT_ONCE = 200;

/** Revisions held to their schemas before others are answered. */
const PARSED_AT_ONCE = 500;

/** How far a large write is once all of it is held to its schemas. */
const PARSED_SHARE = 0.5;

/** Why revisions were not written, in words for the log. */
class NotWritten extends Error {}

function missingFrom(manifest: Manifest, keys: ReadonlySet<string>): MissingPack[] {
  return Object.entries(manifest)
    .filter(([key]) => !keys.has(key))
    .map(([key, count]) => ({ key, count, ...toldByKey(key) }));
}

function countTwoContents(revisions: readonly Revision[]): number {
  const byId = new Map<string, Revision>();
  let count = 0;
  for (const revision of revisions) {
    const known = byId.get(revision.revId);
    if (known && !sameRevision(known, revision)) count += 1;
    byId.set(revision.revId, revision);
  }
  return count;
}

/** Where appended revisions come from, and who hears how far they are. */
export interface AppendedFrom {
  readonly fromHouse?: boolean | undefined;
  readonly pace?: Pace | undefined;
}

/** The book's storage: append to a journal, pack it in one transaction, read all of it back. */
export class BookStore {
  private list: unknown = null;
  private readonly seenJournal = new Set<string>();

  constructor(
    private readonly port: StoragePort,
    private readonly session: string,
  ) {}

  /**
   * Reads the book as it stood at one moment; without `whole`, readings of earlier months stay where they
   * are if what is to be known of them is known. What is damaged is set aside and counted.
   */
  async load({ whole = false }: { readonly whole?: boolean } = {}): Promise<LoadedBook> {
    const { packs, earlier, journal, list } = await this.port.inOneGo('read', async (within) => {
      const listed = await within.get(MANIFEST_KEY);
      const opened = whole
        ? { packs: await within.entries(PACK_PREFIX) }
        : await packsToOpen(within, listed);
      return { ...opened, journal: await within.entries(JOURNAL_PREFIX), list: listed };
    });
    this.list = list;
    journal.forEach(([key]) => this.seenJournal.add(key));
    const found = decodeAll([...packs, ...journal], list, earlier);
    return { ...found, journalLength: journal.length, earlier };
  }

  /** Reads packs that were left, a few at a time; answers one after the other. */
  async *packs({ packs }: Earlier): AsyncGenerator<FoundInPacks> {
    const keys = Object.keys(packs);
    for (let at = 0; at < keys.length; at += PACKS_AT_ONCE) {
      const some = keys.slice(at, at + PACKS_AT_ONCE);
      const held = (await this.raw(some)).filter(([, value]) => value !== null);
      for (const key of some) {
        const one = held.filter(([heldKey]) => heldKey === key);
        yield decodeHeld(one, { [key]: packs[key]! });
      }
    }
  }

  /** The packs of readings of the months before one (yyyymm), as last read or written here. */
  packsBefore(beforeMonth: string): Manifest {
    return packsBefore(decodeManifest(this.list) ?? {}, beforeMonth);
  }

  /** Keeps what an opening must know of the earlier readings; not where another tab was here since. */
  keepEarlier(make: Parameters<typeof keepEarlier>[2]): Promise<boolean> {
    return keepEarlier(this.port, this.list, make);
  }

  /**
   * Appends revisions as one atomic act and answers them as they were written, defaults included;
   * resolves when they are committed. Where the book is exchanged they wait for the house by the same
   * transaction, unless they came from there. `pace` hears how far many of them are.
   */
  async append(
    revisions: readonly Revision[],
    from: AppendedFrom = {},
  ): Promise<readonly Revision[]> {
    const { fromHouse = false, pace } = from;
    const parsed = pace ? await parsedByPieces(revisions, pace) : revisions.map(parsedOrThrow);
    if (parsed.length === 0) return parsed;
    if (parsed.length >= PACK_AT_ONCE) {
      const lists = await this.port.inOneGo('write', async (within) => {
        if (!fromHouse && (await isExchanged(within))) await waitForAll(within);
        return writePacks(within, parsed, (share) =>
          pace?.tell(PARSED_SHARE + (1 - PARSED_SHARE) * share),
        );
      });
      if (lists.before === this.list) this.list = lists.after;
      return parsed;
    }
    const entries = this.journalEntries(parsed);
    await this.port.inOneGo('write', async (within) => {
      const waits = !fromHouse && (await isExchanged(within));
      const all = waits ? [...entries, waitingEntry(parsed)] : entries;
      await Promise.all(all.map(([key, value]) => within.set(key, value)));
    });
    entries.forEach(([key]) => this.seenJournal.add(key));
    return parsed;
  }

  private journalEntries(revisions: readonly Revision[]): readonly Entry[] {
    return revisions.map((one): Entry => [journalKey(one, this.session), encodePack([one])]);
  }

  /**
   * Lets go of records for good, and writes the revisions that tell of it in the same transaction;
   * answers them as they were written.
   */
  async erase(
    gone: ReadonlySet<RecordId>,
    telling: readonly Revision[],
    at: string,
  ): Promise<readonly Revision[]> {
    const parsed = telling.map(parsedOrThrow);
    const entries = this.journalEntries(parsed);
    const waiting = parsed.length > 0 ? [waitingEntry(parsed)] : [];
    const lists = await eraseRecords(this.port, { gone, at, entries, waiting });
    if (lists.before === this.list) this.list = lists.after;
    entries.forEach(([key]) => this.seenJournal.add(key));
    return parsed;
  }

  /** Whether another tab wrote something this one has not seen (it was frozen, or missed a message). */
  async isBehind(): Promise<boolean> {
    if (await this.isRepacked()) return true;
    const keys = await this.port.keys();
    return keys.some((key) => key.startsWith(JOURNAL_PREFIX) && !this.seenJournal.has(key));
  }

  /** Whether another tab changed the packs since this one last read or wrote them. */
  async isRepacked(): Promise<boolean> {
    const [list] = await this.port.getMany([MANIFEST_KEY]);
    return list !== this.list;
  }

  /** Packs the journal; safe against other tabs and against a crash at any point. */
  async compact(): Promise<void> {
    const { keys, before, after } = await compactJournal(this.port);
    if (keys.length === 0) return;
    // Where another tab wrote or packed what this one has not read, it stays behind and reads anew.
    const knew = before === this.list && keys.every((key) => this.seenJournal.has(key));
    if (knew) this.list = after;
  }

  /** Writes sound packs of an older schema anew. */
  async upgrade(keys: readonly string[]): Promise<void> {
    for (const key of keys) await upgradePack(this.port, key);
  }

  /** Everything that is stored, as found, for a file of what cannot be read. */
  async raw(keys: readonly string[]): Promise<readonly Held[]> {
    const values = await this.port.getMany(keys);
    return keys.map((key, at): Held => [key, values[at]]);
  }
}

/** A revision held to its schema, defaults included; throws where it is not of it. */
function parsedOrThrow(revision: Revision): Revision {
  const result = understand(revision);
  if (result.state === 'sound') return result.revision;
  const told = result.state === 'newer' ? 'newer version' : toldRefusal(result.refusal);
  throw new NotWritten(`${revision.kind} ${told}`);
}

/** The same for many, others answered in between. */
async function parsedByPieces(revisions: readonly Revision[], pace: Pace): Promise<Revision[]> {
  const parsed: Revision[] = [];
  for (const revision of revisions) {
    if (parsed.length % PARSED_AT_ONCE === 0)
      await pace.wait((PARSED_SHARE * parsed.length) / revisions.length);
    parsed.push(parsedOrThrow(revision));
  }
  return parsed;
}

const toldRefusal = ({ path, message }: { path: string; message: string }) => `${path} ${message}`;

/** What some stored values come to, of which the list tells. */
function decodeHeld(held: readonly Held[], listed: Manifest) {
  const found: Revision[] = [];
  const setAside: SetAside[] = [];
  const olderPacks: string[] = [];
  for (const [key, value] of held) {
    const pack = decodePack(value);
    // One by one: a spread of many thousands would overflow the stack.
    for (const revision of pack.revisions) found.push(revision);
    const aside = asideOf(key, pack, listed[key]);
    if (aside) setAside.push(aside);
    else if (!pack.current && key.startsWith(PACK_PREFIX)) olderPacks.push(key);
  }
  const missing = missingFrom(listed, new Set(held.map(([key]) => key)));
  return { revisions: found, setAside, olderPacks, missing };
}

/** What a book's stored values come to, with what is told of those that were left. */
export function decodeAll(
  held: readonly Held[],
  list: unknown,
  earlier?: Earlier,
): Omit<LoadedBook, 'journalLength'> {
  const manifest = decodeManifest(list);
  const left = earlier?.packs ?? {};
  const listed = Object.entries(manifest ?? {}).filter(([key]) => left[key] === undefined);
  const all = decodeHeld(held, Object.fromEntries(listed));
  const found = [...all.revisions];
  for (const copy of earlier?.copies ?? []) found.push(copy);
  const revisions = oneOf(found);
  return {
    ...all,
    revisions,
    listDamaged: manifest === undefined,
    twoContents: revisions.length === found.length ? 0 : countTwoContents(found),
  };
}
