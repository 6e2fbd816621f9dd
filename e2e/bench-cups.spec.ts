import { test } from '@playwright/test';
import { expect } from './support/expect';
import { openAt, shows, type } from './support/bench';
import { addIt, newPen } from './support/pens';
import { addPen, addTank, dip, expectHeading, goTo, press, startCheck } from './support/grower';

const DAY_MS = 86_400_000;

/* The EC of the bottle is 4.11 mS/cm at 25 °C, its pH 4.01. Adjusted points: within 0.03 pH and 2 %. */
test('one bottle for both: one cup, one press, both values, two records, one portion', async ({
  page,
}) => {
  await openAt(page);
  await newPen(page, /^pH and EC, one bottle/, 'P1');
  await addIt(page, 'P1');
  await goTo(page, 'Shelf');
  await press(page, 'Add a lot');
  await page.getByLabel('Value printed large, pH').fill('4.01');
  await page.getByLabel(/^Does it state an EC too/).fill('4.11');
  await page.getByLabel('Left, mL').fill('200');
  await page.getByLabel('Expires', { exact: true }).fill('7/2027');
  await expect(page.getByText('Saturday 31 July 2027')).toBeVisible();
  await press(page, 'Add the lot');
  await goTo(page, 'Pens');
  await page.getByRole('link', { name: /^P1/ }).click();
  await startCheck(page, 'Check', '25');
  await expect(page.getByText('Good: 3.96 to 4.06 pH')).toBeVisible();
  await expect(page.getByText('Good: 3.99 to 4.23 mS/cm')).toBeVisible();
  const both = async (ph: string, ec: string) => {
    await type(page, ph);
    await page.keyboard.press('Enter');
    await expect(page.getByLabel('Shows, mS/cm')).toBeFocused();
    await page.keyboard.type(ec);
    await press(page, /^Record/);
  };
  await both('4.03', '4.60');
  // The EC side alone is out: the one press adjusts both.
  await expectHeading(page, 'P1 is out of tolerance.');
  await press(page, 'Now adjust P1');
  await both('4.01', '4.30');
  await expectHeading(page, 'The 4.11 is 0.19 mS/cm high.');
  await press(page, 'Repeat this point');
  await both('4.01', '4.12');
  await expectHeading(page, 'P1 is adjusted and holds.');
  await press(page, 'Save the check');
  await expectHeading(page, /^P1 · /);
  await expect(page.getByText(/found 4\.60\smS\/cm, left 4\.12\smS\/cm/)).toBeVisible();
  await expect(page.getByText(/found 4\.03/)).toBeVisible();
  // One portion went out, for both.
  await goTo(page, 'Shelf');
  await expect(page.getByText(/9 calibrations left/)).toBeVisible();
  await page.getByRole('link', { name: /4\.01 buffer/ }).click();
  await expect(page.getByRole('heading', { name: 'Poured for 2 checks' })).toBeVisible();
});

/* At 10 °C the 7.00 is worth 7.06; at 20 °C 7.02. */
test('a cup of its own temperature; an error the pen shows stands in the record', async ({
  page,
}) => {
  await openAt(page);
  await addPen(page, /pH, two points/, 'P1');
  await startCheck(page, 'Check', '20');
  await press(page, 'Cup at 20.0 °C: is it another?');
  await page.getByLabel('this cup, °C').fill('80');
  await press(page, 'Use this temperature');
  await expect(page.getByText(/26\.7/)).toBeVisible();
  await page.getByLabel('this cup, °C').fill('10');
  await press(page, 'Use this temperature');
  await expect(page.getByText('the 7.00 buffer at 10.0 °C')).toBeVisible();
  await expect(page.getByText('Good: 7.01 to 7.11 pH')).toBeVisible();
  await dip(page, '7.00', '7.22');
  await expect(page.getByText('the 4.01 buffer at 20.0 °C')).toBeVisible();
  await dip(page, '4.01', '4.20');
  await press(page, 'Now adjust P1');
  await press(page, 'The pen shows an error');
  await page.getByLabel('Another error, as it stands on the display').fill('Er 2');
  await press(page, 'Keep this error');
  await expect(page.getByText('Kept with this check: Er 2.')).toBeVisible();
  await dip(page, '7.00', '7.06');
  await dip(page, '4.01', '4.00');
  await dip(page, '7.00', '7.06');
  await expect(page.getByText('Kept with this check: Er 2.')).toBeVisible();
  await press(page, 'Save the check');
  await expect(page.getByText('The pen showed Er 2.')).toBeVisible();
});

test('tanks above 8: the third buffer is proposed with its reason; water at pH 11 is asked about', async ({
  page,
}) => {
  await openAt(page);
  await addPen(page, /pH, two points/, 'P1');
  await addTank(page, 'Duckweed', 'basil');
  await goTo(page, 'Round');
  await page.getByRole('link', { name: /Duckweed/ }).click();
  await page.getByLabel('pH', { exact: true }).fill('9.6');
  await press(page, 'Save');
  await expect(page.getByText(/A feed is hardly ever above 9\.00\spH/)).toBeVisible();
  await press(page, 'Keep it');
  await expectHeading(page, /^Saved/);
  await goTo(page, 'Pens');
  await page.getByRole('link', { name: /^P1/ }).click();
  await press(page, 'Check');
  await expect(
    page.getByText(/^1 of the last 1 reading with this pen lay above 8\spH/),
  ).toBeVisible();
  await press(page, 'Add the 10.01 to this check');
  await expect(page.getByText(/set it to 3\./)).toBeVisible();
  await page.getByLabel('Cups, °C').fill('20');
  await press(page, 'Start with as found');
  for (const value of ['7.03', '4.02', '10.07']) await shows(page, value);
  await expectHeading(page, 'P1 is in tolerance.');
});

/* P1 is good: 7.02 and 4.00 at 20 °C. P2 shows 6.30 where P1 shows 6.10: 0.20 high. */
test('no buffer left: beside a checked pen, and a thermometer in melting ice, never a calibration', async ({
  page,
}) => {
  await openAt(page);
  await addPen(page, /pH, two points/, 'P1');
  await addPen(page, /pH, two points/, 'P2');
  await press(page, 'Compare with another pen');
  await expect(page.getByText(/^No other pen with a good check is at hand/)).toBeVisible();
  await goTo(page, 'Pens');
  await page.getByRole('link', { name: /^P1/ }).click();
  await startCheck(page, 'Check', '20');
  for (const value of ['7.02', '4.00']) await shows(page, value);
  await press(page, 'Leave it as it is');
  await press(page, 'Save the check');
  await goTo(page, 'Pens');
  await page.getByRole('link', { name: /^P2/ }).click();
  await press(page, 'Compare with another pen');
  await page.getByLabel('P2 shows, pH').fill('65');
  await page.getByLabel('P1 shows, pH').fill('6.10');
  await press(page, 'Write it down');
  await expect(page.getByText(/6\.5/).first()).toBeVisible();
  await page.getByLabel('P2 shows, pH').fill('6.30');
  await press(page, 'Write it down');
  await expect(page.getByText(/pH beside P1: 0\.20\s±\s0\.\d\d\spH high/)).toBeVisible();
  await page.getByRole('radio', { name: 'its thermometer' }).click();
  await page.getByLabel('P2 shows, °C').fill('0.6');
  await press(page, 'Write it down');
  await expect(page.getByText(/Thermometer in melting ice: 0\.6\s±\s0\.1\s°C high/)).toBeVisible();
  // It is no calibration: the pen is as unverified as before, and still so the next day.
  await page.clock.fastForward(DAY_MS);
  await goTo(page, 'Pens');
  await page.getByRole('link', { name: /^P2/ }).click();
  await expect(page.getByText('Not checked yet').first()).toBeVisible();
  await expect(page.getByText(/^No check yet\./)).toBeVisible();
});
