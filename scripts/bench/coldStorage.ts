import type { BrowserContext, Page } from '@playwright/test';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { compactJournal } from '../../src/records/storage/compact';
import { journalKey } from '../../src/records/storage/journal';
import { memoryStorage } from '../../src/records/storage/memory';
import { encodePack } from '../../src/records/storage/packs';
import { fill, madeBook } from './madeBook';
import { median } from './measure';

type Launch = (profile: string) => Promise<BrowserContext>;

const READINGS = 50_000;
const RUNS = 7;

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

/** Prints how long 50,000 readings take from cold storage: packs, one key each, and the whole app. */
export async function benchColdStorage(url: string, launch: Launch): Promise<void> {
  const profile = mkdtempSync(join(tmpdir(), 'zolder-bench-'));
  const book = madeBook({ first: READINGS / 10, others: (READINGS / 10) * 9 });
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
