import { test } from '@playwright/test';
import { expect } from './support/expect';
import { demoUrl, expectHeading, press } from './support/grower';

test.use({ viewport: { width: 1280, height: 800 } });

test('the keys of the house lead everywhere, and are off while typing', async ({ page }) => {
  await page.goto(demoUrl());
  await expectHeading(page, /./);
  await page.keyboard.press('2');
  await expectHeading(page, 'All tanks');
  await page.keyboard.press('3');
  await expectHeading(page, 'All pens');
  await page.keyboard.press('4');
  await expectHeading(page, /standard|buffer/);
  await page.keyboard.press('5');
  await expectHeading(page, 'Book');
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog', { name: 'Keys' })).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toBeHidden();
  await page.keyboard.press('/');
  await expect(page.getByLabel('A part of its name')).toBeFocused();
  await page.keyboard.type('gerbera');
  await expect(page.getByRole('dialog').getByRole('link')).toHaveCount(1);
  await page
    .getByRole('dialog')
    .getByRole('link', { name: /Gerbera bench/ })
    .press('Enter');
  await expectHeading(page, 'Gerbera bench');
  await page.keyboard.press('.');
  await expect(page.getByText('last digit of the display').first()).toBeVisible();
  await page.keyboard.press('r');
  await expectHeading(page, 'Read · Gerbera bench');
  await page.getByLabel('pH', { exact: true }).fill('5.7');
  await page.keyboard.press('2');
  await expectHeading(page, 'Read · Gerbera bench');
  await page.keyboard.press('Control+Enter');
  await expectHeading(page, 'Saved · Gerbera bench');
  await page.keyboard.press('3');
  await page.keyboard.press('n');
  await expectHeading(page, 'A new pen');
  await page.keyboard.press('Escape');
  await expectHeading(page, 'All pens');
});

test('single keys can be switched off', async ({ page }) => {
  await page.goto(demoUrl());
  await expectHeading(page, /./);
  await page.keyboard.press('?');
  await press(page, 'Switch single keys off');
  await press(page, 'Close');
  await page.keyboard.press('2');
  await expectHeading(page, /P4/);
});

test('tables sort by a head and filter by a word', async ({ page }) => {
  await page.goto(`${demoUrl()}/tanks`);
  await expectHeading(page, 'All tanks');
  const first = () => page.getByRole('table', { name: 'All tanks' }).getByRole('row').nth(1);
  await press(page, 'Sort by Tank');
  await expect(first()).toContainText('Basil tables');
  await press(page, 'Sort by Tank');
  await expect(first()).toContainText('Sweet pepper slabs');
  await page.getByLabel('Show only rows with').fill('mint');
  await expect(page.getByRole('table', { name: 'All tanks' }).getByRole('row')).toHaveCount(2);
});

test('back leads to the very screen before, and from a deep link to the screen above', async ({
  page,
}) => {
  await page.goto(`${demoUrl()}/shelf/products/new`);
  await expectHeading(page, 'A product from its label');
  await press(page, 'Back');
  await expectHeading(page, 'pH products');
  await page.keyboard.press('2');
  await expectHeading(page, 'All tanks');
  await page.keyboard.press('Escape');
  await expectHeading(page, 'pH products');
});
