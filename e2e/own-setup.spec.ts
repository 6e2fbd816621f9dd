import { test } from '@playwright/test';
import { expect } from './support/expect';
import { serve } from '../scripts/serve.mjs';
import { addTank, expectHeading, goTo, ownUrl, press, typeReading } from './support/grower';

/*
 * The first visit, counted: a tap for each press, and one for each field that is typed into.
 * Door, pen, name, volume, crop, on, pH, save.
 */
test('own set-up reaches a first reading in eight taps, marked unverified', async ({ page }) => {
  let taps = 0;
  const tap = async (act: Promise<unknown>) => {
    taps += 1;
    await act;
  };
  await page.goto(ownUrl());
  await expect(page.getByRole('button', { name: /Look round the demo/ })).toBeVisible();
  await tap(press(page, /Set up your own/));
  await expectHeading(page, 'Which pen is in your hand?');
  await tap(page.getByRole('link', { name: /pH, two points/ }).click());
  await tap(page.getByLabel('Name').fill('Basil tables'));
  await tap(page.getByLabel(/^Volume/).fill('160'));
  await tap(page.getByLabel('Crop and stage').selectOption({ label: 'basil' }));
  await expect(page.getByText('pH 5.5 to 6.5', { exact: false })).toBeVisible();
  await tap(press(page, 'On to the first reading'));
  await expectHeading(page, 'Read · Basil tables');
  await tap(page.getByLabel('pH', { exact: true }).fill('6.0'));
  await tap(press(page, 'Save'));
  await expectHeading(page, 'Saved · Basil tables');
  expect(taps).toBeLessThanOrEqual(8);
  await page.reload();
  await expect(page.getByText('Not checked yet')).toBeVisible();
  await goTo(page, 'Round');
  await expectHeading(page, 'Pen P1 was never checked. Check P1 first.');
  await goTo(page, 'Tanks');
  await page.getByRole('link', { name: /Basil tables.*unverified.*Open/ }).click();
  await expect(page.getByText('Unverified.', { exact: true }).first()).toBeVisible();
  // No dose is planned on such a reading; the check is one press away.
  await press(page, 'Read');
  await typeReading(page, { ph: '6.9' });
  await press(page, 'Save');
  await press(page, 'Keep it');
  await expectHeading(page, 'Saved · Basil tables');
  await goTo(page, 'Tanks');
  await page.getByRole('link', { name: /Basil tables.*Open/ }).click();
  await press(page, 'Dose');
  await expect(page.getByText('Check this pen first.')).toBeVisible();
  await press(page, 'Check P1');
  await expectHeading(page, 'Check P1');
});

test('setting up says what is missing and keeps what was typed', async ({ page }) => {
  await page.goto(`${ownUrl()}/welcome`);
  await page
    .getByRole('link', { name: /Trim|screw/i })
    .first()
    .click();
  await page.getByLabel(/^Volume/).fill('much');
  await press(page, 'On to the first reading');
  await expect(page.getByText('A name is needed.')).toBeVisible();
  await expect(page.getByText('That is not a number.', { exact: false })).toBeVisible();
  await expect(page.getByLabel(/^Volume/)).toHaveValue('much');
});

test('the book begun by a grower is the one that opens, however the server was started', async ({
  page,
}) => {
  const own = await serve({ own: true });
  const port = Number(new URL(own.url).port);
  await page.goto(own.url);
  await addTank(page, 'Basil', 'basil');
  own.stop();
  await own.gone;
  const demo = await serve({ port });
  try {
    await page.goto(demo.url);
    await expect(page.getByText('My book')).toBeVisible();
    await goTo(page, 'Tanks');
    await expect(page.getByRole('link', { name: /Basil/ })).toBeVisible();
  } finally {
    demo.stop();
  }
});
