import type { BrowserContext, Page } from '@playwright/test';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { makeApp } from '../../server/app';
import { compactJournal } from '../../src/records/storage/compact';
import { journalKey } from '../../src/records/storage/journal';
import { memoryStorage } from '../../src/records/storage/memory';
import { encodePack } from '../../src/records/storage/packs';
import { houseBook } from './houseBook';
import { heapBytes } from './heap';
import { fill } from './madeBook';
import { median } from './measure';

type Launch = (profile: string) => Promise<BrowserContext>;

const FIRST_VISITS = 3;
const ROUNDS = 7;
const SLOWED = 4;
const TANKS = 50;
const PENS = 12;
/** Long enough for the earlier months to be here, and what the next opening may leave to be told, ms. */
const SETTLES_MS = 15_000;
const SIZES = [TANKS, 12_500, 50_000, 200_000] as const;

/** The empty app without the frame that the page of the same folder holds. */
function withoutFrame(folder: string): void {
  const file = join(folder, 'index.html');
  const html = readFileSync(file, 'utf8');
  const bare = html
    .replace(/<!-- frame -->[\s\S]*<!-- end of frame -->/, '')
    .replace(/<script src="\/boot.js"><\/script>/, '')
    .replace(/<link rel="preload" href="\/boot.js"[^>]*>/, '');
  if (bare.includes('id="frame"')) throw new Error('The empty app still shows the frame.');
  writeFileSync(file, bare);
}

function served(dist: string): Promise<{ url: string; stop: () => void }> {
  return new Promise((resolve) => {
    const server = makeApp({ dist, start: 'own' }).listen(0, () => {
      const { port } = server.address() as AddressInfo;
      resolve({
        url: `http://localhost:${port}`,
        stop: () => {
          server.close();
          server.closeAllConnections();
        },
      });
    });
  });
}

/** One opening, ms of the page's own clock: its first text, and the Round that can be used. */
interface Opened {
  readonly text: number;
  readonly usable: number;
}

async function opening(page: Page, url: string): Promise<Opened> {
  const slow = await page.context().newCDPSession(page);
  await slow.send('Emulation.setCPUThrottlingRate', { rate: SLOWED });
  await page.goto(url);
  await page.waitForFunction(() => (globalThis as { usableMs?: number }).usableMs, undefined, {
    timeout: 120_000,
  });
  await page.waitForFunction(
    () => performance.getEntriesByName('first-contentful-paint').length > 0,
    undefined,
    { timeout: 30_000 },
  );
  const found = await page.evaluate(() => ({
    text: performance.getEntriesByName('first-contentful-paint')[0]?.startTime ?? NaN,
    usable: (globalThis as { usableMs?: number }).usableMs!,
  }));
  await slow.send('Emulation.setCPUThrottlingRate', { rate: 1 });
  return found;
}

/** A browser that notes when a screen of the app itself first stands there. */
async function browser(launch: Launch, profile: string): Promise<BrowserContext> {
  const context = await launch(profile);
  await context.addInitScript(() => {
    const look = () => {
      const isThere =
        !document.getElementById('frame') && document.getElementById('root')?.textContent;
      const page = globalThis as { usableMs?: number };
      if (isThere) page.usableMs ??= performance.now();
    };
    new MutationObserver(look).observe(document, { childList: true, subtree: true });
  });
  return context;
}

/** One browser with a profile of its own, and all its openings of one address. */
class Visitor {
  readonly again: Opened[] = [];
  private readonly profile = mkdtempSync(join(tmpdir(), 'zolder-paint-'));
  private context!: BrowserContext;
  private page!: Page;

  constructor(
    readonly name: string,
    private readonly url: string,
  ) {}

  /** The first visit; then long enough for all of the app to be kept. */
  async come(launch: Launch): Promise<Opened> {
    this.context = await browser(launch, this.profile);
    this.page = await this.context.newPage();
    const first = await opening(this.page, this.url);
    await this.page.waitForTimeout(6000);
    return first;
  }

  /** Fills the book; its first opening tells the next what it may leave. */
  async fill(packs: [string, string][]): Promise<void> {
    await this.page.goto(`${this.url}/health`);
    await fill(this.page, 'zolder', packs);
    await opening(this.page, this.url);
    await this.page.waitForTimeout(SETTLES_MS);
  }

  /** Once more; then nothing of it goes on beside the others. */
  async comeAgain(): Promise<void> {
    await this.page.goto('about:blank');
    await this.page.waitForTimeout(500);
    this.again.push(await opening(this.page, this.url));
    await this.page.goto('about:blank');
  }

  /** What page and worker hold once the earlier months are here as well, bytes. */
  async heap(): Promise<number> {
    await opening(this.page, this.url);
    await this.page.waitForTimeout(SETTLES_MS);
    return heapBytes(this.page);
  }

  async leave(): Promise<void> {
    await this.context.close();
    rmSync(this.profile, { recursive: true, force: true });
  }
}

/** The packs of a house's book. */
async function packsOf(readings: number): Promise<[string, string][]> {
  const house = houseBook({
    tanks: TANKS,
    pens: PENS,
    readingsEach: readings / TANKS,
    endMs: Date.now(),
  });
  const held = new Map(house.revisions.map((r) => [journalKey(r, 'bench'), encodePack([r])]));
  await compactJournal(memoryStorage(held));
  return [...held];
}

const of = (list: readonly Opened[], what: keyof Opened) => median(list.map((one) => one[what]));

const ratio = (ms: number, to: number) => `${ms.toFixed(0)} ms, ${(ms / to).toFixed(2)} times`;

/** First visits, in turn, each in a browser of its own. */
async function benchFirst(launch: Launch, empty: string, own: string): Promise<void> {
  const bare: Opened[] = [];
  const fresh: Opened[] = [];
  for (let run = 0; run < FIRST_VISITS; run += 1)
    for (const [list, url] of [
      [bare, empty],
      [fresh, own],
    ] as const) {
      const visitor = new Visitor('', url);
      list.push(await visitor.come(launch));
      await visitor.leave();
    }
  const base = of(bare, 'text');
  console.log(`  first visit, empty app: first text ${base.toFixed(0)} ms`);
  console.log(
    `  first visit, empty book: text ${ratio(of(fresh, 'text'), base)} (limit 0.5), usable ${ratio(of(fresh, 'usable'), base)}`,
  );
}

/** Second visits: every browser in turn, so that a machine that slows down slows all of them. */
async function benchAgain(
  launch: Launch,
  empty: string,
  own: string,
  sizes: readonly number[],
): Promise<void> {
  const bare = new Visitor('empty app', empty);
  const books = [0, ...sizes].map(
    (readings) => new Visitor(readings === 0 ? 'empty book' : `${readings} readings`, own),
  );
  const all = [bare, ...books];
  for (const visitor of all) await visitor.come(launch);
  for (const [at, readings] of sizes.entries()) await books[at + 1]!.fill(await packsOf(readings));
  for (let round = 0; round < ROUNDS; round += 1)
    for (const visitor of all) await visitor.comeAgain();
  const base = of(bare.again, 'text');
  console.log(`  again, empty app: first text ${base.toFixed(0)} ms`);
  for (const book of books) {
    const told = [
      `text ${ratio(of(book.again, 'text'), base)} (limit 0.5)`,
      `Round usable ${ratio(of(book.again, 'usable'), base)}`,
      `page and worker hold ${((await book.heap()) / 1e6).toFixed(0)} MB`,
    ];
    console.log(`  again, ${book.name}: ${told.join('; ')}`);
  }
  for (const visitor of all) await visitor.leave();
}

/** Prints first text and usable Round beside an empty app's first text, all with a slowed processor. */
export async function benchPaint(launch: Launch): Promise<void> {
  withoutFrame('.cache/empty-dist');
  const [empty, own] = await Promise.all([served('.cache/empty-dist'), served('dist')]);
  const only = process.argv.indexOf('--readings');
  try {
    console.log(`\nOpening, processor slowed ${SLOWED} times, medians`);
    await benchFirst(launch, empty.url, own.url);
    await benchAgain(
      launch,
      empty.url,
      own.url,
      only < 0 ? SIZES : [Number(process.argv[only + 1])],
    );
  } finally {
    empty.stop();
    own.stop();
  }
}
