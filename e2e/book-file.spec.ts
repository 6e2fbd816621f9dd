import { test, type Browser, type Page } from '@playwright/test';
import { expect } from './support/expect';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { choose, saveFile, take } from './support/bookFile';
import { addPen, addTank, demoUrl, expectHeading, goTo, ownUrl, press } from './support/grower';

const phone = async (browser: Browser): Promise<Page> => {
  const page = await (await browser.newContext()).newPage();
  await page.goto(ownUrl());
  await expectHeading(page, 'Your round starts here.');
  return page;
};

test('export, import into an empty book, export again: the same bytes', async ({
  page,
  browser,
}) => {
  await page.goto(demoUrl());
  await expectHeading(page, /./);
  const text = await saveFile(page);
  expect(text.length).toBeGreaterThan(100_000);
  const other = await phone(browser);
  await choose(other, text);
  await expect(other.getByText(/New: .*1\d{3} readings/)).toBeVisible();
  await press(other, 'Take it in');
  await expect(other.getByText(/^Taken in\./)).toBeVisible();
  expect(await saveFile(other)).toBe(text);
  await goTo(other, 'Tanks');
  await expect(other.getByRole('link', { name: /Gerbera bench/ }).first()).toBeVisible();
});

test('two phones end equal after taking in each other’s file; a conflict is chosen by hand', async ({
  browser,
}) => {
  const [left, right] = [await phone(browser), await phone(browser)];
  await addPen(left, /pH, two points/, 'P1');
  await addTank(left, 'Mint', 'mint');
  await take(right, await saveFile(left));
  for (const [page, name] of [
    [left, 'Mint trough'],
    [right, 'Mint by the door'],
  ] as const) {
    await goTo(page, 'Tanks');
    await page.getByRole('link', { name: /Mint/ }).first().click();
    await press(page, 'Change the tank');
    await page.getByLabel('Name').fill(name);
    await press(page, 'Save the tank');
    await expectHeading(page, name);
  }
  await choose(left, await saveFile(right));
  await expect(left.getByText(/Changed on both sides: 1/)).toBeVisible();
  await press(left, 'Take it in');
  await expect(left.getByText('1 changed on both sides')).toBeVisible();
  await expect(
    left.getByText('Name: Mint trough or Mint by the door', { exact: false }),
  ).toBeVisible();
  await left
    .getByRole('button', { name: /^Keep .* for/ })
    .first()
    .click();
  await expect(left.getByText('1 changed on both sides')).toBeHidden();
  await take(right, await saveFile(left));
  await choose(left, await saveFile(right));
  await expect(left.getByText('Everything in it is here already.')).toBeVisible();
  expect(await saveFile(right)).toBe(await saveFile(left));
  await goTo(right, 'Tanks');
  await expect(right.getByRole('link', { name: /Mint trough/ }).first()).toBeVisible();
});

test('a bad file gets a clear word, and nothing is written', async ({ page }) => {
  await page.goto(ownUrl());
  await expectHeading(page, 'Your round starts here.');
  for (const [text, word] of [
    ['pH;EC\n6;1.4', 'This is not a book of Zolder.'],
    ['{"format":"zolder-book","version":1,"revisions":[', 'This file ends in the middle.'],
    ['{"format":"zolder-book","version":9,"revisions":[]}', 'newer Zolder'],
    ['{"format":"zolder-book","version":1,"revisions":[{"kind":"pen"}]}', 'Entry 1 of this file'],
  ] as const) {
    await choose(page, text);
    await expect(page.getByText(word, { exact: false })).toBeVisible();
    await expect(page.getByText('Nothing was written.')).toBeVisible();
  }
  // A hundred megabytes of something else are refused without being held in memory.
  const folder = mkdtempSync(join(tmpdir(), 'zolder-'));
  const large = join(folder, 'large.zolder.json');
  writeFileSync(large, Buffer.alloc(100_000_000, 32));
  await page.goto(`${ownUrl()}/book-file`);
  await page.getByLabel('A .zolder.json file').setInputFiles(large);
  await expect(page.getByText(/too large to be read that way \(over 64 MB\)/)).toBeVisible();
  rmSync(folder, { recursive: true });
  await goTo(page, 'Round');
  await expectHeading(page, 'Your round starts here.');
});
