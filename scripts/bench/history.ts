import type { BrowserContext, Page } from '@playwright/test';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { journalKey } from '../../src/records/storage/journal';
import { compactJournal } from '../../src/records/storage/compact';
import { memoryStorage } from '../../src/records/storage/memory';
import { encodePack } from '../../src/records/storage/packs';
import { fill, madeBook } from './madeBook';
import { median } from './measure';

type Launch = (profile: string) => Promise<BrowserContext>;

const RUNS = 7;
/** Six readings a day for five years. */
const YEARS = 10_950;
const BOOKS = {
  empty: { first: 2, others: 0 },
  full: { first: YEARS, others: 50_000 - YEARS },
} as const;

/** A browser of its own whose book is made up. */
async function withBook(url: string, launch: Launch, size: { first: number; others: number }) {
  const profile = mkdtempSync(join(tmpdir(), 'zolder-history-'));
  const held = new Map(madeBook(size).map((r) => [journalKey(r, 'bench'), encodePack([r])]));
  await compactJournal(memoryStorage(held));
  const context = await launch(profile);
  await context.addInitScript('globalThis.__name = (named) => named');
  const page = await context.newPage();
  await page.goto(`${url}/health`);
  await fill(page, 'zolder', [...held]);
  const close = async () => {
    await context.close();
    rmSync(profile, { recursive: true, force: true });
  };
  return { page, close };
}

/** Boots the app on its Tanks, and lists from then on every page task over 50 ms. */
async function boot(page: Page, url: string): Promise<void> {
  await page.goto(`${url}/tanks`);
  await page
    .getByRole('link', { name: /Tank 0/ })
    .first()
    .waitFor();
  await page.waitForTimeout(2500);
  await page.evaluate(() => {
    const seen: number[] = [];
    (globalThis as { seen?: number[] }).seen = seen;
    new PerformanceObserver((list) => {
      list.getEntries().forEach((entry) => seen.push(entry.duration));
    }).observe({ entryTypes: ['longtask'] });
  });
}

/** From the press on the tank to both strips painted, ms, on the page's own clock. */
function pressToPainted(page: Page): Promise<number> {
  return page.evaluate(
    () =>
      new Promise<number>((resolve) => {
        const link = Array.from(document.querySelectorAll('a')).find((a) =>
          a.textContent?.includes('Tank 0'),
        );
        const started = performance.now();
        const painted = () =>
          document.querySelectorAll('svg[role="img"][aria-label*=" of Tank 0"]').length >= 2;
        const look = () => {
          if (!painted()) return requestAnimationFrame(look);
          // The frame after the one that holds them is the one that shows them.
          return requestAnimationFrame(() => resolve(performance.now() - started));
        };
        link?.click();
        requestAnimationFrame(look);
      }),
  );
}

/** Back to the list without loading the page anew. */
async function back(page: Page): Promise<void> {
  await page.getByRole('link', { name: 'Tanks', exact: true }).click();
  await page
    .getByRole('link', { name: /Tank 0/ })
    .first()
    .waitFor();
  await page.waitForTimeout(200);
}

/**
 * Presses what bears this name, from within the page: the bench's own search through the page would
 * count as a page task.
 */
function press(page: Page, name: string): Promise<void> {
  return page.evaluate((wanted) => {
    const all = document.querySelectorAll<HTMLElement>('a, button, [role="radio"]');
    const named = Array.from(all).find(
      (each) => (each.getAttribute('aria-label') ?? each.textContent)?.trim() === wanted,
    );
    if (!named) throw new Error(`nothing is called ${wanted}`);
    named.click();
  }, name);
}

/** Zooms out to all years and in again, and saves a reading, with the tank's history on screen. */
async function zoomAndSave(page: Page): Promise<void> {
  for (const name of ['All', 'Closer', 'Earlier', 'Wider', 'Read']) {
    await press(page, name);
    await page.waitForTimeout(500);
  }
  await page.evaluate(() => document.querySelector<HTMLElement>('input[aria-label="pH"]')?.focus());
  await page.keyboard.type('6.0');
  await page.waitForTimeout(600);
  const keep = await page.evaluate(() => document.body.textContent?.includes('Keep it') ?? false);
  await press(page, keep ? 'Keep it' : 'Save');
  await page.waitForTimeout(1500);
}

/** Prints how long a tank with five years of readings takes to show them, against one with two. */
export async function benchHistory(url: string, launch: Launch): Promise<void> {
  const books = {
    empty: await withBook(url, launch, BOOKS.empty),
    full: await withBook(url, launch, BOOKS.full),
  };
  const times = { empty: { cold: [], warm: [] }, full: { cold: [], warm: [] } } as Record<
    'empty' | 'full',
    { cold: number[]; warm: number[] }
  >;
  for (let run = 0; run < RUNS; run += 1) {
    for (const name of ['empty', 'full'] as const) {
      const { page } = books[name];
      await boot(page, url);
      times[name].cold.push(await pressToPainted(page));
      await back(page);
      times[name].warm.push(await pressToPainted(page));
    }
  }
  const { page } = books.full;
  const opening = await page.evaluate(() => [...((globalThis as { seen?: number[] }).seen ?? [])]);
  await zoomAndSave(page);
  const all = await page.evaluate(() => (globalThis as { seen?: number[] }).seen ?? []);
  await Promise.all([books.empty.close(), books.full.close()]);
  console.log(
    `\nA tank with ${YEARS} readings in a book of 50,000 against one with 2, press to strips painted, medians of ${RUNS} alternating runs`,
  );
  for (const kind of ['cold', 'warm'] as const) {
    const [small, big] = [median(times.empty[kind]), median(times.full[kind])];
    console.log(
      `  ${kind}: ${small.toFixed(0)} ms and ${big.toFixed(0)} ms, ${(big / small).toFixed(2)} times`,
    );
  }
  const longest = (list: number[]) => Math.max(0, ...list).toFixed(0);
  console.log(
    `  page tasks over 50 ms: ${opening.length} while opening (longest ${longest(opening)} ms), ${all.length - opening.length} while zooming and saving (longest ${longest(all.slice(opening.length))} ms)`,
  );
}
