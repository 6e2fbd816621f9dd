import { test } from '@playwright/test';
import { expect } from './support/expect';
import { addPen, dip, expectHeading, goTo, ownUrl, press, startCheck } from './support/grower';

test('where the trade is of two minds, the choice says why and what the others do', async ({
  page,
}) => {
  await page.goto(ownUrl());
  await goTo(page, 'Pens');
  await press(page, 'Add a pen');
  await page.getByRole('radio', { name: /pH and EC in one body/ }).click();
  await press(page, 'More: how it takes a point, display, papers');
  for (const [reason, other] of [
    [/^Two bracket the work/, /One is quicker, but the slope stays unknown/],
    [/^The pen decides/, /some adjust each time/],
    [/^Each week check first/, /Some adjust before every use/],
    [/^By use: weekly above twenty/, /Some clean at each check/],
    [/^Normal, ±0\.05\spH/, /others take 0\.1/],
    [/^Neutral first: it sets the zero/, /Some go 7, 10, 4/],
  ] as const) {
    await expect(page.getByText(reason)).toHaveText(other);
  }
  await page.getByLabel('Code').fill('P1');
  await page
    .getByLabel('Adjusted by its factory or dealer on', { exact: true })
    .fill('2 November 2025');
  await press(page, 'Add the pen');
  await expectHeading(page, /^P1 · /);
  // The adjustment it came with stands as its first session, worth the maker's accuracy.
  await expect(page.getByText('2 Nov 2025 · adjusted by its factory or dealer')).toBeVisible();
  await expect(page.getByText(/^Its maker states ±\s0\.\d+\spH, ±\s[\d.]+\smS\/cm/)).toBeVisible();
  await page.getByRole('link', { name: 'Settings' }).click();
  await expect(page.getByText(/^Tap water rinses as well/)).toHaveText(/Never to store/);
});

test('a new probe soaks first; a cap of tap water is reminded of until it gets storage solution', async ({
  page,
}) => {
  await page.clock.install({ time: new Date(new Date().setHours(8, 0, 0, 0)) });
  await page.goto(ownUrl());
  await addPen(page, /pH, two points/, 'P1');
  await expect(page.getByText(/^Next check: now\. It has never been/)).toBeVisible();
  await press(page, 'Start its first soak, 24 h');
  const timers = page.getByRole('region', { name: 'Timers' });
  await expect(timers).toContainText('P1 soaking until tomorrow 08:00');
  await expect(page.getByText('Soaking', { exact: true })).toBeVisible();
  await page.clock.fastForward(24 * 3_600_000 + 60_000);
  await expect(timers).toContainText('P1: soak is over, check it');
  await startCheck(page, 'Check', '25');
  await dip(page, '7.00', '7.00');
  await dip(page, '4.01', '4.01');
  await press(page, 'Leave it as it is');
  await expect(page.getByText(/^Potassium chloride solution keeps glass wet/)).toBeVisible();
  await page.getByRole('radio', { name: /^tap water/ }).click();
  await press(page, 'Save the check');
  await expect(timers).toContainText('P1: storage solution into its cap by tomorrow 08:0');
  await expect(page.getByText(/you check it every week\.$/)).toBeVisible();
  await press(page, 'Why ±? of the pH error');
  await expect(page.getByText(/^What would shrink it:/)).toBeVisible();
  await page.clock.fastForward(25 * 3_600_000);
  await expect(timers).toContainText('P1: its cap needs storage solution');
  await page.reload();
  await expect(timers).toContainText('P1: its cap needs storage solution');
  await timers.getByRole('link', { name: /storage solution/ }).click();
  await page.getByRole('link', { name: /Cap topped up/ }).click();
  await press(page, 'Done, book it');
  await expect(page.getByText('its cap needs storage solution')).toHaveCount(0);
  // The next sittings: tap water again, then storage solution, which ends it by itself.
  const checkAndCap = async (liquid: RegExp) => {
    await startCheck(page, 'Check', '25');
    await dip(page, '7.00', '7.00');
    await dip(page, '4.01', '4.01');
    await press(page, 'Leave it as it is');
    await page.getByRole('radio', { name: liquid }).click();
    await press(page, 'Save the check');
  };
  await checkAndCap(/^tap water/);
  await expect(timers).toContainText('P1: storage solution into its cap');
  await checkAndCap(/^storage solution/);
  await expect(page.getByText('P1: storage solution into its cap')).toHaveCount(0);
});
