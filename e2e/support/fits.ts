import type { Page } from '@playwright/test';
import { expect } from './expect';

/** What sticks out at the right and is reached by no scrolling sideways: its first words. */
const sticksOut = (page: Page) =>
  page.evaluate(() => {
    const scrollsSideways = (element: Element | null): boolean => {
      if (!element) return false;
      const { overflowX } = getComputedStyle(element);
      return (
        overflowX === 'auto' || overflowX === 'scroll' || scrollsSideways(element.parentElement)
      );
    };
    return Array.from(document.querySelectorAll('[dir="auto"], button, input, [role="button"]'))
      .filter((element) => {
        const { right, width } = element.getBoundingClientRect();
        return (
          width > 1 && right > window.innerWidth + 1 && !scrollsSideways(element.parentElement)
        );
      })
      .map((element) =>
        (element.textContent || element.getAttribute('aria-label') || '?').slice(0, 60),
      );
  });

/** Shows its heading, and nothing sticks out at the side. */
export async function fits(page: Page): Promise<void> {
  await expect(page.getByRole('heading', { level: 1 }).first()).toBeVisible();
  const overflow = await page.evaluate(
    () => document.documentElement.scrollWidth - window.innerWidth,
  );
  expect(overflow).toBeLessThanOrEqual(0);
  expect(await sticksOut(page)).toEqual([]);
}
