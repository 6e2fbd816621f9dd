import type { Revision } from '../revision';
import { checksum } from './checksum';
import { JOURNAL_PREFIX } from './journal';
import { decodePack, encodePack, packGroup, PACK_PREFIX, PACK_SIZE } from './packs';
import type { Entry, StoragePort } from './port';

/** Names the last compaction, so that a reader can tell that packs changed. */
export const COMPACTION_KEY = 'm/compaction';

/** Runs work while no other tab may (a Web Lock in the browser). */
export type RunLocked = (work: () => Promise<void>) => Promise<void>;

/** Splits a list into runs of at most `size`. */
function chunks<T>(list: readonly T[], size: number): T[][] {
  const count = Math.ceil(list.length / size);
  return Array.from({ length: count }, (_, at) => list.slice(at * size, (at + 1) * size));
}

/** Packs for one group: the last part is filled up, further parts are new. */
async function packsFor(
  port: StoragePort,
  { group, fresh, keys }: { group: string; fresh: readonly Revision[]; keys: readonly string[] },
): Promise<Entry[]> {
  const parts = keys.filter((key) => key.startsWith(`${group}/`)).sort();
  const lastKey = parts.at(-1);
  const [lastText] = lastKey ? await port.getMany([lastKey]) : [null];
  const last = lastText ? decodePack(lastText) : { revisions: [], damaged: 0 };
  // A damaged pack is left alone: nothing that cannot be read is ever rewritten.
  const refill = last.damaged === 0 && last.revisions.length < PACK_SIZE;
  const known = new Set(last.revisions.map((revision) => revision.revId));
  const added = fresh.filter((revision) => !known.has(revision.revId));
  const all = refill ? [...last.revisions, ...added] : added;
  const firstPart = lastKey ? parts.length - (refill ? 1 : 0) : 0;
  return chunks(all, PACK_SIZE).map((revisions, at): Entry => {
    const part = String(firstPart + at).padStart(4, '0');
    return [`${group}/${part}`, encodePack(revisions)];
  });
}

/**
 * Moves the journal into packs: write the packs in one act, then remove the entries. Entries that
 * cannot be read stay where they are. Call it under a lock.
 */
export async function compactJournal(port: StoragePort): Promise<void> {
  const keys = await port.keys();
  const journalKeys = keys.filter((key) => key.startsWith(JOURNAL_PREFIX));
  const texts = await port.getMany(journalKeys);
  const readable = journalKeys.flatMap((key, at) => {
    const pack = decodePack(texts[at] ?? '');
    return pack.damaged === 0 && pack.revisions.length > 0 ? [{ key, ...pack }] : [];
  });
  if (readable.length === 0) return;
  const groups = new Map<string, Revision[]>();
  for (const revision of readable.flatMap((entry) => entry.revisions)) {
    const group = packGroup(revision);
    const members = groups.get(group);
    if (members) members.push(revision);
    else groups.set(group, [revision]);
  }
  const packKeys = keys.filter((key) => key.startsWith(PACK_PREFIX));
  const entries: Entry[] = [];
  for (const [group, fresh] of groups) {
    entries.push(...(await packsFor(port, { group, fresh, keys: packKeys })));
  }
  const name = checksum(
    entries.map(([key, text]) => key + text.length).join() + journalKeys.at(-1),
  );
  await port.setMany([...entries, [COMPACTION_KEY, name]]);
  await port.removeMany(readable.map((entry) => entry.key));
}
