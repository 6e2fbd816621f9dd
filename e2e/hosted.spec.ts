import { test, type Page } from '@playwright/test';
import { expect } from './support/expect';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { HOSTED } from '../scripts/hosting.mjs';
import { bareServer } from './support/bareServer';
import { wholeBrowser } from './support/browserArgs';
import { addPen, addTank, expectHeading, goTo, press, typeReading } from './support/grower';
import { everyRoute } from './support/routes';

// A press with Ctrl opens a tab in the whole browser only.
test.use({ serviceWorkers: 'allow', launchOptions: wholeBrowser() });

const { base, out } = HOSTED;

const kept = (page: Page) =>
  page.evaluate(async () => {
    await navigator.serviceWorker.ready;
  });

/** What the page says went wrong: policy, missing files, scripts. */
function watchTrouble(page: Page): string[] {
  const troubles: string[] = [];
  page.on('console', (message) => {
    if (message.type() !== 'error') return;
    // A deep link is answered by 404.html: the browser says so, the page is the right one.
    if (/status of 404/.test(message.text()) && !/\.\w+$/.test(message.location().url)) return;
    troubles.push(`${message.text()} ${message.location().url}`);
  });
  page.on('pageerror', ({ message }) => troubles.push(message));
  return troubles;
}

test('under a path of a bare file server: set up, read, every link in a new tab, all under the path', async ({
  page,
  context,
}) => {
  test.setTimeout(120_000);
  const server = await bareServer(out, base);
  const troubles = watchTrouble(page);
  try {
    await page.goto(`${server.url}/`);
    await addPen(page, /pH, two points/, 'P1');
    await addTank(page, 'Basil', 'basil');
    await press(page, 'Read');
    await typeReading(page, { ph: '6.1' });
    await press(page, 'Save');
    await expectHeading(page, 'Saved · Basil');
    await goTo(page, 'Round');
    const hrefs = new Set<string>();
    /** All at once: a link may leave while it is asked. */
    const collect = async () => {
      const found = await page
        .locator('a[href]')
        .evaluateAll((links) => links.map((link) => link.getAttribute('href') ?? ''));
      found.forEach((href) => hrefs.add(href));
    };
    for (const place of ['Round', 'Tanks', 'Pens', 'Shelf', 'Book']) {
      await goTo(page, place);
      await page.waitForLoadState('networkidle');
      await expect(page.getByRole('heading', { level: 1 }).first()).toBeVisible();
      await collect();
    }
    await page.getByRole('link', { name: 'Settings' }).click();
    await expectHeading(page, 'Settings');
    await collect();
    expect(hrefs.size).toBeGreaterThan(8);
    for (const href of hrefs) {
      expect(href).toMatch(new RegExp(`^${base}/`));
      const tab = await context.newPage();
      await tab.goto(`${server.origin}${href}`);
      if (href.endsWith('.txt')) await expect(tab.getByText(/Licen[cs]e/).first()).toBeVisible();
      else {
        await tab.getByRole('heading', { level: 1 }).first().waitFor();
        await expect(tab.getByText(/Nothing stands here|could not be loaded/)).toHaveCount(0);
      }
      await tab.close();
    }
    // A press with Ctrl is the browser's: a new tab, at the whole address.
    await goTo(page, 'Round');
    const coming = context.waitForEvent('page');
    await page.getByRole('link', { name: 'Tanks', exact: true }).click({ modifiers: ['Control'] });
    const tab = await coming;
    await expectHeading(tab, 'Tanks');
    expect(new URL(tab.url()).pathname).toBe(`${base}/tanks`);
    // The Round as it is kept for the next opening leads within the app, wherever that lies.
    const kept = () => page.evaluate(() => localStorage.getItem('zolder-round') ?? '');
    await expect.poll(kept).toContain('data-go=\\"/tanks/');
    expect(await kept()).not.toContain(base);
    // A browser asks a text by itself for an icon at the root.
    expect(
      server.asked.filter((path) => !path.startsWith(`${base}/`) && path !== '/favicon.ico'),
    ).toEqual([]);
    expect(troubles).toEqual([]);
  } finally {
    server.stop();
  }
});

test('the first visit by a deep link, the other book, and screens with the server stopped', async ({
  page,
}) => {
  test.setTimeout(180_000);
  const server = await bareServer(out, base);
  const troubles = watchTrouble(page);
  try {
    await page.goto(`${server.url}/settings`);
    await expectHeading(page, 'Settings');
    await press(page, 'Look round the demo');
    await expect(page.getByText(/stops done/)).toBeVisible();
    expect(new URL(page.url()).pathname).toBe(`${base}/`);
    await kept(page);
    const scope = await page.evaluate(
      async () => (await navigator.serviceWorker.getRegistration())?.scope,
    );
    expect(scope).toBe(`${server.url}/`);
    const routes = await everyRoute(page, server.url);
    server.stop();
    const lost: string[] = [];
    // All of them are walked over HTTPS; here one of each few, being the same files.
    for (const route of routes.filter((_, at) => at % 5 === 0)) {
      await page.goto(`${server.url}${route}`, { waitUntil: 'commit' });
      const heading = page.getByRole('heading', { level: 1 }).first();
      await heading.waitFor();
      const said = (await heading.textContent()) ?? '';
      if (/could not be loaded|broke/.test(said)) lost.push(`${route}: ${said}`);
      if ((await page.locator('#frame').count()) > 0) lost.push(`${route}: under the frame`);
    }
    expect(lost).toEqual([]);
    expect(troubles.filter((text) => /content security policy|TypeError/i.test(text))).toEqual([]);
  } finally {
    server.stop();
  }
});

test('the folder holds what hosts want: policy, headers, a page for deep links, pictures', () => {
  const text = (name: string) => readFileSync(join(out, name), 'utf8');
  expect(text('404.html')).toBe(text('index.html'));
  const page = text('index.html');
  const policy = /Content-Security-Policy" content="([^"]+)"/.exec(page)?.[1] ?? '';
  expect(policy).toContain("script-src 'self'");
  // Only a header can say this; in a page the browser complains of it.
  expect(policy).not.toContain('frame-ancestors');
  expect(page.indexOf('Content-Security-Policy')).toBeLessThan(page.search(/<(script|link|style)/));
  expect(text('_headers')).toContain("frame-ancestors 'none'");
  expect(text('_headers')).toContain(`${base}/_expo/static/*`);
  const manifest = JSON.parse(text('manifest.webmanifest')) as {
    icons: { src: string; purpose: string }[];
    screenshots: { src: string; sizes: string }[];
    shortcuts: { name: string; url: string }[];
  };
  expect(manifest.shortcuts.map(({ name }) => name)).toEqual(['Round', 'Read', 'Check']);
  for (const { src, sizes } of [
    ...manifest.screenshots,
    ...manifest.icons.map((icon) => ({ ...icon, sizes: '' })),
  ]) {
    const file = readFileSync(join(out, src));
    expect(file.length).toBeGreaterThan(100);
    if (sizes) expect(`${file.readUInt32BE(16)}x${file.readUInt32BE(20)}`).toBe(sizes);
  }
  expect(manifest.icons.filter(({ purpose }) => purpose === 'maskable')).toHaveLength(2);
});
