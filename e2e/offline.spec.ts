import { chromium, expect, test } from '@playwright/test';
import { createServer } from 'node:http';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { serve } from '../scripts/serve.mjs';
import { addPen, addTank, expectHeading, press, typeReading } from './support/grower';

test.use({ serviceWorkers: 'allow' });

const launch = {
  executablePath: process.env.ZOLDER_CHROMIUM,
  args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'],
  viewport: { width: 390, height: 844 },
};

/** The same server under another address, able to publish a new version of the service worker. */
async function frontOf(url: string, isPublished: () => boolean) {
  const front = createServer((request, response) => {
    const passing = fetch(`${url}${request.url}`).then(async (answer) => {
      const body = Buffer.from(await answer.arrayBuffer());
      const isWorker = request.url === '/sw.js' && isPublished();
      const type = answer.headers.get('content-type') ?? 'text/plain';
      response.writeHead(answer.status, { 'content-type': type, 'cache-control': 'no-cache' });
      response.end(isWorker ? `${body.toString()}\n// new` : body);
    });
    passing.catch(() => response.destroy());
  });
  await new Promise<void>((resolve) => front.listen(0, resolve));
  const address = front.address();
  const port = typeof address === 'object' ? address?.port : undefined;
  return { url: `http://localhost:${port}`, stop: () => front.close() };
}

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
  const front = await frontOf(server.url, () => published);
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
