import { test, type Page } from '@playwright/test';
import { expect } from './support/expect';
import { demoUrl, expectHeading, goTo, press } from './support/grower';

const entries = (page: Page) => page.getByRole('list', { name: 'Entries' }).getByRole('listitem');
const found = (page: Page) => page.getByText(/^\d+ of \d+ entries, newest first\.$/);
/** How many were found, as the line over them says. */
const countOf = async (page: Page) => Number.parseInt((await found(page).textContent()) ?? '', 10);

test('which checks used a lot: from the Book to a check, to its lot, to every use of it, and back', async ({
  page,
}) => {
  await page.goto(demoUrl());
  await goTo(page, 'Book');
  await expect(
    page.getByText(/^\d+ entries\. What the pens showed is never changed\.$/),
  ).toBeVisible();
  await press(page, 'Filter');
  await page.getByLabel('What', { exact: true }).selectOption({ label: 'Checks' });
  await page.getByLabel('Pen', { exact: true }).selectOption({ label: 'P4 Trim screw' });
  await expect(page.getByText('Checks · P4 Trim screw')).toBeVisible();
  const checks = await countOf(page);
  expect(checks).toBeGreaterThan(5);
  await press(page, 'Close the filter');
  await expect(entries(page).first()).toContainText(/\d{4}.*P4\spH checked/s);
  await entries(page).first().getByRole('link').click();
  await expectHeading(page, 'Check · P4');
  await expect(page.getByText('KG-004')).toBeVisible();
  await expect(page.getByRole('list', { name: 'Every try, as displayed' })).toContainText(
    'as found',
  );
  const uses = page.getByRole('link', { name: /^Every use of lot / });
  const lot = (await uses.textContent())!.replace('Every use of ', '');
  await uses.click();
  await expect(page.getByText(lot, { exact: true })).toBeVisible();
  await expect(entries(page).filter({ hasText: 'checked' }).first()).toBeVisible();
  await page.goBack();
  await expectHeading(page, 'Check · P4');
  await page.goBack();
  await expect(page.getByText('Checks · P4 Trim screw')).toBeVisible();
  expect(await countOf(page)).toBe(checks);
  await press(page, 'Show all entries');
  await expect(found(page)).toHaveCount(0);
});

test('by words and by days; a day that is none says so and nothing is lost', async ({ page }) => {
  await page.goto(demoUrl());
  await goTo(page, 'Book');
  await page.getByRole('textbox', { name: 'Find' }).fill('kg-004 nothing such');
  await expect(page.getByText(/^0 of \d+ entries/)).toBeVisible();
  await page.getByRole('textbox', { name: 'Find' }).fill('kg-004');
  await expect(page.getByText('“kg-004”')).toBeVisible();
  const all = await countOf(page);
  await press(page, 'Filter');
  await page.getByRole('textbox', { name: 'To day' }).fill('soon');
  await expect(page.getByText('A day, like 2026-07-31.')).toBeVisible();
  expect(await countOf(page)).toBe(all);
  const ago = new Date(Date.now() - 40 * 86_400_000).toISOString().slice(0, 10);
  await page.getByRole('textbox', { name: 'To day' }).fill(ago);
  await expect.poll(() => countOf(page)).toBeLessThan(all);
  expect(await countOf(page)).toBeGreaterThan(0);
});

test('only what is in sight is drawn, however far it is scrolled', async ({ page }) => {
  await page.goto(demoUrl());
  await goTo(page, 'Book');
  await expect(entries(page).first()).toBeVisible();
  expect(await entries(page).count()).toBeLessThan(40);
  const first = await entries(page).first().textContent();
  for (let flick = 0; flick < 12; flick += 1) {
    await page.mouse.move(200, 500);
    await page.mouse.wheel(0, 3000);
    await page.waitForTimeout(60);
  }
  await expect.poll(() => entries(page).first().textContent()).not.toBe(first);
  await expect(entries(page).nth(5)).toContainText(/\d{4}/);
  expect(await entries(page).count()).toBeLessThan(40);
  // Back comes to the row it left from. More rows are drawn over it meanwhile: it is known by its place.
  const place = await entries(page).nth(12).getAttribute('aria-posinset');
  const row = page.locator(`[aria-posinset="${place}"]`);
  const opened = row.getByRole('link');
  await opened.scrollIntoViewIfNeeded();
  const left = await row.boundingBox();
  await opened.click();
  await expect(page.getByRole('button', { name: 'Void' })).toBeVisible();
  await page.goBack();
  await expect(row).toBeInViewport();
  const back = await row.boundingBox();
  expect(Math.abs(back!.y - left!.y)).toBeLessThan(20);
});
