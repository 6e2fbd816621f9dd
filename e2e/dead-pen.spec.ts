import { test, type Page } from '@playwright/test';
import { expect } from './support/expect';
import {
  addPen,
  addTank,
  dip,
  expectHeading,
  goTo,
  ownUrl,
  press,
  startCheck,
  typeReading,
} from './support/grower';
import { fits } from './support/fits';

/** Goes through every place; nothing of it may be broken. */
async function everyPlaceWorks(page: Page): Promise<void> {
  for (const place of ['Tanks', 'Pens', 'Shelf', 'Book', 'Round']) {
    await goTo(page, place);
    await expect(page.getByRole('heading', { level: 1 }).first()).toBeVisible();
    await expect(page.getByText(/This screen broke|could not be worked out/)).toHaveCount(0);
  }
}

test('a dead pen, 7.00 in both cups: every place works, and no reading of it is believed', async ({
  page,
}) => {
  await page.goto(ownUrl());
  await addTank(page, 'Basil', 'basil');
  await addPen(page, /^pH, two points/, 'P1');
  await startCheck(page, 'Check', '25');
  await dip(page, '7.00', '7.00');
  await dip(page, '4.01', '7.00');
  await expect(page.getByText(/the glass is cracked or a wire is torn/)).toBeVisible();
  await fits(page);
  await press(page, 'Right cup: the pen shows that');
  await press(page, 'Leave it as it is');
  await press(page, 'Save the check');
  await expectHeading(page, /^P1 · /);
  await everyPlaceWorks(page);
  await goTo(page, 'Tanks');
  await page.getByRole('link', { name: /Basil/ }).click();
  await press(page, 'Read');
  await typeReading(page, { ph: '7.00' });
  await expect(page.getByText('This pen is broken, or a dip was noted wrongly.')).toBeVisible();
  await expect(page.getByText(/Correct the tank/)).toHaveCount(0);
  await press(page, /^(Save|Keep it)$/);
  await expectHeading(page, 'Saved · Basil');
  await everyPlaceWorks(page);
  await goTo(page, 'Pens');
  await page.getByRole('link', { name: /^P1/ }).first().click();
  await expectHeading(page, /^P1 · /);
  await expect(
    page.getByText(/cracked bulb, a dry reference, cups that were swapped/),
  ).toBeVisible();
});
