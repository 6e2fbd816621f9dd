import { test } from '@playwright/test';
import { expect } from './support/expect';
import { demoUrl, expectHeading, goTo, press, typeReading } from './support/grower';

test('plan, pour, wait, re-read: the promise stands beside what happened', async ({ page }) => {
  await page.clock.install({ time: new Date(new Date().setHours(10, 30, 0, 0)) });
  await page.goto(demoUrl());
  await goTo(page, 'Tanks');
  await page.getByRole('link', { name: /Basil tables/ }).click();
  await press(page, 'Read');
  await typeReading(page, { ph: '6.85', ec: '1.4', temp: '21' });
  await press(page, 'Save');
  await expect(
    page.getByText(/^Expected .* Rinse, swirl and re-read, or keep 6\.\d\d\spH\?$/),
  ).toBeVisible();
  await press(page, 'Keep it');
  await expectHeading(page, 'Saved · Basil tables');
  await press(page, 'Dose');
  await expectHeading(page, 'Dose · Basil tables');
  await expect(page.getByText('Goggles and gloves.', { exact: false })).toBeVisible();
  const small = await page.getByRole('button', { name: /^Poured/ }).textContent();
  await press(page, 'Concentrates, for trained people…');
  await page.getByRole('radio', { name: /nitric acid 60\s%/ }).click();
  await expect(page.getByRole('button', { name: /^Poured/ })).not.toHaveText(small!);
  await page.getByRole('radio', { name: /potassium bicarbonate/ }).click();
  await expect(page.getByText('This tank needs an acid.')).toBeVisible();
  await page.getByRole('radio', { name: /^pH down/ }).click();
  await expect(page.getByText('How strong it is, its doses tell', { exact: false })).toBeVisible();
  await page.getByRole('radio', { name: /dissolved to 50\s%/ }).click();
  await press(page, /^Poured .*\smL .*of citric acid/);
  await expect(page.getByRole('link', { name: /Basil tables mixing/ })).toBeVisible();
  await press(page, 'Dose');
  await expect(page.getByText(/The last dose is mixing until/)).toBeVisible();
  await page.reload();
  await expect(page.getByRole('link', { name: /Basil tables mixing/ })).toBeVisible();
  await page.clock.fastForward(31 * 60_000);
  await page.getByRole('link', { name: /Basil tables: mixed, re-read it/ }).click();
  await typeReading(page, { ph: '6.7' });
  await press(page, /^(Save|Keep it)$/);
  await expect(
    page.getByText(/After the dose, pH\s6\.\d\d was expected\. It is pH\s6\.\d\d\./),
  ).toBeVisible();
});

test('a pen that dried out carries no dose; fresh water is planned from its report', async ({
  page,
}) => {
  await page.goto(demoUrl());
  await goTo(page, 'Tanks');
  await page.getByRole('link', { name: /Mint trough/ }).click();
  await press(page, 'Dose');
  await expect(page.getByText('No dose on this reading.')).toBeVisible();
  await press(page, 'Check P2');
  await expectHeading(page, 'Check P2');
  await press(page, 'Back');
  await expectHeading(page, 'Dose · Mint trough');
  await press(page, 'Back');
  await press(page, 'Top up');
  await page.getByRole('radio', { name: /^changed/ }).click();
  await press(page, 'Changed');
  await expect(page.getByText('Type the volume.')).toBeVisible();
  await page.getByLabel(/^Water/).fill('300');
  await page.getByLabel(/^Alkalinity/).fill('165');
  await press(page, 'Changed');
  await press(page, 'Read');
  await press(page, 'Another pen for pH');
  await page.getByRole('radio', { name: /^P1/ }).click();
  await typeReading(page, { ph: '7.6', ec: '0.52', temp: '15' });
  await press(page, /^(Save|Keep it)$/);
  await press(page, 'Dose');
  await expect(page.getByText('Its water seems to hold', { exact: false })).toBeVisible();
  await expect(page.getByText('once fully aired')).toBeVisible();
});

test('care starts a soak that every screen shows, and an incident forces a check', async ({
  page,
}) => {
  await page.goto(demoUrl());
  await goTo(page, 'Pens');
  await page.getByRole('link', { name: /^P1/ }).click();
  await press(page, 'Care');
  await page.getByRole('link', { name: /It had a knock/ }).click();
  await press(page, 'Done, book it');
  await expect(page.getByText('Check due: it had a knock.')).toBeVisible();
  await press(page, 'Care');
  await page.getByRole('link', { name: /Soak the pH probe/ }).click();
  await press(page, 'Start the soak');
  await expect(page.getByRole('link', { name: /^P1 soaking until tomorrow/ })).toBeVisible();
});

test('who goes elsewhere while a save is under way is not fetched back', async ({ page }) => {
  await page.goto(demoUrl());
  await goTo(page, 'Tanks');
  await page.getByRole('link', { name: /Mint trough/ }).click();
  await press(page, 'Top up');
  await page.getByLabel(/^Water/).fill('20');
  // Both presses in one go: the second comes before the save can be through.
  await page.evaluate(() => {
    const named = (role: string, name: string) =>
      Array.from(document.querySelectorAll<HTMLElement>(role)).find(
        (one) => one.innerText.trim() === name,
      );
    named('button, [role=button]', 'Topped up')?.click();
    named('a', 'Book')?.click();
  });
  await expect(page.getByRole('link', { name: /Mint trough.*20\sL/ })).toBeVisible();
  await expectHeading(page, 'Book');
});
