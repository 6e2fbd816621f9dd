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
  await expect(page.getByText('Nothing in Help has these words.', { exact: false })).toBeVisible();
  // A place clears the words: what it is for, then its answers.
  await page.getByRole('radio', { name: 'Shelf' }).click();
  await expect(page.getByLabel('Search Help')).toHaveValue('');
  await expect(page.getByText('The Shelf holds your buffers', { exact: false })).toBeVisible();
  await expect(page.getByText('Why does phosphoric acid not count three times?')).toBeVisible();
  await page.getByRole('radio', { name: 'Drawings' }).click();
  await expect(page.getByRole('img', { name: /^Drawing: .*out of band/ })).toBeVisible();
  await press(page, 'Back');
  await expectHeading(page, /Your round starts here|round/i);
});
