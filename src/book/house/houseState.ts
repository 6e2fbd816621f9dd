import { z } from 'zod';
import { cursorSchema } from '@/interchange/exchange';
import type { StoragePort, Within } from '@/records/storage/port';
import { HOUSE_KEY, waitForAll, WAITING_PREFIX } from '@/records/storage/waiting';

/** Where a book stands with its house; it lies in the book, so that it goes where the book goes. */
const houseStateSchema = z.object({
  /** The folder of the house this was last compared with; '' before the first meeting. */
  book: z.string(),
  cursor: cursorSchema,
  /** When they last met whole, epoch ms; null: never. */
  lastMetMs: z.number().nullable(),
  /** How many pieces the house had lost when everything was last compared for it. */
  lost: z.number().int().min(0).default(0),
  /** What this book had lost when everything was last fetched for it. */
  holes: z.string().default(''),
  /** Pieces of this device that the house refused. */
  refused: z.number().int().min(0),
  /** Pieces from the house that hold no sound entries. */
  damaged: z.number().int().min(0),
});

export type HouseState = z.infer<typeof houseStateSchema>;

const BEGIN: HouseState = {
  book: '',
  cursor: { after: 0, at: '' },
  lastMetMs: null,
  lost: 0,
  holes: '',
  refused: 0,
  damaged: 0,
};

/** Pieces of a newer version, as they came: `u/<name>`. */
export const UNREAD_PREFIX = 'u/';

/** A damaged state begins anew: everything is fetched and compared once more, nothing is lost. */
function parsed(held: unknown): HouseState {
  try {
    return houseStateSchema.parse(JSON.parse(String(held)));
  } catch {
    return BEGIN;
  }
}

/** Where the book stands with its house; undefined where it is exchanged with none. */
export async function readHouse(port: StoragePort): Promise<HouseState | undefined> {
  const [held] = await port.getMany([HOUSE_KEY]);
  return held === null ? undefined : parsed(held);
}

/** Changes where the book stands, within one transaction; nothing where it was left meanwhile. */
export function changeHouse(
  port: StoragePort,
  change: (before: HouseState) => Partial<HouseState>,
  more: (within: Within) => Promise<unknown> = async () => undefined,
): Promise<void> {
  return port.inOneGo('write', async (within) => {
    const held = await within.get(HOUSE_KEY);
    if (held === null) return;
    const before = parsed(held);
    await within.set(HOUSE_KEY, JSON.stringify({ ...before, ...change(before) }));
    await more(within);
  });
}

/** The book is exchanged from now on; all of it is to be compared. */
export function beginHouse(port: StoragePort): Promise<void> {
  return port.inOneGo('write', async (within) => {
    await within.set(HOUSE_KEY, JSON.stringify(BEGIN));
    await waitForAll(within);
  });
}

/** The book is exchanged no longer; it stays as it is. */
export function leaveHouse(port: StoragePort): Promise<void> {
  return port.inOneGo('write', async (within) => {
    const waiting = await within.keys(WAITING_PREFIX);
    for (const key of [HOUSE_KEY, ...waiting]) await within.remove(key);
  });
}
