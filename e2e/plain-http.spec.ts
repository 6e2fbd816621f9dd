import { test } from '@playwright/test';
import { expect } from './support/expect';
import { choose, saveFile, take } from './support/bookFile';
import { demoUrl, expectHeading, goTo, ownUrl, press, typeReading } from './support/grower';
import { madeBook } from './support/madeBook';
import { heldIn } from './support/storage';

// An address of the house's network: no locks, no service worker, no promise about the storage.
test.use({
  launchOptions: {
    executablePath: process.env.ZOLDER_CHROMIUM,
    args: [
      '--no-sandbox',
      '--disable-gpu',
      '--disable-background-networking',
      '--host-resolver-rules=MAP zolder-house.test 127.0.0.1',
    ],
  },
});

const inHouse = (url: string) => url.replace('localhost', 'zolder-house.test');

test('over plain HTTP the demo opens, and says what this address lacks', async ({ page }) => {
  await page.goto(inHouse(demoUrl()));
  expect(await page.evaluate(() => window.isSecureContext || 'locks' in navigator)).toBe(false);
  await expectHeading(page, /./);
  await expect(page.getByRole('link', { name: /Strawberry/ }).first()).toBeVisible();
  await page.goto(`${inHouse(demoUrl())}/settings`);
  await expect(page.getByText(/cannot promise to keep this book/)).toBeVisible();
  await expect(page.getByText(/opened over plain HTTP.*cannot be installed/)).toBeVisible();
});

test('an own book of 100 entries opens again, is read in, packed and exported', async ({
  page,
}) => {
  const url = inHouse(ownUrl());
  await page.goto(url);
  const { text } = madeBook({ readings: 20 });
  await take(page, text);
  await page.goto(url);
  // Entry by entry, as a grower writes: past the 64th, where packing begins.
  for (let at = 0; at < 8; at += 1) {
    await page.goto(`${url}/settings`);
    for (let one = 0; one < 10; one += 1) {
      await page.getByLabel('Initials of somebody new').fill(`A${at}${one}`);
      await press(page, 'Add the person');
      await expect(page.getByLabel('Initials of somebody new')).toHaveValue('');
    }
  }
  await page.goto(url);
  await expectHeading(page, /./);
  await expect
    .poll(async () => (await heldIn(page)).filter(([key]) => key.startsWith('j/')).length, {
      timeout: 15_000,
    })
    .toBeLessThan(64);
  await goTo(page, 'Tanks');
  await page.getByRole('link', { name: /Basil/ }).click();
  await press(page, 'Read');
  await typeReading(page, { ph: '6.1' });
  await press(page, 'Save');
  await expectHeading(page, 'Saved · Basil');
  const file = await saveFile(page);
  expect(file.match(/"kind":"person"/g)).toHaveLength(80);
  expect(file.match(/"kind":"reading"/g)).toHaveLength(21);
  await choose(page, file);
  await expect(page.getByText('Everything in it is here already.')).toBeVisible();
});
