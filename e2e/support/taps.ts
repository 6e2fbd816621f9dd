import type { Page } from '@playwright/test';

/** Counts what a thumb does, from now on. */
export async function countTaps(page: Page): Promise<() => Promise<number>> {
  await page.evaluate(() => {
    const counted = 'taps' in window;
    Object.assign(window, { taps: 0 });
    if (counted) return;
    window.addEventListener(
      'pointerdown',
      () => ((window as unknown as { taps: number }).taps += 1),
      true,
    );
  });
  return () => page.evaluate(() => (window as unknown as { taps: number }).taps);
}
