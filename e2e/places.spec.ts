import { test } from '@playwright/test';
import { expect } from './support/expect';
import { openAt, type } from './support/bench';
import { addPen, addTank, expectHeading, goTo, press } from './support/grower';
import { countTaps } from './support/taps';

test('pots read by slurry: one method, its standing time, no dose; reached in two taps', async ({
  page,
}) => {
  await openAt(page);
  await addPen(page, /pH and EC in one body/, 'P1');
  await goTo(page, 'Tanks');
  await press(page, 'A pot, bed, slab or drain');
  await press(page, 'Add the place');
  await expect(page.getByText('A name is needed.')).toBeVisible();
  await page.getByLabel('Name').fill('Rosemary pots');
  await page.getByRole('radio', { name: /^Substrate, slurry/ }).click();
  await page.getByLabel('pH from').fill('5.8');
  await press(page, 'Add the place');
  await expect(page.getByText('Both ends, or neither.')).toBeVisible();
  await page.getByLabel('pH to').fill('6.4');
  await press(page, 'Add the place');
  await expectHeading(page, 'Rosemary pots');
  await expect(page.getByRole('button', { name: 'Dose' })).toHaveCount(0);
  await goTo(page, 'Round');
  const taps = await countTaps(page);
  await press(page, 'Read another tank or place');
  await page.getByRole('link', { name: /Rosemary pots/ }).click();
  expect(await taps()).toBe(2);
  await expect(page.getByText('This sample stands 30 min before it is read.')).toBeVisible();
  await press(page, 'It stands now: start 30 min');
  await expect(page.getByText('It stands until 08:30. Then stir and read.')).toBeVisible();
  await page.clock.fastForward(31 * 60_000);
  await expect(page.getByText('It has stood long enough: stir and read.')).toBeVisible();
  await expect(page.getByText('Rosemary pots: stir the sample and read it')).toBeVisible();
  await page.getByRole('textbox', { name: 'pH' }).fill('6.9');
  await press(page, 'Save');
  await expectHeading(page, /^Saved/);
  await expect(page.getByText(/stir the sample and read it/)).toHaveCount(0);
  await goTo(page, 'Round');
  await expect(page.getByRole('link', { name: /Rosemary pots/ })).toBeVisible();
});

test('a tank is read in the order of the house: EC first, then pH, then temperature', async ({
  page,
}) => {
  await openAt(page);
  await addPen(page, /pH and EC in one body/, 'P1');
  await addTank(page, 'Basil', 'basil');
  await page.getByRole('link', { name: 'Settings' }).click();
  await page.getByRole('radio', { name: 'EC, pH, temperature' }).click();
  await goTo(page, 'Tanks');
  await page.getByRole('link', { name: /Basil/ }).click();
  await press(page, 'Read');
  await type(page, '1.42');
  await page.keyboard.press('Enter');
  await page.keyboard.type('5.91');
  await page.keyboard.press('Enter');
  await page.keyboard.type('21');
  await page.keyboard.press('Enter');
  await expectHeading(page, /^Saved/);
  await expect(page.getByText('1.42', { exact: false }).first()).toBeVisible();
  await expect(page.getByText('5.9', { exact: false }).first()).toBeVisible();
});
