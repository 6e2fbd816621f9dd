import type { BrowserContext, Page } from '@playwright/test';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { GENERIC_PROFILES, penFromProfile } from '../../src/records/profiles';
import { idSource, writeRevision, type Change, type Revision } from '../../src/records';
import { compactJournal } from '../../src/records/storage/compact';
import { journalKey } from '../../src/records/storage/journal';
import { memoryStorage } from '../../src/records/storage/memory';
import { encodePack } from '../../src/records/storage/packs';

type Launch = (profile: string) => Promise<BrowserContext>;

const READINGS = 50_000;
const RUNS = 7;
const HOUR_MS = 3_600_000;

/** A book of 50,000 readings on ten tanks, as revisions. */
function bigBook(): Revision[] {
  const makeId = idSource();
  const endMs = Date.now() - HOUR_MS;
  const startMs = endMs - (READINGS / 10) * 12 * HOUR_MS;
  const write = (change: Change, nowMs: number) =>
    writeRevision(change, { makeId, nowMs, zone: 'UTC', by: 'AB', device: 'bench' });
  const profile = GENERIC_PROFILES.find(({ id }) => id === 'combination') ?? GENERIC_PROFILES[0]!;
  const pen = write(
    { kind: 'pen', body: penFromProfile(profile, { code: 'P1', name: 'Bench pen' }) },
    startMs,
  );
  const band = { low: 5.5, high: 6.5 };
  const tanks = Array.from({ length: 10 }, (_, place) => {
    const body = {
      name: `Tank ${place}`,
      volumeL: 100,
      crop: '',
      stage: '',
      phBand: band,
      ecBand: { low: 1, high: 2 },
      alphaPerC: 0.019,
      place,
      note: '',
    };
    return write({ kind: 'tank', body }, startMs);
  });
  const readings = Array.from({ length: READINGS }, (_, at) => {
    const nowMs = startMs + Math.floor(at / 10) * 12 * HOUR_MS;
    const body = {
      tankId: tanks[at % 10]!.recordId,
      sampleKind: 'tank' as const,
      takenAt: new Date(nowMs).toISOString(),
      tempC: 20,
      ph: { shown: 5.5 + (at % 90) / 100, penId: pen.recordId },
      ec: { shown: 1.2 + (at % 70) / 100, scale: 'mS/cm' as const, penId: pen.recordId },
      note: '',
    };
    return write({ kind: 'reading', body }, nowMs);
  });
  return [pen, ...tanks, ...readings];
}

/** Fills a database shaped as AsyncStorage shapes it. */
async function fill(page: Page, name: string, entries: [string, string][]): Promise<void> {
  for (let at = 0; at < entries.length; at += 10_000) {
    await page.evaluate(
      ([db, list]) =>
        new Promise<void>((resolve, reject) => {
          const request = indexedDB.open(db, 1);
          request.onupgradeneeded = () => request.result.createObjectStore('entries');
          request.onerror = () => reject(request.error);
          request.onsuccess = () => {
            const tx = request.result.transaction('entries', 'readwrite');
            for (const [key, value] of list) tx.objectStore('entries').put(value, key);
            tx.oncomplete = () => {
              request.result.close();
              resolve();
            };
          };
        }),
      [name, entries.slice(at, at + 10_000)] as const,
    );
  }
}

/** Reads a whole database as AsyncStorage does (keys, then each value in one transaction), parsed. */
function readAll(page: Page, name: string): Promise<{ ms: number; revisions: number }> {
  return page.evaluate(async (db) => {
    const started = performance.now();
    const wait = <T>(request: IDBRequest<T>) =>
      new Promise<T>((resolve, reject) => {
        request.onsuccess = () => resolve(request.result);
        request.onerror = () => reject(request.error);
      });
    const open = await wait(indexedDB.open(db, 1));
    const keys = await wait(open.transaction('entries').objectStore('entries').getAllKeys());
    const store = open.transaction('entries').objectStore('entries');
    const values = await Promise.all(keys.map((key) => wait<string>(store.get(key))));
    const revisions = values.reduce((sum, text) => {
      const body = text.slice(text.indexOf('\n') + 1);
      return body.startsWith('[') ? sum + (JSON.parse(body) as unknown[]).length : sum;
    }, 0);
    open.close();
    return { ms: performance.now() - started, revisions };
  }, name);
}

/** Opens a browser; names that the transpiler adds to functions mean nothing on a page. */
async function open(launch: Launch, profile: string): Promise<BrowserContext> {
  const context = await launch(profile);
  await context.addInitScript('globalThis.__name = (named) => named');
  return context;
}

/** Opens a tank of the large book and lists the page's own tasks over 50 ms meanwhile, ms. */
async function longTasks(page: Page): Promise<number[]> {
  await page.evaluate(() => {
    const seen: number[] = [];
    (globalThis as { seen?: number[] }).seen = seen;
    new PerformanceObserver((list) => {
      list.getEntries().forEach((entry) => seen.push(entry.duration));
    }).observe({ entryTypes: ['longtask'] });
  });
  await page.getByRole('link', { name: 'Tanks', exact: true }).click();
  await page
    .getByRole('link', { name: /Tank 3/ })
    .first()
    .click();
  await page.getByRole('heading', { name: 'History' }).waitFor();
  await page.waitForTimeout(1000);
  return page.evaluate(() => (globalThis as { seen?: number[] }).seen ?? []);
}

const median = (list: number[]) =>
  [...list].sort((a, b) => a - b)[Math.floor(list.length / 2)] ?? NaN;

/** Prints how long 50,000 readings take from cold storage: packs, one key each, and the whole app. */
export async function benchColdStorage(url: string, launch: Launch): Promise<void> {
  const profile = mkdtempSync(join(tmpdir(), 'zolder-bench-'));
  const book = bigBook();
  const held = new Map(book.map((r) => [journalKey(r, 'bench'), encodePack([r])]));
  const single = [...held];
  await compactJournal(memoryStorage(held));
  const filling = await open(launch, profile);
  const page = await filling.newPage();
  await page.goto(`${url}/health`);
  await fill(page, 'zolder', [...held]);
  await fill(page, 'bench-single', single);
  await filling.close();
  const packs: number[] = [];
  const singles: number[] = [];
  const app: number[] = [];
  const tasks: number[] = [];
  for (let run = 0; run < RUNS; run += 1) {
    // A new browser each time: nothing of the database is in its memory.
    const context = await open(launch, profile);
    const cold = await context.newPage();
    await cold.goto(`${url}/health`);
    const fromPacks = await readAll(cold, 'zolder');
    if (fromPacks.revisions !== book.length)
      throw new Error(`read ${fromPacks.revisions} of ${book.length}`);
    packs.push(fromPacks.ms);
    singles.push((await readAll(cold, 'bench-single')).ms);
    const started = Date.now();
    await cold.goto(url);
    await cold.getByRole('heading', { level: 1 }).waitFor();
    app.push(Date.now() - started);
    if (run === RUNS - 1) tasks.push(...(await longTasks(cold)));
    await context.close();
  }
  rmSync(profile, { recursive: true, force: true });
  console.log(`\nReading back ${READINGS} readings, cold, median of ${RUNS}`);
  console.log(`  from ${held.size} packs: ${median(packs).toFixed(0)} ms`);
  console.log(`  one key a record: ${median(singles).toFixed(0)} ms`);
  const longest = Math.max(0, ...tasks);
  console.log(
    `  page tasks over 50 ms while the worker answers for a tank of ${READINGS / 10} readings: ${tasks.length}, the longest ${longest.toFixed(0)} ms`,
  );
  console.log(`  from opening the address to the Round on screen: ${median(app).toFixed(0)} ms`);
}
