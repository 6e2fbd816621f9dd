import { test } from '@playwright/test';
import { expect } from './support/expect';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { demoUrl } from './support/grower';

/** 1.6 times the 288 kB (gzip) of an empty app on the same packages, as `npm run bench` measures it. */
const MOST_BYTES = 1.6 * 288_000;

test('the first screen loads no form, table or chart: its scripts stay small', async ({ page }) => {
  const scripts = new Set<string>();
  page.on('request', (request) => {
    const { pathname } = new URL(request.url());
    if (pathname.endsWith('.js') && !pathname.includes('/worker-')) scripts.add(pathname);
  });
  await page.goto(demoUrl());
  await expect(page.getByText(/stops done/)).toBeVisible();
  const sizes = [...scripts].map((path) => gzipSync(readFileSync(join('dist', path))).length);
  expect(scripts.size).toBeGreaterThan(1);
  expect(sizes.reduce((sum, size) => sum + size, 0)).toBeLessThan(MOST_BYTES);
});
