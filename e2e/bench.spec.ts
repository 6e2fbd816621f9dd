import { test } from '@playwright/test';
import { expect } from './support/expect';
import { addPen, dip, expectHeading, goTo, ownUrl, press, startCheck } from './support/grower';

test('a sitting is left at any moment and resumed where it was, timer and typing included', async ({
  page,
}) => {
  await page.clock.install({ time: new Date('2026-05-20T08:00:00') });
  await page.goto(ownUrl());
  await addPen(page, /pH, two points/, 'P1');
  await startCheck(page, 'Check', '20');
  await dip(page, '7.00', '7.20');
  await press(page, 'In the cup: start 30 s');
  await page.getByRole('textbox', { name: /^Shows/ }).fill('4.2');
  await page.clock.runFor(12_000);
  await expect(page.getByText('0:18')).toBeVisible();
  await page.reload();
  await expectHeading(page, /dip in the 4\.01/);
  await expect(page.getByRole('textbox', { name: /^Shows/ })).toHaveValue('4.2');
  await page.clock.runFor(19_000);
  await expect(page.getByText('Still for 30 s.', { exact: false })).toBeVisible();
  await press(page, 'Leave the Bench; the sitting is kept');
  await goTo(page, 'Round');
  await expect(page.getByText('A check is open.', { exact: false })).toBeVisible();
  // The watch stands among the timers, and leads back to its cup.
  await page.getByRole('link', { name: 'P1: still for 30 s, type what it shows' }).click();
  await expectHeading(page, /dip in the 4\.01/);
  await press(page, 'Record 4.20');
  await expectHeading(page, 'P1 is out of tolerance.');
});

test('it moved: the watch starts again', async ({ page }) => {
  await page.clock.install({ time: new Date('2026-05-20T08:00:00') });
  await page.goto(ownUrl());
  await addPen(page, /pH, two points/, 'P1');
  await startCheck(page, 'Check', '20');
  // The browser’s own time stands still between the presses.
  await page.clock.pauseAt(new Date('2026-05-20T08:02:00'));
  await press(page, 'In the cup: start 30 s');
  await page.clock.runFor(25_000);
  await press(page, 'The number moved');
  await page.clock.runFor(20_000);
  await expect(page.getByText('Hold still; touch nothing.')).toBeVisible();
  await page.clock.runFor(11_000);
  await expect(page.getByText('settled in 25 s')).toBeVisible();
});

/* At 15 °C the 1.413 standard is 1.147 mS/cm; a pen with 2.0 %/°C makes 1.147/0.8 = 1.434 of it. */
test('an EC pen is checked in its own scale at the number its own coefficient gives', async ({
  page,
}) => {
  await page.goto(ownUrl());
  await goTo(page, 'Pens');
  await press(page, 'Add a pen');
  await page.getByRole('radio', { name: /^EC, one point/ }).click();
  await page.getByLabel('Code').fill('P3');
  await page.getByRole('radio', { name: 'µS/cm' }).click();
  await press(page, 'Add the pen');
  await startCheck(page, 'Check', '15');
  await expect(page.getByText('1434', { exact: false }).first()).toBeVisible();
  await page.getByRole('textbox', { name: /^Shows/ }).fill('1.38');
  await press(page, /^Record \d/);
  await expect(page.getByText('That looks like mS/cm.')).toBeVisible();
  await press(page, 'Use 1380 µS/cm');
  await press(page, 'Record 1380 µS/cm');
  await expectHeading(page, 'P3 is out of tolerance.');
  await press(page, 'Now adjust P3');
  await dip(page, '1.413', '1434');
  await expectHeading(page, 'P3 is adjusted and holds.');
  await press(page, 'Save the check');
  await expect(page.getByText('1.413 mS/cm: found 1380 µS/cm, left 1434 µS/cm')).toBeVisible();
});

test('a value that belongs to the other cup is asked about once', async ({ page }) => {
  await page.goto(ownUrl());
  await addPen(page, /pH, two points/, 'P1');
  await startCheck(page, 'Check', '20');
  await page.getByRole('textbox', { name: /^Shows/ }).fill('4.05');
  await press(page, 'Record 4.05');
  await expect(page.getByText('Is this the 4.01?', { exact: false })).toBeVisible();
  await press(page, 'Right cup: the pen is that far off');
  await expectHeading(page, /dip in the 4\.01/);
});
