import { test } from '@playwright/test';
import { expect } from './support/expect';
import { addPen, addTank, goTo, ownUrl, press, typeReading } from './support/grower';

test('each wrong input is explained at its field, kept, and a likely value offered', async ({
  page,
}) => {
  await page.goto(ownUrl());
  await addPen(page, /pH and EC in one body/, 'P1');
  await addTank(page, 'Basil', 'basil');
  await press(page, 'Read');
  await press(page, 'Save');
  await expect(page.getByText('Nothing to save yet', { exact: false })).toBeVisible();

  const ph = page.getByLabel('pH', { exact: true });
  await ph.fill('six');
  await expect(page.getByText('That is not a number.', { exact: false })).toBeVisible();
  await expect(ph).toHaveValue('six');
  await expect(ph).toHaveAttribute('aria-invalid', 'true');
  await press(page, 'Save');
  await expect(page.getByRole('heading', { level: 1, name: 'Read · Basil' })).toBeVisible();

  await ph.fill('65');
  await expect(page.getByText('Was the point lost?', { exact: false })).toBeVisible();
  await press(page, 'Use 6.5');
  await expect(ph).toHaveValue('6.5');

  await typeReading(page, { ec: '1460' });
  await expect(page.getByText('It looks like µS/cm.', { exact: false })).toBeVisible();
  await expect(page.getByRole('textbox', { name: /^EC/ })).toHaveValue('1460');
  await press(page, 'Use 1.46 mS/cm');

  await typeReading(page, { temp: '70' });
  await expect(page.getByText('That looks like °F.')).toBeVisible();
  await press(page, 'Use 21.1 °C');
  await expect(page.getByRole('textbox', { name: /^Temp/ })).toHaveValue('21.1');
  await ph.fill('5,9');
  await press(page, 'Save');
  await expect(page.getByRole('heading', { level: 1, name: 'Saved · Basil' })).toBeVisible();
});

test('forms keep what was typed and say what is missing', async ({ page }) => {
  await page.goto(ownUrl());
  await goTo(page, 'Tanks');
  await press(page, 'Add a tank');
  await page.getByLabel(/^Volume/).fill('a lot');
  await page.getByLabel('pH from').fill('7');
  await page.getByLabel('EC from, mS/cm').fill('1000');
  await page.getByLabel('EC to, mS/cm').fill('2');
  await press(page, 'Add the tank');
  await expect(page.getByText('A name is needed.')).toBeVisible();
  await expect(page.getByText('That is not a number.', { exact: false })).toBeVisible();
  await expect(
    page.getByText('In mS/cm a feed lies between 0 and 20.', { exact: false }),
  ).toBeVisible();
  await expect(page.getByLabel(/^Volume/)).toHaveValue('a lot');
  await page.getByLabel('Name').fill('Mint');
  await page.getByLabel(/^Volume/).fill('120');
  await page.getByLabel('EC from, mS/cm').fill('1');
  await press(page, 'Add the tank');
  await expect(page.getByText('Must lie above the low end.')).toBeVisible();
  await page.getByLabel('pH from').fill('5,8');
  await press(page, 'Add the tank');
  await expect(page.getByRole('heading', { level: 1, name: 'Mint' })).toBeVisible();
});

test('the temperature unit is changed by a tap and kept', async ({ page }) => {
  await page.goto(ownUrl());
  await addPen(page, /pH, two points/, 'P1');
  await addTank(page, 'Basil', 'basil');
  await press(page, 'Read');
  await press(page, 'Change the unit of Temp., now °C');
  await typeReading(page, { ph: '6', temp: '68' });
  await press(page, 'Save');
  await expect(page.getByRole('heading', { level: 1, name: 'Saved · Basil' })).toBeVisible();
  await page.reload();
  await goTo(page, 'Tanks');
  await page.getByRole('link', { name: /Basil/ }).click();
  await expect(page.getByRole('cell', { name: '68.0 °F' })).toBeVisible();
});
