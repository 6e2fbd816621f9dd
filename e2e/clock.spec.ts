import { test, type Page } from '@playwright/test';
import { expect } from './support/expect';
import { saveFile, take } from './support/bookFile';
import { addPen, addTank, expectHeading, goTo, ownUrl, press, typeReading } from './support/grower';
import { madeBook } from './support/madeBook';

const YEAR_MS = 365 * 86_400_000;

async function readBasil(page: Page, ph: string): Promise<void> {
  await goTo(page, 'Tanks');
  await page.getByRole('link', { name: /Basil/ }).click();
  await press(page, 'Read');
  await typeReading(page, { ph });
  await press(page, 'Save');
  const keep = page.getByRole('button', { name: 'Keep it' });
  const saved = page.getByRole('heading', { level: 1, name: 'Saved · Basil' });
  await expect(saved.or(keep)).toBeVisible();
  if (await keep.isVisible()) await keep.click();
  await expect(saved).toBeVisible();
}

test('a clock a year ahead: its reading hides nothing, is told, and is put right in one act', async ({
  page,
}) => {
  const nowMs = Date.now();
  await page.goto(ownUrl());
  await addPen(page, /pH, two points/, 'P1');
  await addTank(page, 'Basil', 'basil');
  await page.clock.setFixedTime(nowMs + YEAR_MS);
  await page.goto(ownUrl());
  await readBasil(page, '7.9');
  await page.clock.setFixedTime(nowMs + 60_000);
  await page.goto(ownUrl());
  await expect(page.getByText(/This device’s clock went back: it was/)).toBeVisible();
  await press(page, 'It is right now');
  await expect(page.getByText(/clock went back/)).toBeHidden();
  await expect(
    page.getByText(/1 entry is dated later than now, up to .*A clock was wrong/),
  ).toBeVisible();
  await readBasil(page, '5.9');
  await goTo(page, 'Tanks');
  await expect(page.getByRole('link', { name: /Basil .*pH\s5\.9/ })).toBeVisible();
  await page.getByRole('link', { name: /dated later than now/ }).click();
  await expectHeading(page, 'State of the book');
  await page.getByRole('radio', { name: /the clock it was written by/ }).click();
  const field = page.getByLabel('When was it really written?');
  await field.fill('yesterday');
  await press(page, 'Put its date right');
  await expect(page.getByText('Like 2026-07-31 07:30.')).toBeVisible();
  const right = new Date(nowMs - 3_600_000);
  const two = (value: number) => String(value).padStart(2, '0');
  await field.fill(
    `${right.getFullYear()}-${two(right.getMonth() + 1)}-${two(right.getDate())} ${two(right.getHours())}:${two(right.getMinutes())}`,
  );
  await press(page, 'Put its date right');
  await expect(page.getByText('every date is in order', { exact: false })).toBeVisible();
  // The reading of the wrong clock is now an hour old: today's own one still stands first.
  await goTo(page, 'Tanks');
  await expect(page.getByRole('link', { name: /Basil .*pH\s5\.9/ })).toBeVisible();
  await goTo(page, 'Book');
  await page.getByRole('link', { name: /pH\s7\.9/ }).click();
  await expect(
    page.getByText(/Written under a wrong clock; its moments were put right/),
  ).toBeVisible();
});

test('two phones an hour apart: the one ahead is told by the other, joined, and both end equal', async ({
  page,
  browser,
}) => {
  const nowMs = Date.now();
  await page.goto(ownUrl());
  const shared = madeBook({ readings: 2, newestMs: nowMs - 7_200_000 });
  await take(page, shared.text);
  const other = await (await browser.newContext()).newPage();
  await other.clock.setFixedTime(nowMs + 3_600_000);
  await other.goto(ownUrl());
  await take(other, shared.text);
  await readBasil(other, '6.3');
  await take(page, await saveFile(other));
  await page.goto(ownUrl());
  await expect(page.getByText(/1 entry is dated later than now/)).toBeVisible();
  await page.getByRole('link', { name: /dated later than now/ }).click();
  await page.getByRole('radio', { name: /the clock it was written by/ }).click();
  await press(page, 'Put its date right');
  await expect(page.getByText('every date is in order', { exact: false })).toBeVisible();
  await goTo(page, 'Tanks');
  await expect(page.getByRole('link', { name: /Basil .*pH\s6\.3/ })).toBeVisible();
  await take(other, await saveFile(page));
  expect(await saveFile(other)).toBe(await saveFile(page));
  await other.context().close();
});
