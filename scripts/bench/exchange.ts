import { mkdtempSync, rmSync } from 'node:fs';
import { appendFile, writeFile } from 'node:fs/promises';
import { createServer, request } from 'node:http';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { gunzipSync } from 'node:zlib';
import { BookFolder } from '../../server/exchange/bookFolder';
import { Devices } from '../../server/exchange/devices';
import { thisDisk, type Disk } from '../../server/exchange/disk';
import { Pairing } from '../../server/exchange/pairing';
import { exchangeRoutes } from '../../server/exchange/routes';
import { strictApp } from '../../server/common';
import { HouseCalls } from '../../src/book/house/houseCalls';
import { OpenBook } from '../../src/book/openBook';
import { piecesOf } from '../../src/interchange/exchange';
import type { Revision } from '../../src/records';
import { memoryStorage } from '../../src/records/storage/memory';
import { houseBook } from './houseBook';

const PHONES = 200;
/** Minutes of a day's work: so often a phone meets the house. */
const MINUTES = 600;
/** Acts of one phone in a day. */
const ACTS_A_DAY = [5, 10, 20] as const;
const BOOKS = [12_500, 50_000, 200_000] as const;
/** Entries that were told together, over ten years: a morning's round of one phone. */
const TOGETHER = 8;

/** Without waiting for the disk: what is measured is what a phone fetches, not how this disk syncs. */
const QUICK: Disk = { ...thisDisk, writeWhole: writeFile, append: appendFile };

const TANKS = 50;

const bookOf = (readings: number) =>
  houseBook({ tanks: TANKS, pens: 12, readingsEach: readings / TANKS, endMs: Date.now() });

/** Counts what goes over the wire to a phone, headers included, bytes. */
function countingFetch(count: { bytes: number }) {
  return (url: string, options: RequestInit) =>
    new Promise<Response>((resolve, reject) => {
      const headers = { ...(options.headers as Record<string, string>), 'accept-encoding': 'gzip' };
      const sent = request(
        url,
        { method: options.method ?? 'GET', headers, agent: false },
        (got) => {
          const parts: Buffer[] = [];
          got.on('data', (part: Buffer) => parts.push(part));
          got.on('end', () => {
            count.bytes += got.socket.bytesRead;
            const body = Buffer.concat(parts);
            const text = got.headers['content-encoding'] === 'gzip' ? gunzipSync(body) : body;
            resolve(new Response(text.toString(), { status: got.statusCode ?? 500 }));
          });
        },
      );
      sent.on('error', reject);
      sent.end(options.body);
    });
}

async function aHouse(path: string) {
  const book = await BookFolder.open(path, QUICK);
  const files = new Map<string, string>();
  const devices = new Devices({
    read: (name) => files.get(name),
    write: (name, text) => files.set(name, text),
  });
  const pairing = new Pairing(() => 123_456);
  const exchange = { book, devices, pairing, nowMs: () => Date.now() };
  const app = strictApp([], {
    '/exchange': exchangeRoutes(() => exchange, { device: 1e9, wrong: 1e9 }),
  });
  const server = createServer(app);
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  const address = server.address();
  const port = typeof address === 'object' ? (address?.port ?? 0) : 0;
  const join = async (name: string, count: { bytes: number }) => {
    const calls = new HouseCalls(`http://127.0.0.1:${port}/exchange`, countingFetch(count));
    const nowMs = Date.now();
    const phone = await OpenBook.open(
      {
        port: memoryStorage(),
        channel: { post: () => undefined, onMessage: () => undefined },
        deviceId: name,
        initials: () => '',
        onChange: () => undefined,
        onTrouble: (about, error) => console.error(about, error),
        house: { calls, devicePort: memoryStorage(), oneAtATime: (work) => work() },
      },
      { nowMs, zone: 'UTC' },
    );
    pairing.shown(nowMs);
    await phone.house!.pair('123456', name);
    return phone;
  };
  return { book, join, close: () => server.close() };
}

type House = Awaited<ReturnType<typeof aHouse>>;

/** Lets the other phones write: the entries of a part of the day, an act a piece. */
async function othersWrite(house: House, entries: readonly Revision[]): Promise<void> {
  for (const entry of entries)
    for (const piece of piecesOf([entry])) await house.book.bring(piece, 'another');
}

async function inFolder<T>(work: (path: string) => Promise<T>): Promise<T> {
  const path = mkdtempSync(join(tmpdir(), 'zolder-exchange-bench-'));
  try {
    return await work(path);
  } finally {
    rmSync(path, { recursive: true, force: true });
  }
}

const exponent = (from: number, to: number, times: number) =>
  (Math.log(to / from) / Math.log(times)).toFixed(2);

/** What a phone fetches in a day, each minute, while the others write. */
function aDay(actsEach: number): Promise<number> {
  return inFolder(async (path) => {
    const house = await aHouse(path);
    const entries = bookOf(PHONES * actsEach).revisions;
    const count = { bytes: 0 };
    const phone = await house.join('phone', count);
    await phone.house!.meet(Date.now());
    count.bytes = 0;
    // One meeting in ten is really made, with ten minutes' entries; the other nine find nothing new.
    const empty = { bytes: 0 };
    for (let tenth = 0; tenth < MINUTES / 10; tenth += 1) {
      const size = entries.length / (MINUTES / 10);
      await othersWrite(house, entries.slice(tenth * size, (tenth + 1) * size));
      await phone.house!.meet(Date.now());
      const before = count.bytes;
      await phone.house!.meet(Date.now());
      empty.bytes += count.bytes - before;
    }
    house.close();
    return count.bytes - empty.bytes + empty.bytes * 9;
  });
}

/** How long a phone takes to join a book anew, and what it fetches. */
function aJoin(readings: number): Promise<{ ms: number; bytes: number; pieces: number }> {
  return inFolder(async (path) => {
    const house = await aHouse(path);
    const { revisions } = bookOf(readings);
    for (let at = 0; at < revisions.length; at += TOGETHER)
      await othersTogether(house, revisions.slice(at, at + TOGETHER));
    const count = { bytes: 0 };
    const phone = await house.join('phone', count);
    const started = performance.now();
    const met = await phone.house!.meet(Date.now());
    const ms = performance.now() - started;
    if (met.trouble !== null || phone.state.size < readings)
      throw new Error('It did not join whole.');
    house.close();
    return { ms, bytes: count.bytes, pieces: house.book.length };
  });
}

async function othersTogether(house: House, entries: readonly Revision[]): Promise<void> {
  for (const piece of piecesOf(entries)) await house.book.bring(piece, 'another');
}

/** What the exchange costs a phone: a day in a house of 200 phones, and joining a book of ten years. */
export async function benchExchange(): Promise<void> {
  const days: number[] = [];
  for (const acts of ACTS_A_DAY) {
    const bytes = await aDay(acts);
    days.push(bytes);
    console.log(
      `A day, ${PHONES} phones, ${acts} acts each: ${(bytes / 1e6).toFixed(2)} MB to each phone`,
    );
  }
  console.log(`  exponent ${exponent(days[0]!, days[2]!, ACTS_A_DAY[2] / ACTS_A_DAY[0])}`);
  const joins: { ms: number; bytes: number }[] = [];
  for (const readings of BOOKS) {
    const { ms, bytes, pieces } = await aJoin(readings);
    joins.push({ ms, bytes });
    console.log(
      `Joining a book of ${readings} readings (${pieces} pieces): ${(ms / 1000).toFixed(1)} s, ${(bytes / 1e6).toFixed(1)} MB`,
    );
  }
  const times = BOOKS[2] / BOOKS[0];
  console.log(
    `  exponent ${exponent(joins[0]!.ms, joins[2]!.ms, times)} of time, ${exponent(joins[0]!.bytes, joins[2]!.bytes, times)} of bytes`,
  );
}
