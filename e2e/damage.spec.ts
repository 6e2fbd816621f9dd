import { test, type Page } from '@playwright/test';
import { expect } from './support/expect';
import { saveFile, take } from './support/bookFile';
import { expectHeading, goTo, ownUrl, press } from './support/grower';
import { madeBook } from './support/madeBook';
import { heldIn, meddle } from './support/storage';

const READINGS = 520;

/** A book of 520 readings in packs, with the keys of its reading packs. */
async function packedBook(page: Page): Promise<readonly string[]> {
  await page.goto(ownUrl());
  // One month, so that the parts can be told apart.
  const newestMs = Date.UTC(2026, 5, 20);
  await take(page, madeBook({ readings: READINGS, newestMs }).text);
  const packs = (await heldIn(page)).map(([key]) => key).filter((key) => /^p\/reading/.test(key));
  expect(packs).toEqual(['p/reading/202606/0000', 'p/reading/202606/0001']);
  // The second copy would bring back what is lost: here the loss itself is looked at.
  await meddle(
    page,
    (await heldIn(page, 'zolder-copy')).map(([key]) => [key, undefined]),
    'zolder-copy',
  );
  return packs;
}

const valueOf = async (page: Page, key: string) =>
  (await heldIn(page)).find(([one]) => one === key)?.[1];

test('a pack that was changed: told in one sentence, everything else works, and the file holds it', async ({
  page,
}) => {
  const [, second] = await packedBook(page);
  const text = String(await valueOf(page, second!));
  const changed = text.replace('"shown":6.01', '"shown":9.01');
  await meddle(page, [[second!, changed]]);
  await page.goto(ownUrl());
  await expect(
    page.getByText(
      'Could not be read: 20 readings of June 2026. Kept untouched; everything else works.',
    ),
  ).toBeVisible();
  await goTo(page, 'Tanks');
  await expect(page.getByRole('link', { name: /Basil .*pH\s6\.0/ })).toBeVisible();
  await page.getByRole('link', { name: /Could not be read/ }).click();
  await expectHeading(page, 'State of the book');
  await expect(page.getByText(/the check sum disagrees/)).toBeVisible();
  const file = await saveFile(page);
  expect(file).toContain('"setAside"');
  expect(file).toContain('\\"shown\\":9.01');
  expect(await valueOf(page, second!)).toBe(changed);
});

test('a missing pack is told, a saved file brings it back', async ({ page }) => {
  const [first] = await packedBook(page);
  const file = await saveFile(page);
  await meddle(page, [[first!, undefined]]);
  await page.goto(ownUrl());
  await expect(page.getByText(/500 readings of June 2026 are gone/)).toBeVisible();
  await take(page, file);
  await goTo(page, 'Book');
  await expect(page.getByText(`${READINGS} entries.`, { exact: false })).toBeVisible();
});

for (const [name, value] of [
  ['something that is no text', { some: 'thing' }],
  ['an empty text', ''],
  ['half a pack', '2:0'],
] as const) {
  test(`${name} in place of a pack: set aside, never written again`, async ({ page }) => {
    const [first, second] = await packedBook(page);
    await meddle(page, [[second!, value]]);
    await page.goto(ownUrl());
    await expect(page.getByText(/Could not be read: 20 readings of June 2026/)).toBeVisible();
    await page.goto(`${ownUrl()}/settings`);
    await page.getByLabel('Initials of somebody new').fill('AB');
    await press(page, 'Add the person');
    await expect(page.getByLabel('Initials of somebody new')).toHaveValue('');
    expect(await valueOf(page, second!)).toEqual(value);
    expect(await valueOf(page, first!)).toBeTruthy();
  });
}

test('an entry that cannot be understood, and one whose id has other letters, close nothing', async ({
  page,
}) => {
  await packedBook(page);
  await meddle(page, [
    ['j/phone/x/1', 'garbage'],
    ['j/phone/x/UUUUUUUUUUUUUUUUUUUUUUUUUU', '1:00000000\n[{"revId":"U"}]'],
  ]);
  await page.goto(ownUrl());
  await expect(page.getByText(/Could not be read: 2 entries/)).toBeVisible();
  await goTo(page, 'Tanks');
  await expect(page.getByRole('link', { name: /Basil/ })).toBeVisible();
});

test('an imported id with a letter outside its alphabet is refused, and the book goes on', async ({
  page,
}) => {
  await page.goto(ownUrl());
  const { text } = madeBook({ readings: 1 });
  await take(page, text);
  const old = `{"format":"zolder-book","version":1,"revisions":[\n{"at":"2026-06-01T07:30:00.000Z","body":{"initials":"ZZ","name":""},"by":"","device":"x","kind":"person","parents":[],"recordId":"R1","revId":"01UUUUUUUUUUUUUUUUUUUUUUUU","v":1,"zone":"UTC"}\n]}\n`;
  await page.getByLabel('A .zolder.json file').setInputFiles({
    name: 'x.zolder.json',
    mimeType: 'application/json',
    buffer: Buffer.from(old),
  });
  await expect(page.getByText(/Entry 1 of this file does not hold together/)).toBeVisible();
  await page.goto(ownUrl());
  await goTo(page, 'Tanks');
  await expect(page.getByRole('link', { name: /Basil/ })).toBeVisible();
});

test('an emptied storage is an alarm, no welcome; the second copy brings the last month back', async ({
  page,
}) => {
  await page.goto(ownUrl());
  await take(page, madeBook({ readings: 5 }).text);
  await goTo(page, 'Tanks');
  await expect(page.getByRole('link', { name: /Basil/ })).toBeVisible();
  const keys = (await heldIn(page)).map(([key]) => [key, undefined] as const);
  await meddle(page, keys);
  await page.goto(ownUrl());
  await expectHeading(page, 'Your book is gone from this device.');
  await press(page, 'Bring back 7 entries');
  await goTo(page, 'Tanks');
  await expect(page.getByRole('link', { name: /Basil .*pH\s6\.0/ })).toBeVisible();
  await page.reload();
  await expect(page.getByRole('link', { name: /Basil .*pH\s6\.0/ })).toBeVisible();
});

test('an emptied storage can be begun anew, and is a welcome from then on', async ({ page }) => {
  await page.goto(ownUrl());
  await take(page, madeBook({ readings: 1 }).text);
  await meddle(
    page,
    (await heldIn(page)).map(([key]) => [key, undefined] as const),
  );
  await page.goto(ownUrl());
  await expect(page.getByText('It held 3 entries', { exact: false })).toBeVisible();
  await press(page, 'Begin a new, empty book');
  await expect(page.getByText('Your book is gone')).toBeHidden();
  await page.reload();
  await expectHeading(page, 'Your round starts here.');
});

test('a book that a newer Zolder wrote in is read and saved, not added to', async ({ page }) => {
  const [, second] = await packedBook(page);
  const text = String(await valueOf(page, second!));
  await meddle(page, [[second!, text.replace(/^2:/, '9:')]]);
  await page.goto(ownUrl());
  await expect(page.getByText(/A newer Zolder wrote part of this book/)).toBeVisible();
  await page.goto(`${ownUrl()}/settings`);
  await page.getByLabel('Initials of somebody new').fill('AB');
  await press(page, 'Add the person');
  await expect(page.getByRole('alert').getByText(/Not saved: a newer Zolder/)).toBeVisible();
  await expect(page.getByLabel('Initials of somebody new')).toHaveValue('AB');
  expect(await saveFile(page)).toContain('9:');
});
