import { test, type Page } from '@playwright/test';
import { expect } from './support/expect';
import { choose, take } from './support/bookFile';
import { addPen, addTank, expectHeading, goTo, ownUrl, press, typeReading } from './support/grower';
import { madeBook } from './support/madeBook';
import { countOf, fullDisk, heldIn, spaceBack } from './support/storage';

const FULL = /Not saved: this device’s storage is full/;
const said = (page: Page) => page.getByRole('alert').getByText(FULL);

test('a reading: what was typed stays, it says why, and with space back the same press saves it once', async ({
  page,
}) => {
  await page.goto(ownUrl());
  await addPen(page, /pH, two points/, 'P1');
  await addTank(page, 'Basil', 'basil');
  await press(page, 'Read');
  await typeReading(page, { ph: '6.1', temp: '21' });
  await fullDisk(page);
  await press(page, 'Save');
  await expect(said(page)).toBeVisible();
  await expect(page.getByLabel('pH', { exact: true })).toHaveValue('6.1');
  await press(page, 'Try again');
  await expect(said(page)).toBeVisible();
  await spaceBack(page);
  await press(page, 'Try again');
  await expectHeading(page, 'Saved · Basil');
  expect(await countOf(page, 'reading')).toBe(1);
});

test('each form keeps what was typed, and its own button tries again', async ({ page }) => {
  await page.goto(ownUrl());
  await addPen(page, /pH, two points/, 'P1');
  await addTank(page, 'Basil', 'basil');
  const forms: readonly (readonly [path: string, fill: () => Promise<void>, button: string])[] = [
    ['/tanks/new', () => page.getByLabel('Name').fill('Mint'), 'Add the tank'],
    ['/pens/new', () => page.getByLabel('Code').fill('P7'), 'Add the pen'],
    ['/shelf/new', () => page.getByLabel('Value printed large, pH').fill('7.00'), 'Add the lot'],
    ['/tanks/waters/new', () => page.getByLabel('Name').fill('Rain'), 'Add the water'],
    ['/settings', () => page.getByLabel('Initials of somebody new').fill('AB'), 'Add the person'],
  ];
  for (const [path, fill, button] of forms) {
    await page.goto(`${ownUrl()}${path}`);
    await fill();
    if (path === '/tanks/new') await page.getByLabel(/^Volume/).fill('100');
    if (path === '/tanks/new')
      await page.getByLabel('Crop and stage').selectOption({ label: 'basil' });
    if (path === '/shelf/new') await page.getByLabel('Left, mL').fill('480');
    const typed = await page.getByRole('textbox').first().inputValue();
    const before = (await heldIn(page)).length;
    await fullDisk(page);
    await press(page, button);
    await expect(said(page), path).toBeVisible();
    await expect(page.getByRole('textbox').first(), path).toHaveValue(typed);
    expect((await heldIn(page)).length, path).toBe(before);
    await spaceBack(page);
    await press(page, button);
    await expect(said(page), path).toBeHidden();
    await expect.poll(async () => (await heldIn(page)).length, path).toBeGreaterThan(before);
  }
});

test('opening and reading with a full disk and 70 entries waiting: the book is there', async ({
  page,
}) => {
  await page.goto(ownUrl());
  await take(page, madeBook({ readings: 68 }).text);
  await fullDisk(page);
  await page.goto(ownUrl());
  await goTo(page, 'Tanks');
  await expect(page.getByRole('link', { name: /Basil .*pH\s6\.0/ })).toBeVisible();
  // Housekeeping fails in the background; the entries stay in the journal and nothing closes.
  await page.waitForTimeout(900);
  await goTo(page, 'Book');
  await expect(page.getByText('68 entries.', { exact: false })).toBeVisible();
  await spaceBack(page);
});

test('taking in a file fails aloud, nothing is half taken, and with space back it is taken in', async ({
  page,
}) => {
  await page.goto(ownUrl());
  await expectHeading(page, 'Your round starts here.');
  const { text } = madeBook({ readings: 400 });
  await choose(page, text);
  await fullDisk(page);
  await press(page, 'Take it in');
  await expect(said(page)).toBeVisible();
  expect((await heldIn(page)).length).toBe(0);
  await spaceBack(page);
  await press(page, 'Try again');
  await expect(page.getByText(/^Taken in\. 402 entries added/)).toBeVisible();
  expect(await countOf(page, 'reading')).toBe(400);
});

test('a choice in Settings and the light of the device say so too', async ({ page }) => {
  await page.goto(`${ownUrl()}/settings`);
  await expectHeading(page, 'Settings');
  await fullDisk(page);
  await page.getByRole('radio', { name: '°F' }).click();
  await expect(said(page)).toBeVisible();
  await press(page, 'Leave it');
  await page.getByRole('switch', { name: 'Lights-out' }).click();
  await expect(said(page)).toBeVisible();
  // It is not shown as chosen while it is not kept.
  await expect(page.getByRole('switch', { name: 'Lights-out' })).not.toBeChecked();
  await spaceBack(page);
  await press(page, 'Try again');
  await expect(page.getByRole('switch', { name: 'Lights-out' })).toBeChecked();
});

test('storage that cannot be used at all: a page with ways out, and going on without', async ({
  page,
}) => {
  await page.goto(ownUrl());
  await take(page, madeBook({ readings: 2 }).text);
  // The database of the device cannot be opened: it is of a version that nobody knows.
  await page.goto(`${ownUrl()}/health`);
  await page.evaluate(
    () =>
      new Promise<void>((resolve, reject) => {
        const opening = indexedDB.open('zolder-device', 7);
        opening.onsuccess = () => {
          opening.result.close();
          resolve();
        };
        opening.onerror = () => reject(new Error('not opened'));
      }),
  );
  await page.goto(ownUrl());
  await expectHeading(page, 'The book did not open.');
  const coming = page.waitForEvent('download');
  await press(page, 'Save everything readable as a file');
  expect((await coming).suggestedFilename()).toBe('book-rescued.zolder.json');
  await expect(page.getByText('File made with 4 entries', { exact: false })).toBeVisible();
  await press(page, 'Go on without storage');
  await expect(page.getByText(/The browser gives no storage/)).toBeVisible();
});
