import { test } from '@playwright/test';
import { expect } from './support/expect';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { demoUrl } from './support/grower';

/** The scripts (gzip) of an empty app on the same packages, as `npm run bench` measures it. */
const EMPTY_BYTES = 288_000;

test('the first screen loads no form, table or chart: its scripts stay small', async ({ page }) => {
  const scripts = new Set<string>();
  page.on('request', (request) => {
    const { pathname } = new URL(request.url());
    if (pathname.endsWith('.js') && !pathname.includes('/worker-')) scripts.add(pathname);
  });
  await page.goto(demoUrl());
  await expect(page.getByText(/stops done/)).toBeVisible();
  const sizeOf = (path: string) => gzipSync(readFileSync(join('dist', path))).length;
  const sum = (paths: readonly string[]) => paths.reduce((all, path) => all + sizeOf(path), 0);
  // The page itself names all that runs before the first answer is drawn: nothing is asked for after it.
  const html = readFileSync('dist/index.html', 'utf8');
  const named = [...scripts].filter((path) => html.includes(`src="${path}"`));
  expect(named.length).toBeGreaterThan(2);
  expect([...scripts]).toEqual(named);
  expect(sum(named)).toBeLessThan(1.25 * EMPTY_BYTES);
});
