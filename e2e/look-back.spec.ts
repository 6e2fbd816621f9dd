import { expect, test } from '@playwright/test';
import { demoUrl, expectHeading, goTo, press } from './support/grower';

test('the demo’s P4: its drift is told, its look-back names eleven readings and two doses', async ({
  page,
}) => {
  await page.goto(demoUrl());
  await goTo(page, 'Pens');
  await page.getByRole('link', { name: /^P4/ }).click();
  await expect(page.getByText(/Out of tolerance at \d+ of \d+ checks/)).toBeVisible();
  await press(page, /^Show as a table/);
  await expect(page.getByRole('table', { name: 'pH error at each check' })).toBeVisible();
  await press(page, /^Look back: /);
  await expectHeading(
    page,
    'P4 read 0.28 high. Eleven readings change, two doses were made on a wrong number.',
  );
  const rows = page.getByRole('list', { name: 'Readings' }).getByRole('listitem');
  await expect(rows.filter({ hasText: 'mL · pH down poured; ' })).toHaveCount(2);
  await press(page, 'Show all');
  await expect(rows).toHaveCount(28);
});

test('the walk: timers under the head, the soak and the dose as stops, the next stop by one button', async ({
  page,
}) => {
  await page.goto(demoUrl());
  await expect(page.getByRole('link', { name: /Strawberry gutters mixing/ })).toBeVisible();
  await expect(page.getByRole('link', { name: /^P2 soaking until/ })).toBeVisible();
  await press(page, 'Next: check P4');
  await expectHeading(page, /P4/);
  await goTo(page, 'Round');
  await page.getByRole('link', { name: /Basil tables/ }).click();
  await page.getByLabel('pH', { exact: true }).fill('5.9');
  await press(page, 'Save');
  await press(page, /^Next: /);
  await expect(page.getByRole('heading', { level: 1 })).not.toContainText('Saved');
});
