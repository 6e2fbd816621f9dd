import { chromium, test } from '@playwright/test';
import { expect } from './support/expect';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { serve } from '../scripts/serve.mjs';
import { frontOf, newVersion } from './support/front';
import { addPen, addTank, expectHeading, press, typeReading } from './support/grower';

test.use({ serviceWorkers: 'allow' });

const launch = {
  executablePath: process.env.ZOLDER_CHROMIUM,
  args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'],
  viewport: { width: 390, height: 844 },
};

test('with the server stopped, a new browser opens a deep link, reads and saves', async () => {
  const profile = mkdtempSync(join(tmpdir(), 'zolder-offline-'));
  const server = await serve({ own: true });
  try {
    const online = await chromium.launchPersistentContext(profile, launch);
    const page = await online.newPage();
    await page.goto(server.url);
    await addPen(page, /pH, two points/, 'P1');
    await addTank(page, 'Basil', 'basil');
    const tankPath = new URL(page.url()).pathname;
    await page.evaluate(async () => {
      await navigator.serviceWorker.ready;
    });
    await online.close();
    server.stop();
    const offline = await chromium.launchPersistentContext(profile, launch);
    const again = await offline.newPage();
    await again.goto(`${server.url}${tankPath}`);
    await expectHeading(again, 'Basil');
    await press(again, 'Read');
    await typeReading(again, { ph: '6.1' });
    await press(again, 'Save');
    await expectHeading(again, 'Saved · Basil');
    await again.goto(`${server.url}/shelf/new`);
    await expectHeading(again, 'A new lot');
    await offline.close();
  } finally {
    server.stop();
    rmSync(profile, { recursive: true, force: true });
  }
});

test('a new version waits and says so; what was typed survives it', async ({ page }) => {
  const server = await serve({ own: true });
  let published = false;
  const front = await frontOf(server.url, (path, body) =>
    published && path === '/sw.js' ? newVersion(body) : undefined,
  );
  try {
    await page.goto(front.url);
    await addPen(page, /pH, two points/, 'P1');
    await addTank(page, 'Basil', 'basil');
    await page.evaluate(async () => {
      await navigator.serviceWorker.ready;
    });
    await press(page, 'Read');
    await typeReading(page, { ph: '6.1', temp: '21' });
    // A changed service worker at the same address is a new version.
    published = true;
    await page.evaluate(async () => {
      await (await navigator.serviceWorker.getRegistration())?.update();
    });
    await expect(page.getByText('A new version is here.', { exact: false })).toBeVisible();
    await press(page, 'Use it now');
    await expectHeading(page, 'Read · Basil');
    await expect(page.getByLabel('pH', { exact: true })).toHaveValue('6.1');
    await expect(page.getByRole('textbox', { name: /^Temp/ })).toHaveValue('21');
  } finally {
    front.stop();
    server.stop();
  }
});

test('a version let in in one tab is let in by all of them, and the old files stay till then', async ({
  context,
}) => {
  const server = await serve({ own: true });
  let published = false;
  let gone = '';
  const front = await frontOf(server.url, (path, body) => {
    if (published && path === '/sw.js') {
      // The new version has another script where the old one had this: the old one is trimmed.
      gone = /[^"]*\/practice-[0-9a-f]{32}\.js/.exec(body.toString())?.[0] ?? '';
      const named = body.toString().replaceAll(gone, gone.replace(/-[0-9a-f]{4}/, '-0000'));
      return { body: `${named}\n// new` };
    }
    if (gone && path.endsWith(gone)) return { status: 404, body: 'gone' };
    if (path.includes('/practice-0000')) return { status: 200, body: '0' };
    return undefined;
  });
  try {
    const left = await context.newPage();
    await left.goto(front.url);
    await addPen(left, /pH, two points/, 'P1');
    await left.evaluate(async () => {
      await navigator.serviceWorker.ready;
    });
    const right = await context.newPage();
    await right.goto(`${front.url}/tanks/new`);
    await right.getByLabel('Name').fill('Mint');
    for (const tab of [left, right])
      await tab.evaluate(() => Object.assign(window, { sameTab: true }));
    published = true;
    await left.evaluate(async () => {
      await (await navigator.serviceWorker.getRegistration())?.update();
    });
    await expect(left.getByText('A new version is here.', { exact: false })).toBeVisible();
    await expect(right.getByText('A new version is here.', { exact: false })).toBeVisible();
    await press(left, 'Use it now');
    // Both load themselves anew, the one that was open since the first install too; what was typed is there.
    for (const tab of [left, right])
      await expect
        .poll(() => tab.evaluate(() => 'sameTab' in window).catch(() => true), { timeout: 15_000 })
        .toBe(false);
    await expect(right.getByLabel('Name')).toHaveValue('Mint');
    expect(gone).not.toBe('');
    // A tab that missed it all would still be answered its own script.
    const status = await right.evaluate(async (path) => (await fetch(path)).status, `/${gone}`);
    expect(status).toBe(200);
  } finally {
    front.stop();
    server.stop();
  }
});

test('a screen that cannot be loaded says so, leaves the others alone, and comes by itself', async ({
  page,
}) => {
  test.slow();
  const server = await serve({ own: true });
  let away = true;
  const front = await frontOf(server.url, (path) =>
    away && (/\/book-[0-9a-f]{32}\.js/.test(path) || path === '/sw.js')
      ? { status: 503, body: '' }
      : undefined,
  );
  try {
    await page.addInitScript(() => {
      Object.defineProperty(navigator.serviceWorker, 'register', { value: async () => undefined });
    });
    await page.goto(front.url);
    await page.goto(`${front.url}/settings`);
    await press(page, 'Move or keep the book');
    await expectHeading(page, 'This screen could not be loaded yet.');
    await page.getByRole('link', { name: 'Tanks', exact: true }).click();
    await expectHeading(page, 'Tanks');
    await page.goBack();
    away = false;
    await expectHeading(page, 'Move or keep the book');
  } finally {
    front.stop();
    server.stop();
  }
});

test('a browser whose registration gives nothing is no error', async ({ page }) => {
  const errors: string[] = [];
  page.on('pageerror', ({ message }) => errors.push(message));
  const server = await serve({ own: true });
  try {
    await page.addInitScript(() => {
      Object.defineProperty(navigator.serviceWorker, 'register', { value: async () => undefined });
    });
    await page.goto(server.url);
    await expectHeading(page, 'Your round starts here.');
    await page.waitForTimeout(300);
    expect(errors).toEqual([]);
  } finally {
    server.stop();
  }
});
