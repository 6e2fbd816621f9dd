import { test } from '@playwright/test';
import { wholeBrowser } from './support/browserArgs';
import { expect } from './support/expect';
import { openAt } from './support/bench';
import { fits } from './support/fits';
import { addPen, press } from './support/grower';

// Notices of the system are shown by the whole browser only.
test.use({ serviceWorkers: 'allow', launchOptions: wholeBrowser() });

test('a timer that ends behind another page calls by the system, once, and leads to its pen', async ({
  page,
  context,
}) => {
  await context.grantPermissions(['notifications']);
  await openAt(page);
  await addPen(page, /pH, two points/, 'P1');
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
  await press(page, 'Check');
  await page.getByLabel('Cups, °C').fill('20');
  await press(page, 'Start with as found');
  await press(page, 'In the cup: start 30 s');
  const called = () =>
    page.evaluate(async () => {
      const registration = await navigator.serviceWorker.ready;
      const told = await registration.getNotifications();
      return told.map(({ title, data }) => [title, (data as { path: string }).path]);
    });
  await page.evaluate(() =>
    Object.defineProperty(document, 'visibilityState', { get: () => 'hidden' }),
  );
  await page.clock.runFor(25_000);
  expect(await called()).toEqual([]);
  await page.clock.runFor(10_000);
  await expect
    .poll(called)
    .toEqual([
      ['P1: still for 30 s, type what it shows', expect.stringMatching(/^\/pens\/.+\/bench$/)],
    ]);
});

test('where the browser was never asked, the first timer offers it, and says what came of it', async ({
  page,
}) => {
  await page.addInitScript(() => {
    let permission = 'default';
    class Told {
      static get permission() {
        return permission;
      }
      static requestPermission() {
        permission = 'granted';
        return Promise.resolve(permission);
      }
    }
    Object.assign(window, { Notification: Told });
  });
  await openAt(page);
  await addPen(page, /pH, two points/, 'P1');
  await expect(page.getByRole('button', { name: /^Call me/ })).toHaveCount(0);
  await press(page, /^Start its first soak/);
  await expect(page.getByRole('button', { name: /^Call me/ })).toBeVisible();
  await fits(page);
  await press(page, /^Call me/);
  await expect(page.getByText(/^You are called when a timer ends/)).toBeVisible();
});
