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

const RUNS = 3;
const SLOWED = 4;
const TANKS = 50;
const PENS = 12;
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
async function opening(page: Page, url: string): Promise<{ text: number; usable: number }> {
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

const megabytes = (bytes: number) => (bytes / 1e6).toFixed(0);

/** First and second visit in a new browser, `prepare` between them. */
async function visits(launch: Launch, url: string, prepare?: (page: Page) => Promise<void>) {
  const profile = mkdtempSync(join(tmpdir(), 'zolder-paint-'));
  const context = await browser(launch, profile);
  const page = await context.newPage();
  const first = await opening(page, url);
  await page.waitForTimeout(6000);
  if (prepare) {
    await page.goto(`${url}/health`);
    await prepare(page);
    await opening(page, url);
    // The first opening of a book tells the next what it may leave.
    await page.waitForTimeout(15_000);
  }
  const second = await opening(page, url);
  // Long enough for the earlier months to be here as well.
  await page.waitForTimeout(prepare ? 15_000 : 1000);
  const bytes = await heapBytes(page);
  await context.close();
  rmSync(profile, { recursive: true, force: true });
  return { first, second, bytes };
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

const of = (list: readonly { text: number; usable: number }[], what: 'text' | 'usable') =>
  median(list.map((one) => one[what]));

/** Prints first text and usable Round beside an empty app's first text, all with a slowed processor. */
export async function benchPaint(launch: Launch): Promise<void> {
  withoutFrame('.cache/empty-dist');
  const [empty, own] = await Promise.all([served('.cache/empty-dist'), served('dist')]);
  try {
    const bare: Awaited<ReturnType<typeof visits>>[] = [];
    const fresh: typeof bare = [];
    for (let run = 0; run < RUNS; run += 1) {
      bare.push(await visits(launch, empty.url));
      fresh.push(await visits(launch, own.url));
    }
    const base = {
      first: of(
        bare.map(({ first }) => first),
        'text',
      ),
      second: of(
        bare.map(({ second }) => second),
        'text',
      ),
    };
    const ratio = (ms: number, to: number) => `${ms.toFixed(0)} ms, ${(ms / to).toFixed(2)} times`;
    console.log(`\nOpening, processor slowed ${SLOWED} times, median of ${RUNS}`);
    console.log(
      `  empty app, first text: ${base.first.toFixed(0)} ms, again ${base.second.toFixed(0)} ms`,
    );
    for (const visit of ['first', 'second'] as const) {
      const list = fresh.map((one) => one[visit]);
      console.log(
        `  an empty book, ${visit} visit: text ${ratio(of(list, 'text'), base[visit])} (limit 0.5), usable ${ratio(of(list, 'usable'), base[visit])}`,
      );
    }
    const light = median(fresh.map(({ bytes }) => bytes));
    console.log(`  an empty book: memory of page and worker ${megabytes(light)} MB`);
    const only = process.argv.indexOf('--readings');
    const sizes = only < 0 ? SIZES : [Number(process.argv[only + 1])];
    for (const readings of sizes) {
      const packs = await packsOf(readings);
      const runs: typeof bare = [];
      for (let run = 0; run < 3; run += 1)
        runs.push(await visits(launch, own.url, (page) => fill(page, 'zolder', packs)));
      const list = runs.map(({ second }) => second);
      console.log(
        `  ${readings} readings, again: text ${ratio(of(list, 'text'), base.second)}, Round usable ${ratio(of(list, 'usable'), base.second)}; memory of page and worker ${megabytes(median(runs.map(({ bytes }) => bytes)))} MB`,
      );
    }
  } finally {
    empty.stop();
    own.stop();
  }
}
