import { test } from '@playwright/test';
import { expect } from './support/expect';
import { expectHeading, ownUrl, press } from './support/grower';

test('Help is searched by words, read by place, and explains the drawings', async ({ page }) => {
  await page.goto(ownUrl());
  await page.getByRole('link', { name: 'Help' }).click();
  await expectHeading(page, 'Help');
  await page.getByLabel('Search Help').fill('hard WATER');
  await expect(page.getByText('Why does hard water climb back after acid?')).toBeVisible();
  await expect(page.getByText('What is the ± beside a number?')).toHaveCount(0);
  await page.getByLabel('Search Help').fill('unicorn');
  await expect(page.getByText('Nothing in Help has this.', { exact: false })).toBeVisible();
  // What a place is for and what a drawing means are found too, the drawing with it.
  await page.getByLabel('Search Help').fill('dashed line');
  await expect(page.getByRole('img', { name: /^Drawing: a pen’s error/ })).toBeVisible();
  await expect(page.getByRole('img', { name: /^Drawing: a history/ })).toHaveCount(0);
  await expect(page.getByText('Nothing in Help has this.', { exact: false })).toHaveCount(0);
  await page.getByLabel('Search Help').fill('shopping list');
  await expect(page.getByText('The shopping list names', { exact: false })).toBeVisible();
  // A place clears the words: what it is for, then its answers.
  await page.getByRole('radio', { name: 'Shelf' }).click();
  await expect(page.getByLabel('Search Help')).toHaveValue('');
  await expect(page.getByText('The Shelf holds your buffers', { exact: false })).toBeVisible();
  await expect(page.getByText('Why does phosphoric acid not count three times?')).toBeVisible();
  await page.getByRole('radio', { name: 'Drawings' }).click();
  await expect(page.getByRole('img', { name: /^Drawing: .*out of band/ })).toBeVisible();
  await expect(page.getByText('A flag is a dose.', { exact: false })).toBeVisible();
  await press(page, 'Back');
  await expectHeading(page, /Your round starts here|round/i);
});
