import { test, type Browser, type Page } from '@playwright/test';
import { expect } from './support/expect';
import { addPen, dip, expectHeading, goTo, ownUrl, press, startCheck } from './support/grower';
import { saveFile, take } from './support/bookFile';

const phone = async (browser: Browser): Promise<Page> => {
  const page = await (await browser.newContext()).newPage();
  await page.goto(ownUrl());
  await expectHeading(page, 'Your round starts here.');
  return page;
};

async function openPen(page: Page): Promise<void> {
  await goTo(page, 'Pens');
  await page.getByRole('link', { name: /^P1/ }).click();
}

test('two people at two phones in one sitting: each keeps their own values, nothing of it is lost', async ({
  browser,
}) => {
  test.slow();
  const [left, right] = [await phone(browser), await phone(browser)];
  await addPen(left, /pH, two points/, 'P1');
  await startCheck(left, 'Check', '25');
  await dip(left, '7.00', '7.02');
  // The sitting is taken to the other phone half done: the same cup, what was read is there.
  await take(right, await saveFile(left));
  await openPen(right);
  await press(right, 'Check');
  await dip(right, '4.01', '4.04');
  // Meanwhile the first phone goes on with its own.
  await openPen(left);
  await press(left, 'Check');
  await dip(left, '4.01', '4.02');
  for (const page of [left, right]) {
    await press(page, 'Leave it as it is');
    await press(page, 'Save the check');
    await expectHeading(page, /^P1 · /);
  }
  await take(left, await saveFile(right));
  await take(right, await saveFile(left));
  expect(await saveFile(right)).toBe(await saveFile(left));
  for (const page of [left, right]) {
    await openPen(page);
    await expect(
      page.getByText(/7\.00 buffer: found 7\.02\spH · 4\.01 buffer: found 4\.04\spH/),
    ).toHaveCount(1);
    await expect(
      page.getByText(/7\.00 buffer: found 7\.02\spH · 4\.01 buffer: found 4\.02\spH/),
    ).toHaveCount(1);
    await expect(page.getByText(/Checked twice within the hour.*both checks count/)).toBeVisible();
    // No sitting is left open: a new check starts with as found.
    await press(page, 'Check');
    await expect(page.getByRole('button', { name: 'Start with as found' })).toBeVisible();
  }
});
