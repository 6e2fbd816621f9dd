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
  // What the page itself names runs before anything is drawn; the rest is asked for by what is drawn.
  const html = readFileSync('dist/index.html', 'utf8');
  const entry = [...scripts].filter((path) => html.includes(`src="${path}"`));
  expect(entry.length).toBeGreaterThan(2);
  expect(scripts.size).toBeGreaterThan(entry.length);
  expect(sum(entry)).toBeLessThan(1.25 * EMPTY_BYTES);
  expect(sum([...scripts])).toBeLessThan(1.45 * EMPTY_BYTES);
});
