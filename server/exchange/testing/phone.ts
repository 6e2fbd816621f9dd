import { HouseCalls } from '@/book/house/houseCalls';
import { OpenBook } from '@/book/openBook';
import { memoryStorage } from '@/records/storage/memory';
import type { StoragePort } from '@/records/storage/port';
import { canonicalJson } from '@/records/canonicalJson';

type Fetching = (url: string, options: RequestInit) => Promise<Response>;

interface Options {
  readonly name: string;
  /** The address of the exchange, asked at each call: a server that was killed comes up at another port. */
  readonly base: () => string;
  readonly fetching?: Fetching;
  readonly port?: StoragePort;
  readonly devicePort?: StoragePort;
  readonly nowMs?: number;
}

export const NOON_MS = Date.UTC(2026, 4, 1, 12);

/** A phone with a book of its own, and its way to the house. */
export async function aPhone({
  name,
  base,
  fetching = (url, options) => fetch(url, options),
  port = memoryStorage(),
  devicePort = memoryStorage(),
  nowMs = NOON_MS,
}: Options) {
  const troubles: string[] = [];
  const calls = new HouseCalls('', (way, options) => fetching(base() + way, options));
  const book = await OpenBook.open(
    {
      port,
      channel: { post: () => undefined, onMessage: () => undefined },
      deviceId: name,
      initials: () => name.slice(-2).toUpperCase(),
      onChange: () => undefined,
      onTrouble: (about, error) => troubles.push(`${about}: ${String(error)}`),
      house: { calls, devicePort, oneAtATime: (work) => work() },
    },
    { nowMs, zone: 'UTC' },
  );
  return { name, book, house: book.house!, port, devicePort, troubles };
}

export type Phone = Awaited<ReturnType<typeof aPhone>>;

/** Everything a phone's book says, in one order: two equal books are equal here. */
export const saysAll = ({ book }: Phone): readonly string[] =>
  book.state
    .revisions()
    .map((one) => canonicalJson(one))
    .sort();
