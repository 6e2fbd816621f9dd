import { canonicalJson } from '../canonicalJson';
import type { RecordId } from '../ids';
import type { Revision } from '../revision';
import { understand } from '../migrations';
import type { Entry, Held, StoragePort, Within } from './port';

/** What this device wrote and the house has not got yet: `w/<first revision>`, one for each act. */
export const WAITING_PREFIX = 'w/';

/** Stands for everything: the house may lack any of it. Its value is another at each time it is written. */
const WAITING_ALL = 'w/all';

/** Where the exchange of this book stands; a book that has none is exchanged with nobody. */
export const HOUSE_KEY = 'x/house';

/** An act that waits, as a piece of a book: canonical JSON of its revisions. */
export function waitingEntry(revisions: readonly Revision[]): Entry {
  return [WAITING_PREFIX + revisions[0]!.revId, canonicalJson(revisions)];
}

/** Whether what is written is to wait for the house, as part of the transaction that writes it. */
export async function isExchanged(within: Within): Promise<boolean> {
  return (await within.get(HOUSE_KEY)) !== null;
}

/** Lets the whole book wait: it is to be compared. */
export async function waitForAll(within: Within): Promise<void> {
  const before = Number(await within.get(WAITING_ALL));
  await within.set(WAITING_ALL, String(before + 1));
}

/** What waits in a book. */
export interface Waiting {
  /** Everything is to be compared. */
  readonly all: boolean;
  /** Everything that waits, as it was read. */
  readonly held: readonly Held[];
  readonly revisions: readonly Revision[];
}

/** Revisions of a waiting act; undefined where its entry is damaged. */
function revisionsIn(held: unknown): readonly Revision[] | undefined {
  try {
    const list = JSON.parse(String(held)) as unknown;
    const read = (Array.isArray(list) ? list : []).map(understand);
    const sound = read.flatMap((one) => (one.state === 'sound' ? [one.revision] : []));
    return sound.length > 0 && sound.length === read.length ? sound : undefined;
  } catch {
    return undefined;
  }
}

/** How many acts wait; `all` where everything is to be compared. */
export async function countWaiting(port: StoragePort): Promise<number | 'all'> {
  const keys = await port.inOneGo('read', (within) => within.keys(WAITING_PREFIX));
  return keys.includes(WAITING_ALL) ? 'all' : keys.length;
}

/** Lets go of what was told, unless it was written anew meanwhile. */
export async function toldWaiting(within: Within, held: readonly Held[]): Promise<void> {
  for (const [key, value] of held) if ((await within.get(key)) === value) await within.remove(key);
}

/** Everything that waits. */
export async function readWaiting(port: StoragePort): Promise<Waiting> {
  const held = await port.inOneGo('read', (within) => within.entries(WAITING_PREFIX));
  const acts = held.filter(([key]) => key !== WAITING_ALL).map(([, value]) => revisionsIn(value));
  return {
    // What was damaged is in the book all the same: everything is compared.
    all: acts.length < held.length || acts.includes(undefined),
    held,
    revisions: acts.flatMap((revisions) => revisions ?? []),
  };
}

/** Lets go of what was erased among what waits, within the erasing's transaction. */
export async function eraseWaiting(within: Within, gone: ReadonlySet<RecordId>): Promise<void> {
  for (const [key, value] of await within.entries(WAITING_PREFIX)) {
    if (key === WAITING_ALL) continue;
    const held = revisionsIn(value);
    const left = held?.filter(({ recordId }) => !gone.has(recordId)) ?? [];
    if (left.length === held?.length) continue;
    if (!held) await waitForAll(within);
    if (left.length === 0) await within.remove(key);
    else await within.set(key, canonicalJson(left));
  }
}
