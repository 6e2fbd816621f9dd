import { chromium, test } from '@playwright/test';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { BROWSER_ARGS } from './support/browserArgs';
import { aPhone, pair, startExchange } from './support/exchange';
import { expect } from './support/expect';
import { addTank, expectHeading, goTo } from './support/grower';

test.use({ serviceWorkers: 'allow' });

test('what waits is told by the browser itself when the network is back, with no page open', async ({
  browser,
}) => {
  test.setTimeout(90_000);
  const house = await startExchange();
  const profile = mkdtempSync(join(tmpdir(), 'zolder-sync-'));
  const context = await chromium.launchPersistentContext(profile, {
    executablePath: process.env.ZOLDER_CHROMIUM_WHOLE ?? process.env.ZOLDER_CHROMIUM,
    args: BROWSER_ARGS,
  });
  const page = await context.newPage();
  await page.goto(house.url);
  await expectHeading(page, 'Your round starts here.');
  await page.evaluate(async () => {
    await navigator.serviceWorker.ready;
  });
  await addTank(page, 'Leek', 'basil');
  await pair(page, house, 'Sleeping phone');
  await house.away();
  await addTank(page, 'Basil', 'basil');
  await goTo(page, 'Settings');
  await page.getByRole('button', { name: 'Together' }).click();
  await expect(page.getByText(/\d saves? waiting\.$/)).toBeVisible();
  // What waits is said at once; the browser is asked to tell it once the house was tried and is away.
  const tags = () =>
    page.evaluate(async () => {
      const registration = await navigator.serviceWorker.ready;
      const { sync } = registration as unknown as { sync?: { getTags(): Promise<string[]> } };
      return sync ? sync.getTags() : null;
    });
  await expect.poll(tags).toEqual(['zolder-house']);

  // The page goes; the worker is woken as the browser wakes it.
  const wake = await context.newPage();
  await page.close();
  await house.back();
  // Not the app: a line of text at its address, by which the tools find its worker.
  await wake.goto(`${house.url}/health`);
  const devtools = await context.newCDPSession(wake);
  const registered = new Promise<string>((resolve) => {
    devtools.on('ServiceWorker.workerRegistrationUpdated', ({ registrations }) => {
      const ours = registrations.find(({ scopeURL }) => scopeURL.startsWith(house.url));
      if (ours) resolve(ours.registrationId);
    });
  });
  await devtools.send('ServiceWorker.enable');
  const origin = new URL(house.url).origin;
  await devtools.send('ServiceWorker.dispatchSyncEvent', {
    origin,
    registrationId: await registered,
    tag: 'zolder-house',
    lastChance: true,
  });
  const other = await aPhone(browser, house);
  await pair(other, house, 'Other phone');
  await goTo(other, 'Tanks');
  await expect(other.getByRole('link', { name: /Basil/ })).toBeVisible();
  await context.close();
  await house.end();
  rmSync(profile, { recursive: true, force: true, maxRetries: 3 });
});
