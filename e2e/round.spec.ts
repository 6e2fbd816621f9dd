import { test } from '@playwright/test';
import { expect } from './support/expect';
import { openAt, shows } from './support/bench';
import { countTaps } from './support/taps';
import { addPen, addTank, expectHeading, goTo, press, startCheck } from './support/grower';

const DAY_MS = 86_400_000;

/*
 * P1 is good in both cups on Wednesday 20 May, at eight. Checked every week it is due on Wednesday 27 May,
 * from the first minute on. Basil wants pH 5.5 to 6.5 and 1.0 to 1.6 mS/cm.
 */
test('three tanks are walked with one thumb; what is out of band stays a stop; the week says what comes', async ({
  page,
}) => {
  await openAt(page);
  await addPen(page, /pH and EC in one body/, 'P1');
  for (const name of ['Basil', 'Mint', 'Chard']) await addTank(page, name, 'basil');
  await goTo(page, 'Pens');
  await page.getByRole('link', { name: /^P1/ }).click();
  await startCheck(page, 'Check pH', '25');
  for (const value of ['7.00', '4.01']) await shows(page, value);
  await press(page, 'Leave it as it is');
  await press(page, 'Save the check');
  await startCheck(page, 'Check EC', '25');
  await shows(page, '1.41');
  await press(page, 'Leave it as it is');
  await press(page, 'Save the check');
  await goTo(page, 'Round');
  await expectHeading(page, 'Nothing looks wrong so far. 3 tanks to read.');
  await expect(page.getByText('Wed 27 May: check P1.')).toBeVisible();

  const taps = await countTaps(page);
  await press(page, 'Next: read Basil');
  // The stop has the whole screen; how far the walk is stands in its head.
  const places = page.getByRole('navigation', { name: 'Places' });
  await expect(page.getByText('1 of 4 stops done')).toBeVisible();
  await expect(places).toHaveCount(0);
  for (const [ph, next] of [
    ['6.0', 'Next: read Mint'],
    ['6.1', 'Next: read Chard'],
    ['7.2', undefined],
  ] as const) {
    await expect(page.getByLabel('pH', { exact: true })).toBeFocused();
    await page.keyboard.type(ph);
    await page.keyboard.press('Enter');
    await expect(page.getByRole('textbox', { name: /^EC/ })).toBeFocused();
    await page.keyboard.type('1.3');
    await page.keyboard.press('Enter');
    await page.keyboard.type('21');
    await page.keyboard.press('Enter');
    await expectHeading(page, /^Saved/);
    if (next) await press(page, next);
  }
  expect(await taps()).toBeLessThanOrEqual(6);

  await press(page, /^(The Round|Next: correct Chard)$/);
  await expect(places).toBeVisible();
  await goTo(page, 'Round');
  await expectHeading(page, 'Chard: pH high.');
  // What is done stands with both values and their ±, and its name in one line.
  await expect(
    page.getByText(/^pH\s6\.0\d?\s±\s0\.\d+ · 1\.3\d?\s±\s0\.\d+\smS\/cm$/),
  ).toBeVisible();
  const name = await page.getByText('Basil', { exact: true }).boundingBox();
  expect(name!.height).toBeLessThan(30);
  await expect(page.getByText(/^pH is high\. Correct it\./)).toBeVisible();
  await press(page, 'Not today…');
  await press(page, 'buffer or product is missing');
  await expectHeading(page, 'Done for today, 1 stop passed by.');
  await expect(page.getByText('passed by: buffer or product is missing')).toBeVisible();
  await press(page, 'Undo');
  await expectHeading(page, 'Chard: pH high.');

  // Wednesday morning, an hour before the check was made a week ago.
  await page.clock.fastForward(7 * DAY_MS - 3_600_000);
  await page.reload();
  await expectHeading(page, 'Chard: pH high. P1 is due for its check.');
  await expect(page.getByText('It was not read for 6 days.').first()).toBeVisible();
  await expect(page.getByRole('link', { name: /^P1/ }).first()).toBeVisible();
});
