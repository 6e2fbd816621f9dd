import type { Page } from '@playwright/test';
import { expect } from './expect';
import axe from 'axe-core';

/** Run within the page, once there: the test tool's own bridge collects far more and is ten times slower. */
type WithAxe = typeof globalThis & { readonly axe?: typeof axe };

/** Expects no serious finding by the rules of axe; of all of them, or of the contrast alone. */
export async function expectAccessible(
  page: Page,
  about: string,
  rules: 'all' | 'contrast' = 'all',
): Promise<void> {
  if (!(await page.evaluate(() => 'axe' in globalThis))) await page.evaluate(axe.source);
  const found = await page.evaluate(
    async (runOnly) => {
      const options = { resultTypes: ['violations' as const], ...(runOnly ? { runOnly } : {}) };
      const { violations, passes } = await (globalThis as WithAxe).axe!.run(document, options);
      const serious = violations.filter(({ impact }) => /serious|critical/.test(impact ?? ''));
      return {
        ran: violations.length + passes.length,
        serious: serious.map(({ id, nodes }) => `${id}: ${nodes[0]?.html}`),
      };
    },
    rules === 'contrast' ? ['color-contrast'] : undefined,
  );
  expect(found.ran).toBeGreaterThan(0);
  expect(found.serious, about).toEqual([]);
}
