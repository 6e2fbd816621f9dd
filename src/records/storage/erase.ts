import type { RecordId } from '../ids';
import { EARLIER_KEY, READINGS } from './earlier';
import { JOURNAL_PREFIX } from './journal';
import { decodeManifest, encodeManifest, MANIFEST_KEY } from './manifest';
import { decodePack, encodePack, PACK_PREFIX } from './packs';
import type { Entry, StoragePort, Within } from './port';
import { eraseWaiting, isExchanged } from './waiting';

/** Where the book says that something of it was erased: how often, when last, and how much. */
const ERASED_KEY = 'm/erased';

/** What an erasing did to the list of packs, as stored: by it a tab tells whether it is behind. */
interface Lists {
  readonly before: unknown;
  readonly after: unknown;
}

/** What the erasing is of, and what is written with it. */
export interface Erasing {
  readonly gone: ReadonlySet<RecordId>;
  /** When, ISO. */
  readonly at: string;
  /** Entries of the journal that tell of it, written in the same transaction. */
  readonly entries: readonly Entry[];
  /** The same for the house, where the book is exchanged. */
  readonly waiting: readonly Entry[];
}

/** One pack or entry without what is gone: null where nothing of it is left, undefined where it stays. */
function without(held: unknown, gone: ReadonlySet<RecordId>) {
  const { revisions, aside } = decodePack(held);
  // What is set aside cannot be read for certain: it is not written anew.
  if (aside || !revisions.some(({ recordId }) => gone.has(recordId))) return undefined;
  return revisions.filter(({ recordId }) => !gone.has(recordId));
}

async function rewrite(
  within: Within,
  gone: ReadonlySet<RecordId>,
): Promise<Lists & { readonly changed: boolean }> {
  let changed = false;
  const before = await within.get(MANIFEST_KEY);
  const sizes: Record<string, number> = { ...decodeManifest(before) };
  for (const prefix of [PACK_PREFIX, JOURNAL_PREFIX]) {
    for (const [key, held] of await within.entries(prefix)) {
      const left = without(held, gone);
      if (!left) continue;
      changed = true;
      // It holds copies of some readings; it is made anew of what is left.
      if (key.startsWith(READINGS)) await within.remove(EARLIER_KEY);
      if (left.length === 0) await within.remove(key);
      else await within.set(key, encodePack(left));
      if (prefix === JOURNAL_PREFIX) continue;
      if (left.length === 0) delete sizes[key];
      else sizes[key] = left.length;
    }
  }
  if (!changed) return { before, after: before, changed };
  const after = encodeManifest(sizes);
  await within.set(MANIFEST_KEY, after);
  return { before, after, changed };
}

/**
 * Lets go of records for good: every pack and entry that holds some is written without them, the list
 * of packs follows, and the book says when, all in one transaction or not at all.
 */
export function eraseRecords(
  port: StoragePort,
  { gone, at, entries, waiting }: Erasing,
): Promise<Lists> {
  return port.inOneGo('write', async (within) => {
    const lists = await rewrite(within, gone);
    await eraseWaiting(within, gone);
    for (const [key, value] of entries) await within.set(key, value);
    if (await isExchanged(within)) for (const [key, value] of waiting) await within.set(key, value);
    if (!lists.changed) return lists;
    const told = await within.get(ERASED_KEY);
    const times = typeof told === 'string' ? told.split('\n') : [];
    await within.set(ERASED_KEY, [...times, `${at} ${gone.size}`].join('\n'));
    return lists;
  });
}
