import type { Revision } from '../revision';
import { JOURNAL_PREFIX } from './journal';
import { decodeManifest, encodeManifest, MANIFEST_KEY, type Manifest } from './manifest';
import { decodePack, encodePack, packGroup, PACK_PREFIX, PACK_SIZE } from './packs';
import type { Held, StoragePort, Within } from './port';
import { oneOf } from './oneOf';

/** The number of a part, from its key; -1 for a key that bears none. */
function partOf(key: string): number {
  const part = /\/(\d+)$/.exec(key)?.[1];
  return part === undefined ? -1 : Number(part);
}

/** Revisions by the group they are packed under, in the order found. */
function byGroup(revisions: readonly Revision[]): Map<string, Revision[]> {
  const groups = new Map<string, Revision[]>();
  for (const revision of revisions) {
    const group = packGroup(revision);
    const members = groups.get(group);
    if (members) members.push(revision);
    else groups.set(group, [revision]);
  }
  return groups;
}

/** Splits a list into runs of at most `size`. */
function chunks<T>(list: readonly T[], size: number): T[][] {
  const count = Math.ceil(list.length / size);
  return Array.from({ length: count }, (_, at) => list.slice(at * size, (at + 1) * size));
}

/** The newest part of a group and the number the next one gets. Numbers only grow. */
interface Newest {
  readonly key: string | undefined;
  readonly nextPart: number;
}

/** Looks among the packs that are there and those the list tells of: a missing one keeps its number. */
function newestPart(group: string, packKeys: readonly string[], manifest: Manifest): Newest {
  const mine = (key: string) => key.startsWith(`${group}/`);
  const here = packKeys.filter(mine);
  const known = [...here, ...Object.keys(manifest).filter(mine)];
  const greatest = Math.max(-1, ...known.map(partOf));
  return { key: here.find((key) => partOf(key) === greatest), nextPart: greatest + 1 };
}

/** Writes one group: the newest part is filled up where it is sound and current, further ones are new. */
async function packGroupOf(
  within: Within,
  { group, fresh, newest }: { group: string; fresh: readonly Revision[]; newest: Newest },
): Promise<Record<string, number>> {
  const last = newest.key === undefined ? undefined : decodePack(await within.get(newest.key));
  const refill = last && !last.aside && last.current && last.revisions.length < PACK_SIZE;
  const all = oneOf([...(refill ? last.revisions : []), ...fresh]);
  const firstPart = newest.nextPart - (refill ? 1 : 0);
  const sizes: Record<string, number> = {};
  for (const [at, revisions] of chunks(all, PACK_SIZE).entries()) {
    const key = `${group}/${String(firstPart + at).padStart(4, '0')}`;
    sizes[key] = revisions.length;
    await within.set(key, encodePack(revisions));
  }
  return sizes;
}

/** Journal entries that were understood whole; the others stay where they are. */
function readable(journal: readonly Held[]): { keys: string[]; revisions: Revision[] } {
  const keys: string[] = [];
  const revisions: Revision[] = [];
  for (const [key, held] of journal) {
    const entry = decodePack(held);
    if (entry.aside) continue;
    keys.push(key);
    revisions.push(...entry.revisions);
  }
  return { keys, revisions };
}

/**
 * Moves the journal into packs in one transaction: nothing is between the two, nobody comes in
 * between, no lock is needed. What is set aside, in the journal or among the packs, stays untouched.
 */
export function compactJournal(port: StoragePort): Promise<Packed> {
  return port.inOneGo('write', async (within) => {
    const { keys, revisions } = readable(await within.entries(JOURNAL_PREFIX));
    if (keys.length === 0) return { keys, before: null, after: null };
    const lists = await writePacks(within, revisions);
    await Promise.all(keys.map((key) => within.remove(key)));
    return { keys, ...lists };
  });
}

/** The list of packs before and after a change, as stored: by it a tab tells whether it is behind. */
interface Lists {
  readonly before: unknown;
  readonly after: unknown;
}

/** What packing did: the entries that went into packs. */
export interface Packed extends Lists {
  readonly keys: readonly string[];
}

/** Writes revisions into packs and the packs into their list, within a transaction. `tell` hears how far it is. */
export async function writePacks(
  within: Within,
  revisions: readonly Revision[],
  tell: (share: number) => void = () => undefined,
): Promise<Lists> {
  const before = await within.get(MANIFEST_KEY);
  const packKeys = await within.keys(PACK_PREFIX);
  // A damaged list begins anew: what it could have told is lost, the packs are not.
  const manifest = decodeManifest(before) ?? {};
  const sizes: Record<string, number> = { ...manifest };
  let written = 0;
  for (const [group, fresh] of byGroup(revisions)) {
    const newest = newestPart(group, packKeys, manifest);
    Object.assign(sizes, await packGroupOf(within, { group, fresh, newest }));
    written += fresh.length;
    tell(written / revisions.length);
  }
  const after = encodeManifest(sizes);
  await within.set(MANIFEST_KEY, after);
  return { before, after };
}

/** Writes a sound pack of an older schema anew under the same key; answers whether it did. */
export function upgradePack(port: StoragePort, key: string): Promise<boolean> {
  return port.inOneGo('write', async (within) => {
    const pack = decodePack(await within.get(key));
    if (pack.aside || pack.current) return false;
    const manifest = decodeManifest(await within.get(MANIFEST_KEY)) ?? {};
    await within.set(key, encodePack(pack.revisions));
    const sizes = { ...manifest, [key]: pack.revisions.length };
    await within.set(MANIFEST_KEY, encodeManifest(sizes));
    return true;
  });
}
