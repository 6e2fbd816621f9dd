import { test, type Page } from '@playwright/test';
import { expect } from './support/expect';
import { readFileSync } from 'node:fs';
import { serve } from '../scripts/serve.mjs';
import { addPen, addTank, expectHeading, goTo, press, typeReading } from './support/grower';
import { openTogether, pair } from './support/exchange';
import { Device, startHouse } from './support/house';
import { everyRoute } from './support/routes';

test.use({ serviceWorkers: 'allow' });

/** Waits until all of the app is kept. */
const kept = (page: Page) =>
  page.evaluate(async () => {
    await navigator.serviceWorker.ready;
  });

test('over HTTPS with an authority of the house’s own: kept, installable, and its screens without the computer', async () => {
  test.setTimeout(180_000);
  const house = await startHouse({ own: false });
  const device = new Device();
  try {
    await device.trust(house);
    const { context, page } = await device.open();
    await page.goto(`${house.url}/phones`);
    await expectHeading(page, 'Phones');
    expect(await page.evaluate(() => window.isSecureContext)).toBe(true);
    const offers = ['serviceWorker', 'wakeLock', 'locks', 'storage', 'mediaDevices'];
    expect(
      await page.evaluate((names) => names.filter((name) => !(name in navigator)), offers),
    ).toEqual([]);
    await expect(page.getByText(/^Ready to be used without network/)).toBeVisible({
      timeout: 30_000,
    });
    // The code leads to the page that helps, the words to the one address.
    await expect(page.getByText(new RegExp(`^Zolder is at ${house.url}`))).toBeVisible();
    const browserSays = await context.newCDPSession(page);
    const { installabilityErrors } = await browserSays.send('Page.getInstallabilityErrors');
    expect(installabilityErrors).toEqual([]);
    const routes = await everyRoute(page, house.url);
    expect(routes.length).toBeGreaterThan(35);
    house.stopServer();
    await expect
      .poll(() =>
        page.evaluate(() =>
          fetch('/house.json').then(
            () => 1,
            () => 0,
          ),
        ),
      )
      .toBe(0);
    // One in three is opened, from the first place to the last; all are of the same kept parts.
    const lost: string[] = [];
    for (const route of routes.filter((_route, at) => at % 3 === 0)) {
      await page.goto(`${house.url}${route}`, { waitUntil: 'commit' });
      const heading = page.getByRole('heading', { level: 1 }).first();
      await heading.waitFor();
      const said = (await heading.textContent()) ?? '';
      if (/could not be loaded|broke/.test(said)) lost.push(`${route}: ${said}`);
      if ((await page.locator('#frame').count()) > 0) lost.push(`${route}: under the frame`);
    }
    expect(lost).toEqual([]);
    await context.close();
  } finally {
    house.stop();
    device.forget();
  }
});

test('an own book: storage is asked to last, the offer to install comes once, after the first reading', async () => {
  test.setTimeout(120_000);
  const house = await startHouse();
  const device = new Device();
  try {
    await device.trust(house);
    const { context, page } = await device.open();
    await page.addInitScript(() => {
      const counts = { persist: 0, wake: 0 };
      Object.assign(window, { counts });
      const { storage, wakeLock } = navigator;
      storage.persist = () => {
        counts.persist += 1;
        return Promise.resolve(true);
      };
      const request = wakeLock.request.bind(wakeLock);
      wakeLock.request = (type) => {
        counts.wake += 1;
        return request(type);
      };
    });
    const counts = () =>
      page.evaluate(() => (window as unknown as { counts: Record<string, number> }).counts);
    await page.goto(house.url);
    await addPen(page, /pH, two points/, 'P1');
    await expect.poll(async () => (await counts()).persist).toBe(1);
    await addTank(page, 'Basil', 'basil');
    await page.evaluate(() => {
      // What a browser hands over once it finds that the app can be installed.
      const offer = Object.assign(new Event('beforeinstallprompt', { cancelable: true }), {
        prompt: () => {
          Object.assign(window, { prompted: true });
          return Promise.resolve();
        },
      });
      window.dispatchEvent(offer);
    });
    const save = async (ph: string) => {
      await press(page, 'Read');
      await typeReading(page, { ph });
      await press(page, 'Save');
      await expectHeading(page, 'Saved · Basil');
    };
    await save('6.1');
    await expect(
      page.getByRole('heading', { name: 'Install Zolder on this device?' }),
    ).toBeVisible();
    await press(page, 'Not now');
    await expect(page.getByText('Install Zolder on this device?')).toHaveCount(0);
    await goTo(page, 'Tanks');
    await page.getByRole('link', { name: /Basil/ }).click();
    await save('6.1');
    await expect(page.getByText('Install Zolder on this device?')).toHaveCount(0);
    // It still stands in Settings.
    await page.getByRole('link', { name: 'Settings' }).click();
    await press(page, 'Phones');
    await press(page, 'Install Zolder');
    expect(await page.evaluate(() => 'prompted' in window)).toBe(true);
    // A phone that trusts the house shares its book over HTTPS; it notices that the exchange was switched on.
    await openTogether(page);
    await expect(page.getByText(/^The exchange is off\./)).toBeVisible();
    await house.code();
    await expect(page.getByLabel('Code the computer shows')).toBeVisible();
    await pair(page, house, 'Phone of the house');
    await expect(page.getByText(/^Phone of the house$/)).toBeVisible();
    // The screen stays awake while a pen is waited for.
    await goTo(page, 'Pens');
    await page.getByRole('link', { name: /^P1/ }).click();
    await press(page, /^Check$/);
    await page.getByLabel('Cups, °C').fill('20');
    await press(page, 'Start with as found');
    await expect.poll(async () => (await counts()).wake).toBeGreaterThan(0);
    await context.close();
  } finally {
    house.stop();
    device.forget();
  }
});

test('the page that helps: not trusted, the files, then trusted and on to Zolder', async () => {
  test.setTimeout(120_000);
  const house = await startHouse();
  const device = new Device();
  try {
    const before = await device.open();
    const { hostname, port } = new URL(house.url);
    const help = `http://${hostname}:${new URL(house.help).port}`;
    await before.page.goto(help);
    await expect(before.page.getByText('This device does not trust the house yet.')).toBeVisible();
    for (const [kind, name] of [
      [/“General”/, 'zolder-house.mobileconfig'],
      [/“Security”/, 'zolder-house.crt'],
    ] as const) {
      await before.page.getByText(kind).click();
      const coming = before.page.waitForEvent('download');
      await before.page
        .locator('details[open]')
        .getByText('Get the trust file', { exact: true })
        .click();
      const file = await coming;
      expect(file.suggestedFilename()).toBe(name);
      expect(readFileSync((await file.path())!, 'latin1')).toMatch(/Zolder house/);
    }
    // The app itself is not opened by such a device.
    await expect(before.page.goto(house.url)).rejects.toThrow('ERR_CERT');
    await before.context.close();
    await device.trust(house);
    const after = await device.open();
    await after.page.goto(help);
    await expect(
      after.page.getByText('This device trusts the house.', { exact: true }),
    ).toBeVisible();
    await after.page.getByRole('link', { name: 'Open Zolder' }).click();
    await expectHeading(after.page, 'Your round starts here.');
    expect(new URL(after.page.url()).origin).toBe(house.url);
    // Any other name of the computer leads to the one address.
    await after.page.goto(`https://localhost:${port}/tanks`);
    expect(after.page.url()).toBe(`${house.url}/tanks`);
    await after.context.close();
  } finally {
    house.stop();
    device.forget();
  }
});

test('a device that comes to trust the house while the page stands open is led on by itself', async () => {
  const house = await startHouse();
  const device = new Device();
  try {
    await device.trust(house);
    const { context, page } = await device.open();
    let trusts = false;
    await page.route(`${house.url}/trusted`, (route) =>
      trusts ? route.continue() : route.abort(),
    );
    const help = `http://${new URL(house.url).hostname}:${new URL(house.help).port}`;
    await page.goto(help);
    await expect(page.getByText('This device does not trust the house yet.')).toBeVisible();
    trusts = true;
    await expectHeading(page, 'Your round starts here.');
    expect(new URL(page.url()).origin).toBe(house.url);
    await context.close();
  } finally {
    house.stop();
    device.forget();
  }
});

test('a device that does not find the name of the computer is told so, and what to do', async () => {
  const house = await startHouse();
  const device = new Device();
  try {
    const { context, page } = await device.open({ findsNames: false });
    await page.goto(house.help);
    await expect(
      page.getByText(/^This device does not find .*\.local on its network\.$/),
    ).toBeVisible();
    await expect(page.getByText(/--by-number/)).toBeVisible();
    await context.close();
  } finally {
    house.stop();
    device.forget();
  }
});

test('a book begun over plain HTTP is saved at its old address and taken in at the new one', async () => {
  test.setTimeout(120_000);
  const device = new Device();
  const plain = await serve({ own: true });
  const port = Number(new URL(plain.url).port);
  const begun = await device.open();
  await begun.page.goto(plain.url);
  await addPen(begun.page, /pH, two points/, 'P7');
  await kept(begun.page);
  await begun.context.close();
  plain.stop();
  await plain.gone;
  const house = await startHouse({ port });
  try {
    await device.trust(house);
    const { context, page } = await device.open();
    // The old app was kept here for use without network: it retires by itself.
    await page.goto(plain.url);
    await expect(page.getByText('A book was begun at this old address.')).toBeVisible({
      timeout: 30_000,
    });
    await page.getByRole('link', { name: 'Save the old book' }).click();
    await expectHeading(page, 'Take the old book along');
    const coming = page.waitForEvent('download');
    await press(page, 'Save the book as a file');
    const file = (await (await coming).path())!;
    await expect(page.getByText(/^File made with/)).toBeVisible();
    await press(page, 'Back to the page that helps');
    await expect(page.getByText(/^The old book was saved from here\./)).toBeVisible();
    await page.goto(`${house.url}/book-file`);
    await page.getByLabel('A .zolder.json file').setInputFiles(file);
    await press(page, 'Take it in');
    await expect(page.getByText(/^Taken in\./)).toBeVisible();
    await goTo(page, 'Pens');
    await expect(page.getByRole('link', { name: /^P7/ })).toBeVisible();
    await context.close();
  } finally {
    house.stop();
    device.forget();
  }
});

test('opened against the browser’s warning it promises no work without network', async ({
  browser,
}) => {
  const house = await startHouse();
  const context = await browser.newContext({
    ignoreHTTPSErrors: true,
    serviceWorkers: 'allow',
    viewport: { width: 390, height: 844 },
  });
  try {
    const page = await context.newPage();
    // Its one address is not found by this browser: the number of the computer stands for it.
    const { port, host } = new URL(house.url);
    await page.route(`https://localhost:${port}/**`, async (route) => {
      const answer = await route.fetch({ headers: { ...route.request().headers(), host } });
      await route.fulfill({ response: answer });
    });
    await page.goto(`https://localhost:${port}/phones`);
    await expect(
      page.getByText(/^The browser keeps nothing for use without network/),
    ).toBeVisible();
    await expect(page.getByText(/^Ready to be used/)).toHaveCount(0);
    await page.unrouteAll({ behavior: 'ignoreErrors' });
  } finally {
    await context.close();
    house.stop();
  }
});
