import { expect, test, type Page } from '@playwright/test';
import { take } from './support/bookFile';
import { expectHeading, goTo, ownUrl, press } from './support/grower';
import { madeBook } from './support/madeBook';

/** The newest reading of the tank, from the Book. */
async function openNewest(page: Page): Promise<void> {
  await goTo(page, 'Book');
  await page
    .getByRole('link', { name: /Basil.*pH/ })
    .first()
    .click();
  await expectHeading(page, 'Reading · Basil');
}

test('a reading is amended with why: the tank follows, the old value stays readable, and undo takes it back', async ({
  page,
}) => {
  await page.goto(ownUrl());
  await take(page, madeBook({ readings: 3 }).text);
  await openNewest(page);
  await press(page, 'Amend');
  await page.getByLabel('pH shown').fill('62.7');
  await press(page, 'Amend the entry');
  await expect(page.getByText('From 0 to 14.')).toBeVisible();
  await expect(page.getByText('A word on what was wrong', { exact: false })).toBeVisible();
  await page.getByLabel('pH shown').fill('6.27');
  await page.getByLabel('Why?').fill('typed 6.01, meant 6.27');
  await press(page, 'Amend the entry');
  await expect(page.getByText('pH shown: 6.01 by P1 → 6.27 by P1')).toBeVisible();
  await expect(page.getByText(/^Amended .*: typed 6\.01, meant 6\.27$/)).toBeVisible();
  await goTo(page, 'Tanks');
  await expect(page.getByRole('link', { name: /Basil .*pH 6\.3/ })).toBeVisible();
  await press(page, 'Undo');
  await expect(page.getByText('Taken back.')).toBeVisible();
  await expect(page.getByRole('link', { name: /Basil .*pH 6\.0/ })).toBeVisible();
});

test('a reading that should never have been is voided, and is still found in the Book', async ({
  page,
}) => {
  await page.goto(ownUrl());
  await take(page, madeBook({ readings: 2 }).text);
  await openNewest(page);
  await press(page, 'Void');
  await press(page, 'Void the entry');
  await expect(page.getByText('A word on what was wrong', { exact: false })).toBeVisible();
  await page.getByLabel('Why?').fill('booked twice');
  await press(page, 'Void the entry');
  await expect(page.getByText(/Voided: it counts no more/)).toBeVisible();
  await goTo(page, 'Book');
  await page.getByRole('link', { name: /Basil: reading, voided booked twice/ }).click();
  await expect(page.getByText(/^Voided .*: booked twice$/)).toBeVisible();
});
