import { median, sleep } from './measure';
import type { PlainPage } from './plainPage';
import { SLOWED } from './visitor';

const PLACES = ['Tanks', 'Pens', 'Shelf', 'Book', 'Round'] as const;
const OPENINGS = 5;
/** Long enough for the page to be at rest after an opening, and for a place to be drawn, ms. */
const AT_REST_MS = 1_200;
const DRAWN_MS = 2_400;

const LISTEN = `(() => {
  globalThis.longestMs = 0;
  new PerformanceObserver((list) => {
    for (const { duration } of list.getEntries()) globalThis.longestMs = Math.max(globalThis.longestMs, duration);
  }).observe({ entryTypes: ['longtask'] });
})()`;

/**
 * The longest task of the page while every place is gone to for the first time since it was opened, and for
 * the second, its processor slowed; ms, medians of several openings. Nought: none was over 50 ms.
 */
export async function longestTasks(page: PlainPage, url: string): Promise<readonly string[]> {
  const found = new Map<string, number[]>();
  for (let run = 0; run < OPENINGS; run += 1) {
    await page.go(url);
    await page.until(
      "/of \\d+ stops done/.test(document.getElementById('root')?.textContent ?? '')",
    );
    await sleep(AT_REST_MS);
    await page.slow(SLOWED);
    await page.evaluate(LISTEN);
    for (const visit of ['', ' again'])
      for (const place of PLACES) {
        await page.evaluate('globalThis.longestMs = 0');
        await page.press(place);
        await sleep(DRAWN_MS);
        const ms = Number(await page.evaluate('globalThis.longestMs'));
        found.set(place + visit, [...(found.get(place + visit) ?? []), ms]);
      }
    await page.slow(1);
  }
  return [...found].map(([place, all]) => `${place} ${median(all).toFixed(0)}`);
}
