import { test } from '@playwright/test';
import { expect } from './support/expect';
import { addPen, dip, expectHeading, goTo, ownUrl, press, startCheck } from './support/grower';

/* By hand: a label with 7.06 at 15 °C and 7.00 at 25 °C means 7.03 at 20 °C; the recipe would say 7.02. */
test('a lot’s own label rules: typed once, aimed at in the cup, and its end is told', async ({
  page,
}) => {
  await page.goto(ownUrl());
  await goTo(page, 'Shelf');
  await press(page, 'Add a lot');
  await page.getByLabel('Value printed large, pH').fill('7');
  await expect(page.getByRole('table', { name: 'Its value by temperature' })).toContainText('7.02');
  await page.getByLabel('Tolerance, ± pH').fill('0,01');
  await press(page, 'Type the table of its label');
  await page.getByLabel('Row 1, value, pH').fill('7.06');
  await page.getByLabel('Row 3, value, pH').fill('4.00');
  await press(page, 'Add the lot');
  await expect(page.getByText(/Was a digit lost/)).toBeVisible();
  await page.getByLabel('Row 3, value, pH').fill('7.00');
  await press(page, 'Add the lot');
  await expectHeading(page, 'Shelf');
  await page.getByRole('link', { name: /7\.00 buffer/ }).click();
  await press(page, 'Change');
  await expect(page.getByLabel('Row 2, value, pH')).toHaveValue('7');
  await expect(page.getByLabel('Tolerance, ± pH')).toHaveValue('0.01');
  await addPen(page, /pH, two points/, 'P1');
  await startCheck(page, 'Check', '10');
  await expect(page.getByText(/known from 15\.0 °C to 25\.0 °C only/)).toBeVisible();
  await page.getByLabel('Cups, °C').fill('20');
  await press(page, 'Start with as found');
  await expect(page.getByText('7.03 pH', { exact: true })).toBeVisible();
  await dip(page, '7.00', '7.03');
  await expectHeading(page, /dip in the 4\.01/);
});

/* By hand: 2 % less for each degree below 25 °C leaves 0.80 of 1.413 at 15 °C, 1.130; the salt’s table says 1.147. */
test('a standard whose label prints a coefficient is aimed at by it', async ({ page }) => {
  await page.goto(ownUrl());
  await goTo(page, 'Shelf');
  await press(page, 'Add a lot');
  await page.getByRole('radio', { name: 'EC standard' }).click();
  await page.getByLabel('Value at 25 °C, mS/cm').fill('1.413');
  const known = page.getByRole('table', { name: 'Its value by temperature' });
  await expect(known).toContainText('1.147');
  await page.getByLabel('Its coefficient, %/°C').fill('20');
  await press(page, 'Add the lot');
  await expect(page.getByText(/Percent per °C, 1 to 3/)).toBeVisible();
  await page.getByLabel('Its coefficient, %/°C').fill('2,0');
  await expect(known).toContainText('1.130');
  await press(page, 'Add the lot');
  await expectHeading(page, 'Shelf');
  await page.getByRole('link', { name: /1\.413/ }).click();
  await press(page, 'Change');
  await expect(page.getByLabel('Its coefficient, %/°C')).toHaveValue('2');
});
