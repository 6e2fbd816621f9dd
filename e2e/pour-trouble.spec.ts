import { expect, test, type Page } from '@playwright/test';
import { goTo, press } from './support/grower';
import { furnish, read, reportProvesWrong } from './support/pouring';
import { fullDisk, revisionsIn, slowDown, spaceBack } from './support/storage';

const said = (page: Page) =>
  page.getByRole('alert').getByText(/Not saved: this device’s storage is full/);

/** How often records of a kind were written. */
const written = async (page: Page, kind: string) =>
  (await revisionsIn(page)).filter((one) => one.kind === kind).length;

/** Goes to a button by Tab alone. */
async function tabTo(page: Page, name: string | RegExp): Promise<void> {
  const button = page.getByRole('button', { name });
  await expect(button).toBeVisible();
  for (let presses = 0; presses < 90; presses += 1) {
    if (await button.evaluate((node) => node === document.activeElement)) return;
    await page.keyboard.press('Tab');
  }
  throw new Error(`Tab never reached ${name}`);
}

/**
 * The press fails aloud on a full disk and loses nothing; with space back, without network and by two
 * taps of one thumb, it is booked once.
 */
async function bookedOnceInTrouble(
  page: Page,
  { button, kind, writes }: { button: string | RegExp; kind: string; writes: number },
): Promise<void> {
  const before = await written(page, kind);
  await fullDisk(page);
  await tabTo(page, button);
  await page.keyboard.press('Enter');
  await expect(said(page)).toBeVisible();
  expect(await written(page, kind)).toBe(before);
  await spaceBack(page);
  await page.getByRole('button', { name: 'Leave it' }).click();
  await page.context().setOffline(true);
  await slowDown(page, 4);
  await page.getByRole('button', { name: button }).dblclick();
  await slowDown(page, 1);
  await expect.poll(() => written(page, kind)).toBe(before + writes);
  await page.waitForTimeout(400);
  expect(await written(page, kind)).toBe(before + writes);
  await page.context().setOffline(false);
}

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
