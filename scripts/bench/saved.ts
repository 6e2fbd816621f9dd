import type { Page } from '@playwright/test';
import { median } from './measure';
import { longestTasks } from './longestTasks';
import { packsOf, served, SLOWED, TANKS, Visitor, type Browsers } from './visitor';

const ROUNDS = 7;
const SIZES = [TANKS, 50_000] as const;
/** Long enough for a screen to be at rest, ms. */
const AT_REST_MS = 600;
/** Long enough for the earlier months to be here, ms. */
const ALL_HERE_MS = 7000;

/** What is waited for after a press: a text in the main part of the page. */
type Standing = RegExp;

/** From a press to the frame in which its answer is painted, ms of the page's own clock. */
async function pressed(
  page: Page,
  press: () => Promise<void>,
  standing: Standing,
): Promise<number> {
  await page.evaluate(
    ([source, flags]) => {
      const held = globalThis as { paintedMs?: number };
      delete held.paintedMs;
      const wanted = new RegExp(source, flags);
      let from = NaN;
      addEventListener('click', () => (from = performance.now()), { capture: true, once: true });
      const look = () => {
        if (Number.isNaN(from) || held.paintedMs !== undefined) return;
        if (!wanted.test(document.body.textContent ?? '')) return;
        watch.disconnect();
        held.paintedMs = NaN;
        requestAnimationFrame(() =>
          setTimeout(() => {
            held.paintedMs = performance.now() - from;
          }),
        );
      };
      const watch = new MutationObserver(look);
      watch.observe(document, { childList: true, subtree: true, characterData: true });
    },
    [standing.source, standing.flags] as const,
  );
  await press();
  await page.waitForFunction(() => (globalThis as { paintedMs?: number }).paintedMs! > 0);
  return page.evaluate(() => (globalThis as { paintedMs?: number }).paintedMs!);
}

interface Saved {
  /** While the earlier months of the book still come. */
  readonly acknowledgedEarly: number;
  readonly acknowledged: number;
  readonly round: number;
  readonly tank: number;
}

const SAVED = /Saved · /;

/** The form of a reading of the first tank, with what its pen shows; answers how to save it. */
async function typed(page: Page, url: string, shown: string): Promise<() => Promise<void>> {
  await page.goto(`${url}/tanks`);
  await page
    .getByRole('link', { name: /Tank 1\b/ })
    .first()
    .click();
  await page.getByRole('button', { name: 'Read', exact: true }).click();
  await page.getByRole('textbox', { name: /^pH/ }).first().fill(shown);
  await page.waitForTimeout(AT_REST_MS);
  return () => page.getByRole('button', { name: 'Save', exact: true }).click();
}

/** A first reading, which may surprise and be asked about; those after it lie near it. */
async function saveFirst(page: Page, url: string, shown: string): Promise<void> {
  const save = await typed(page, url, shown);
  await save();
  const keep = page.getByRole('button', { name: 'Keep it' });
  await keep.or(page.getByText(SAVED)).first().waitFor();
  if (await keep.isVisible()) await keep.click();
  await page.getByText(SAVED).waitFor();
}

/** One reading of the first tank, saved; then the Round, then the tank. `shown` is different each time. */
async function saveOnce(page: Page, url: string, shown: string): Promise<Saved> {
  const acknowledgedEarly = await pressed(page, await typed(page, url, shown), SAVED);
  const save = await typed(page, url, shown);
  await page.waitForTimeout(ALL_HERE_MS);
  const acknowledged = await pressed(page, save, SAVED);
  await page.waitForTimeout(AT_REST_MS);
  const place = (name: string) => () => page.getByRole('link', { name, exact: true }).click();
  const round = await pressed(page, place('Round'), /of \d+ stops done/);
  await page.waitForTimeout(AT_REST_MS);
  await place('Tanks')();
  const link = page.getByRole('link', { name: /Tank 1\b/ }).first();
  await link.waitFor();
  await page.waitForTimeout(AT_REST_MS);
  const tank = await pressed(
    page,
    () => link.click(),
    new RegExp(`showed ${shown.replace('.', '\\.')}`),
  );
  return { acknowledgedEarly, acknowledged, round, tank };
}

/** Prints how long a save takes until it is acknowledged and painted, beside a book of one reading a tank. */
export async function benchSaved(browsers: Browsers): Promise<void> {
  const own = await served('dist');
  const books = SIZES.map((readings) => new Visitor(`${readings} readings`, own.url, browsers));
  try {
    for (const [at, book] of books.entries()) {
      await book.come();
      await book.fill(await packsOf(SIZES[at]!));
    }
    const pages = await Promise.all(books.map((book) => book.runnersPage()));
    for (const page of pages) await saveFirst(page, own.url, '6.10');
    const all: Saved[][] = books.map(() => []);
    for (let round = 0; round < ROUNDS; round += 1)
      for (const [at, page] of pages.entries())
        all[at]!.push(await saveOnce(page, own.url, `6.${11 + round}`));
    console.log('\nA save until it is painted, medians, ms (limit 1.3 times the small book)');
    for (const what of ['acknowledgedEarly', 'acknowledged', 'round', 'tank'] as const) {
      const [small, large] = all.map((list) => median(list.map((one) => one[what]))) as [
        number,
        number,
      ];
      console.log(
        `  ${what}: ${small.toFixed(0)}, ${large.toFixed(0)}: ${(large / small).toFixed(2)} times`,
      );
    }
    for (const book of books)
      console.log(
        `  longest task, processor slowed ${SLOWED} times, ${book.name}: ${(await longestTasks(await book.page(), own.url)).join(', ')} ms (limit 100)`,
      );
  } finally {
    for (const book of books) await book.leave();
    own.stop();
  }
}
