import { test } from '@playwright/test';
import { expect } from './support/expect';
import { demoUrl, expectHeading, goTo, press } from './support/grower';
import { revisionsIn } from './support/storage';

test('the demo opens at once, is marked, and is left in one tap for an empty book', async ({
  page,
}) => {
  const outside: string[] = [];
  page.on('request', (request) => {
    if (!request.url().startsWith(demoUrl()) && !request.url().startsWith('data:'))
      outside.push(request.url());
  });
  await page.goto(demoUrl());
  await expectHeading(page, /P4 can’t be trusted\. Check P4 first\./);
  for (const place of ['Tanks', 'Pens', 'Shelf', 'Book', 'Settings']) {
    await goTo(page, place);
    await expect(page.getByRole('button', { name: /^demo · leave/ })).toBeVisible();
  }
  // Written where this device is, although the page left it to the worker to say where.
  const here = await page.evaluate(() => Intl.DateTimeFormat().resolvedOptions().timeZone);
  const zones = (await revisionsIn(page, 'zolder-demo')).map(({ zone }) => zone);
  expect([...new Set(zones)]).toEqual([here]);
  await press(page, /^demo · leave/);
  await expectHeading(page, 'Your round starts here.');
  await page.reload();
  await expectHeading(page, 'Your round starts here.');
  await press(page, 'Look round the demo');
  await expectHeading(page, /P4/);
  expect(outside).toEqual([]);
});

test('text at 200 % is cut nowhere on a phone', async ({ page }) => {
  await page.goto(demoUrl());
  await goTo(page, 'Settings');
  await page.getByRole('radio', { name: '200 %' }).click();
  for (const place of ['Round', 'Tanks', 'Pens', 'Shelf', 'Book']) {
    await goTo(page, place);
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    const overflow = await page.evaluate(
      () => document.documentElement.scrollWidth - window.innerWidth,
    );
    expect(overflow, place).toBeLessThanOrEqual(0);
  }
});

test('at 200 % zoom on a wide screen nothing runs over its edge', async ({ browser }) => {
  // 1280×800 at 200 % is 640×400 to the page.
  const context = await browser.newContext({
    viewport: { width: 640, height: 400 },
    deviceScaleFactor: 2,
  });
  const page = await context.newPage();
  await page.goto(demoUrl());
  for (const place of ['Round', 'Tanks', 'Pens', 'Shelf', 'Book', 'Settings']) {
    await goTo(page, place);
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    const overflow = await page.evaluate(
      () => document.documentElement.scrollWidth - window.innerWidth,
    );
    expect(overflow, place).toBeLessThanOrEqual(0);
  }
  await context.close();
});

test('the tour follows the old pen, a screen at a time; set-up in the demo leads to one’s own book', async ({
  page,
}) => {
  await page.goto(demoUrl());
  await press(page, 'Take the short tour');
  await expect(page.getByText(/^Tour, 1 of 6\./)).toBeVisible();
  await press(page, 'Go on with the tour');
  await expectHeading(page, /^P4 · /);
  await press(page, 'Go on with the tour');
  await expectHeading(page, /^P4 read 0\.\d\d\spH high\./);
  for (const heading of ['Strawberry gutters', 'Shelf', /P4/]) {
    await press(page, 'Go on with the tour');
    await expectHeading(page, heading);
  }
  await expect(page.getByRole('button', { name: 'Go on with the tour' })).toHaveCount(0);
  await press(page, 'End the tour');
  await expect(page.getByText(/^Tour, /)).toHaveCount(0);
  await page.goto(`${demoUrl()}/welcome`);
  await expectHeading(page, 'You are in the demo.');
  await press(page, 'Set up my own book');
  await expectHeading(page, 'Which pen is in your hand?');
});
