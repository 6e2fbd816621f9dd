import { test, type Page } from '@playwright/test';
import { expect } from './support/expect';
import { openAt, shows } from './support/bench';
import { addIt, newPen } from './support/pens';
import { addLot, addPen, dip, expectHeading, goTo, press, startCheck } from './support/grower';

const DAY_MS = 86_400_000;

test('two dials, the 4 first: each dial by its cup, and a missed confirmation leads back to setting it', async ({
  page,
}) => {
  await openAt(page);
  await newPen(page, /^pH and EC with two dials/, 'P2');
  await press(page, 'More: how it takes a point, display, papers');
  await page.getByLabel(/^In which order are they dipped/).fill('4 7');
  await addIt(page, 'P2');
  await startCheck(page, 'Check pH', '20');
  await dip(page, '4.01', '4.30');
  await dip(page, '7.00', '7.20');
  await press(page, 'Now adjust P2');
  await expect(page.getByText('turn the slope dial until it shows 4.00')).toBeVisible();
  await dip(page, '4.01', '4.00');
  await expect(page.getByText('turn the zero dial until it shows 7.02')).toBeVisible();
  await dip(page, '7.00', '7.02');
  await expectHeading(page, /dip in the 4\.01 once more, to confirm/);
  await shows(page, '4.12');
  await expectHeading(page, 'The 4.01 is 0.12 pH high.');
  await press(page, 'Adjust the 4.01 again');
  await expect(page.getByText('turn the slope dial until it shows 4.00')).toBeVisible();
  await dip(page, '4.01', '4.00');
  await expectHeading(page, /dip in the 7\.00 once more, to confirm/);
  await shows(page, '7.03');
  await expectHeading(page, 'P2 is adjusted and holds.');
});

test('a pen that switches itself off between its points and loses them begins again at the first', async ({
  page,
}) => {
  await openAt(page);
  await newPen(page, /^pH, two points/, 'P1');
  await press(page, 'More: how it takes a point, display, papers');
  await page.getByRole('radio', { name: /switched off it loses them/ }).click();
  await addIt(page, 'P1');
  await startCheck(page, 'Check', '20');
  await expect(page.getByText('It switches itself off in about 8 min.')).toBeVisible();
  await dip(page, '7.00', '7.20');
  await dip(page, '4.01', '4.20');
  await press(page, 'Now adjust P1');
  await dip(page, '7.00', '7.02');
  await press(page, 'The pen switched itself off');
  await expectHeading(page, /dip in the 7\.00\. Wait, then adjust/);
  await expect(page.getByText(/its points are gone/)).toBeVisible();
  // What was found is still there.
  await expect(page.getByText(/found 7\.20\spH, 0\.18\spH high/)).toBeVisible();
  await dip(page, '7.00', '7.02');
  await dip(page, '4.01', '4.00');
  await shows(page, '7.02');
  await expectHeading(page, 'P1 is adjusted and holds.');
});

test('a check left for three days is not gone on with: what was found is booked for its own day', async ({
  page,
}) => {
  await openAt(page);
  await addPen(page, /pH, two points/, 'P1');
  await startCheck(page, 'Check', '20');
  await dip(page, '7.00', '7.20');
  await press(page, 'Leave the Bench; the sitting is kept');
  await page.clock.fastForward(3 * DAY_MS);
  await page.reload();
  await press(page, /^Check/);
  await expectHeading(page, 'This check of P1 was left 3 days ago.');
  await expect(
    page.getByText(/^What was found on Wed 20 May, 08:0\d is worth keeping/),
  ).toBeVisible();
  await press(page, 'Keep it, begin anew');
  await expectHeading(page, 'Check P1');
  await goTo(page, 'Pens');
  await page.getByRole('link', { name: /^P1/ }).click();
  await expect(page.getByText(/^Wed 20 May · pH at 20\.0\s°C/)).toBeVisible();
  await expect(page.getByText('7.00 buffer: found 7.20 pH · 4.01 buffer: found –')).toBeVisible();
});

test('a check left for two hours asks before it goes on; begun anew it can be taken back', async ({
  page,
}) => {
  await openAt(page);
  await addPen(page, /pH, two points/, 'P1');
  await startCheck(page, 'Check', '20');
  await dip(page, '7.00', '7.20');
  await page.clock.fastForward(2 * 3_600_000);
  await page.reload();
  await expectHeading(page, 'This check of P1 was left 2 hours ago.');
  await press(page, 'Go on');
  await expectHeading(page, /dip in the 4\.01/);
  await press(page, 'Begin anew, or discard this check');
  await page.getByRole('button', { name: 'Begin anew', exact: true }).click();
  await expectHeading(page, 'Check P1');
  await press(page, 'Undo');
  await expectHeading(page, /dip in the 4\.01/);
});

test('the expired bottle is chosen at the cup, and stands in the record', async ({ page }) => {
  await openAt(page);
  await addPen(page, /pH, two points/, 'P1');
  await addLot(page, '7', '480', '2027-05-01');
  await addLot(page, '7', '200', '2026-02-01');
  await goTo(page, 'Pens');
  await page.getByRole('link', { name: /^P1/ }).click();
  await press(page, 'Check');
  await expect(page.getByText(/good until/).first()).toBeVisible();
  await press(page, 'Another bottle for the 7.00 buffer');
  await page.getByRole('radio', { name: /expired/ }).click();
  await expect(page.getByText(/expired.*You can go on; it is recorded\./)).toBeVisible();
  await page.getByLabel('Cups, °C').fill('20');
  await press(page, 'Start with as found');
  await dip(page, '7.00', '7.03');
  await dip(page, '4.01', '4.02');
  await press(page, 'Leave it as it is');
  await press(page, 'Save the check');
  await goTo(page, 'Book');
  await page.getByRole('link', { name: /P1/ }).first().click();
  await expect(
    page.getByText(/lot without a number,.* past its date when it was used/),
  ).toBeVisible();
  await expect(page.getByText('a bottle that is not on the Shelf')).toBeVisible();
  // It is open since, and 20 mL went out of it alone.
  await goTo(page, 'Shelf');
  await expect(page.getByText(/9 calibrations left/)).toBeVisible();
});

/** A bottle of EC standard on the Shelf. */
async function addStandard(page: Page, nominal: string, left: string): Promise<void> {
  await goTo(page, 'Shelf');
  await press(page, 'Add a lot');
  await page.getByRole('radio', { name: 'EC standard' }).click();
  await page.getByLabel('Value at 25 °C, mS/cm').fill(nominal);
  await page.getByLabel('Left, mL').fill(left);
  await press(page, 'Add the lot');
  await expectHeading(page, 'Shelf');
}

test('a probe that is only compared misses its window, is cleaned at the spot and holds', async ({
  page,
}) => {
  await openAt(page);
  await newPen(page, /^EC verify only/, 'P5');
  await page.getByRole('radio', { name: /^µS\/cm/ }).click();
  await page
    .getByLabel(/^Leaflet: low by/)
    .last()
    .fill('90');
  await page
    .getByLabel(/^high by/)
    .last()
    .fill('60');
  await addIt(page, 'P5');
  await addStandard(page, '2.77', '500');
  await goTo(page, 'Pens');
  await page.getByRole('link', { name: /^P5/ }).click();
  await startCheck(page, 'Check EC', '25');
  await expect(page.getByText('Good: 2680 to 2830 µS/cm')).toBeVisible();
  await shows(page, '2670');
  await expectHeading(page, 'P5 is out of tolerance.');
  await expect(page.getByText(/Wet-film test/)).toBeVisible();
  await press(page, 'Cleaned: dip again');
  await shows(page, '2690');
  await expectHeading(page, 'P5 is in tolerance.');
  await expect(page.getByRole('button', { name: 'Adjust anyway' })).toHaveCount(0);
  await press(page, 'Leave it as it is');
  await press(page, 'Save the check');
  // Both checks are in the book, the cleaning between them.
  await expect(page.getByText(/found 2670\sµS\/cm/)).toBeVisible();
  await expect(page.getByText(/found 2690\sµS\/cm/)).toBeVisible();
  await expect(page.getByText(/cleaned/).first()).toBeVisible();
  // Two portions of 20 mL went out of the bottle, not one.
  await goTo(page, 'Shelf');
  await expect(page.getByText(/^23 calibrations left/)).toBeVisible();
});

test('a check of a probe in its soak asks first, and ends the soak', async ({ page }) => {
  await openAt(page);
  await addPen(page, /pH, two points/, 'P1');
  await press(page, /^Start its first soak/);
  await page.clock.fastForward(3_600_000);
  await press(page, 'Check');
  await expect(page.getByText(/^It is in its soak until/)).toBeVisible();
  await press(page, 'Take it out: the soak ends');
  // The book knows what was done since the last reading.
  await expect(page.getByRole('radio', { name: /^yes .*as the book says/ })).toBeChecked();
  await page.getByLabel('Cups, °C').fill('20');
  await press(page, 'Start with as found');
  await dip(page, '7.00', '7.03');
  await dip(page, '4.01', '4.02');
  await press(page, 'Leave it as it is');
  await press(page, 'Save the check');
  await expect(page.getByText('Ready', { exact: true })).toBeVisible();
  await expect(page.getByText(/Soaking/)).toHaveCount(0);
});

test('a pen that takes the 7.00 for a 6.86 is noticed at once', async ({ page }) => {
  await openAt(page);
  await addPen(page, /pH, two points/, 'P1');
  await startCheck(page, 'Check', '20');
  await dip(page, '7.00', '7.20');
  await dip(page, '4.01', '4.20');
  await press(page, 'Now adjust P1');
  await shows(page, '6.88');
  await expect(page.getByText(/^The pen took this cup for the 6\.86\./)).toBeVisible();
  await press(page, 'Adjust this point again');
  await expectHeading(page, /dip in the 7\.00\. Wait, then adjust/);
});

test('a lost pen is offered nowhere, is due for nothing, and comes back by a press', async ({
  page,
}) => {
  await openAt(page);
  await addPen(page, /pH, two points/, 'P1');
  await addPen(page, /pH, two points/, 'P2');
  await press(page, 'This pen leaves');
  await press(page, 'It is lost');
  await expect(page.getByText(/^Lost since/)).toBeVisible();
  await expect(page.getByRole('button', { name: 'Check', exact: true })).toHaveCount(0);
  await goTo(page, 'Round');
  await expect(page.getByRole('link', { name: /^P1/ })).toBeVisible();
  await expect(page.getByRole('link', { name: /^P2/ })).toHaveCount(0);
  await goTo(page, 'Pens');
  await expect(page.getByRole('heading', { name: 'No longer here' })).toBeVisible();
  await page.getByRole('link', { name: /^P2/ }).click();
  await press(page, 'It is here again');
  await expect(page.getByRole('button', { name: 'Check', exact: true })).toBeVisible();
});
