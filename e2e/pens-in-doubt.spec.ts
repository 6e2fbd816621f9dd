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

/** A pen with its pH check in the cups named: found so, and left so. */
async function checkedSo(
  page: Page,
  cups: readonly (readonly [string, string])[],
  button = 'Check',
): Promise<void> {
  await startCheck(page, button, '25');
  for (const [cup, shown] of cups) await dip(page, cup, shown);
  await press(page, 'Leave it as it is');
  await press(page, 'Save the check');
  await expectHeading(page, /^P\d · /);
}

/** Opens Read for a tank and types a pH. */
async function readPh(page: Page, tank: RegExp, ph: string): Promise<void> {
  await goTo(page, 'Tanks');
  await page.getByRole('link', { name: tank }).click();
  await press(page, 'Read');
  await typeReading(page, { ph });
}

test('cups swapped: the Bench asks, and the first cup is dipped again', async ({ page }) => {
  await page.goto(ownUrl());
  await addPen(page, /^pH, two points/, 'P1');
  await startCheck(page, 'Check', '25');
  await dip(page, '7.00', '4.01');
  await press(page, 'Right cup: the pen is that far off');
  await dip(page, '4.01', '7.00');
  await expect(page.getByText(/Were the two cups swapped\?/)).toBeVisible();
  await press(page, 'Dip the 7.00 again');
  await dip(page, '7.00', '7.01');
  await dip(page, '4.01', '4.02');
  await expect(page.getByText(/in tolerance/i).first()).toBeVisible();
});

test('a pen checked in one buffer: a tank just inside its band is not called high', async ({
  page,
}) => {
  await page.goto(ownUrl());
  await addTank(page, 'Basil', 'basil');
  await addPen(page, /one bottle for both/, 'P1');
  await startCheck(page, 'Check', '25');
  await page.getByLabel('Shows, pH').fill('7.00');
  await page.getByLabel('Shows, mS/cm').fill('1.41');
  await press(page, /^Record/);
  await press(page, 'Leave it as it is');
  await press(page, 'Save the check');
  // Nobody ever set its slope, about 0.96 of a new one: 6.51 shown is 6.49 in the tank.
  await readPh(page, /Basil/, '6.51');
  await expect(page.getByText('Probably in band.')).toBeVisible();
  await expect(page.getByText(/^true 6\.49/)).toBeVisible();
});

test('two pens that disagree in one tank: the less sure one is due, and says with whom', async ({
  page,
}) => {
  await page.goto(ownUrl());
  await addTank(page, 'Basil', 'basil');
  await addPen(page, /^pH, two points/, 'P1');
  await checkedSo(page, [
    ['7.00', '7.00'],
    ['4.01', '4.01'],
  ]);
  await addPen(page, /^pH, two points/, 'P2');
  await checkedSo(page, [
    ['7.00', '7.00'],
    ['4.01', '4.01'],
  ]);
  await readPh(page, /Basil/, '6.00');
  await press(page, /^(Save|Keep it)$/);
  await expectHeading(page, 'Saved · Basil');
  await readPh(page, /Basil/, '6.60');
  await press(page, 'Another pen for pH');
  await page.getByRole('radio', { name: /P2/ }).click();
  await press(page, /^(Save|Keep it)$/);
  const keep = page.getByRole('button', { name: /^Keep/ });
  if (await keep.isVisible()) await keep.click();
  await goTo(page, 'Pens');
  await page
    .getByRole('link', { name: /Check due/ })
    .first()
    .click();
  await expect(page.getByText(/disagreed with P\d/).first()).toBeVisible();
});

test('a pen never checked: no plan for a dose, the Bench one press away, what was poured is booked', async ({
  page,
}) => {
  await page.goto(ownUrl());
  await addTank(page, 'Basil', 'basil');
  await addPen(page, /^pH, two points/, 'P1');
  await readPh(page, /Basil/, '7.40');
  await press(page, /^(Save|Keep it)$/);
  await expectHeading(page, 'Saved · Basil');
  await goTo(page, 'Tanks');
  await page.getByRole('link', { name: /Basil/ }).click();
  await press(page, /^Dose/);
  await expect(page.getByText('Check this pen first.')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Check P1' })).toBeVisible();
  await press(page, /all the same: book it/);
  await page.getByLabel(/Poured/).fill('12');
  await press(page, 'Book it');
  await expectHeading(page, 'Basil');
  await expect(page.getByText(/12\smL/).first()).toBeVisible();
});
