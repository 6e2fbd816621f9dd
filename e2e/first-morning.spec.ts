import { test } from '@playwright/test';
import { expect } from './support/expect';
import {
  addLot,
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

/*
 * From a pen in a cup to a verdict on a tank. The numbers are worked by hand:
 * cups at 20.5 °C: the 7.00 is 7.018, the 4.01 is 4.0026. The pen shows 7.11 and 4.12:
 * gain (7.11 − 4.12)/(7.018 − 4.0026) = 0.99158, so as found it was 0.1 high at pH 6.
 * Left at 7.02 and 4.00 (confirmed 7.02): gain 1.00153; offset 7.02 − 7 − 1.00153·0.018 = 0.00197.
 * The tank shows 5.38: 7 + (5.38 − 7 − 0.00197)/1.00153 = 5.3806 → 5.38, low for basil (5.5–6.5).
 */
test('adds a pen and a tank, calibrates, reads, and finds it all after a reload', async ({
  page,
}) => {
  await page.goto(ownUrl());
  await expectHeading(page, 'Your round starts here.');
  await addLot(page, '7', '100', '2031-01-01');
  await addLot(page, '4,01', '95', '2031-01-01');
  await addTank(page, 'Basil tables', 'basil');
  await addPen(page, /pH and EC in one body/, 'P1');
  await expect(page.getByText('Not checked yet')).toBeVisible();

  await startCheck(page, 'Check pH', '20.5');
  await expect(page.getByText('7.02 pH', { exact: true })).toBeVisible();
  await dip(page, '7.00', '7.11');
  await expect(page.getByText('the 4.01 buffer at 20.5 °C')).toBeVisible();
  await dip(page, '4.01', '4.12');
  await expectHeading(page, 'P1 is out of tolerance.');
  await press(page, 'Now adjust P1');
  await dip(page, '7.00', '7.09');
  await expectHeading(page, 'The 7.00 is 0.07 pH high.');
  await press(page, 'Repeat this point');
  await dip(page, '7.00', '7.02');
  await dip(page, '4.01', '4.00');
  await dip(page, '7.00', '7.02');
  await expectHeading(page, 'P1 is adjusted and holds.');
  await press(page, 'Save the check');
  await expect(
    page.getByText(
      '7.00 buffer: found 7.11 pH, left 7.02 pH · 4.01 buffer: found 4.12 pH, left 4.00 pH',
    ),
  ).toBeVisible();

  await goTo(page, 'Round');
  await page.getByRole('link', { name: /Basil tables/ }).click();
  await typeReading(page, { ph: '5,38', ec: '1.46', temp: '21.4' });
  await expect(page.getByText('Low.')).toBeVisible();
  await expect(page.getByText('true 5.38 ± 0.06')).toBeVisible();
  await expect(
    page.getByRole('img', { name: /^pH\s5\.38 plus or minus 0\.06, low; band 5\.50 to 6\.50/ }),
  ).toBeVisible();
  await press(page, 'Save');
  await expectHeading(page, 'Saved · Basil tables');

  await page.reload();
  await goTo(page, 'Book');
  await expect(
    page.getByRole('link', { name: /Basil tables\s*pH\s5\.38\s±\s0\.0\d low \(P1 showed 5\.38\)/ }),
  ).toBeVisible();
  await expect(page.getByRole('link', { name: /P1\spH checked\. Adjusted/ })).toBeVisible();
  await goTo(page, 'Shelf');
  await expect(page.getByRole('link', { name: /4\.01 buffer.*3 calibrations left/ })).toBeVisible();
  await goTo(page, 'Tanks');
  await expect(page.getByRole('link', { name: /Basil tables.*pH\s5\.38/ })).toBeVisible();
});

test('a pen found good in both cups is left as it is; undo takes a reading back', async ({
  page,
}) => {
  await page.goto(ownUrl());
  await addPen(page, /pH, two points/, 'P1');
  await addTank(page, 'Mint', 'mint');
  await goTo(page, 'Pens');
  await page.getByRole('link', { name: /^P1/ }).click();
  await startCheck(page, 'Check', '15');
  await expect(page.getByText('7.04 pH', { exact: true })).toBeVisible();
  await dip(page, '7.00', '7.06');
  await dip(page, '4.01', '4.02');
  await expectHeading(page, 'P1 is in tolerance.');
  await press(page, 'Leave it as it is');
  await press(page, 'Save the check');
  await expect(page.getByText('Ready')).toBeVisible();
  await goTo(page, 'Tanks');
  await page.getByRole('link', { name: /Mint/ }).click();
  await press(page, 'Read');
  await typeReading(page, { ph: '5.9' });
  await press(page, 'Save');
  await press(page, 'Undo');
  await expect(page.getByLabel('pH', { exact: true })).toHaveValue('5.9');
  await goTo(page, 'Book');
  await expect(page.getByText('1 entry.', { exact: false })).toBeVisible();
});
