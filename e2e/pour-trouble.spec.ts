import { test } from '@playwright/test';
import { expect } from './support/expect';
import { goTo, press } from './support/grower';
import { furnish, read, reportProvesWrong } from './support/pouring';
import { bookedOnceInTrouble, written } from './support/trouble';

test('a jar’s dose, and “mixed now”: full disk, no network, two taps, by keyboard', async ({
  page,
}) => {
  test.slow();
  await furnish(page, '10');
  await read(page, { ph: '6.8', ec: '1.4', temp: '20' });
  await press(page, 'Dose');
  await page.getByRole('radio', { name: /^pH down/ }).click();
  await page.getByRole('button', { name: 'Jar test' }).first().click();
  await page.getByLabel('Aim, pH').fill('6,2');
  for (const [at, drops, ph] of [
    [1, '0', '6.8'],
    [2, '4', '6.4'],
    [3, '8', '6.0'],
  ] as const) {
    await page.getByLabel(`Drops in all, ${at}`).fill(drops);
    await page.getByLabel(`pH, ${at}`, { exact: true }).fill(ph);
  }
  await bookedOnceInTrouble(page, { button: /^Poured /, kind: 'jarTest', writes: 1 });
  expect(await written(page, 'addition')).toBe(1);
  await expect(page.getByRole('link', { name: /Basil tables mixing/ })).toBeVisible();
  await press(page, 'Dose');
  await bookedOnceInTrouble(page, {
    button: 'Stirred: it is mixed now',
    kind: 'addition',
    writes: 1,
  });
  await expect(page.getByText(/^The tank was not read since the last dose mixed\./)).toBeVisible();
});

test('“plan from what fits”: full disk, no network, two taps, by keyboard', async ({ page }) => {
  test.slow();
  await reportProvesWrong(page, 36);
  await expect(page.getByText('Stop: this does not fit.')).toBeVisible();
  // The alarm outlives a phone that is turned, and a look elsewhere.
  await page.setViewportSize({ width: 1280, height: 800 });
  await expect(page.getByText('Stop: this does not fit.')).toBeVisible();
  await page.setViewportSize({ width: 390, height: 844 });
  await goTo(page, 'Pens');
  await page.goBack();
  await bookedOnceInTrouble(page, { button: 'Plan from what fits', kind: 'addition', writes: 1 });
  await expect(page.getByText('Stop: this does not fit.')).toBeHidden();
});
