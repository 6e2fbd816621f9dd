import { test, type Page } from '@playwright/test';
import { expect } from './support/expect';
import { openAt } from './support/bench';
import { addPen, addTank, expectHeading, goTo, press } from './support/grower';
import { bookedOnceInTrouble } from './support/trouble';

/** A place of pots, read by slurry, as its form has it before it is saved. */
async function describePots(page: Page): Promise<void> {
  await goTo(page, 'Tanks');
  await press(page, 'A pot, bed, slab or drain');
  await page.getByLabel('Name').fill('Rosemary pots');
  await page.getByRole('radio', { name: /^Substrate, slurry/ }).click();
}

test('a place, a sample left to stand, a stop passed by: full disk, no network, two taps', async ({
  page,
}) => {
  test.slow();
  await openAt(page);
  await addPen(page, /pH and EC in one body/, 'P1');
  await describePots(page);
  await bookedOnceInTrouble(page, { button: 'Add the place', kind: 'tank', writes: 1 });
  await expectHeading(page, 'Rosemary pots');
  await goTo(page, 'Round');
  await press(page, 'Read another tank or place');
  await page.getByRole('link', { name: /Rosemary pots/ }).click();
  const standing = { button: 'It stands now: start 30 min', kind: 'standing', writes: 1 };
  await bookedOnceInTrouble(page, standing);
  await expect(page.getByText('It stands until 08:30. Then stir and read.')).toBeVisible();
  await goTo(page, 'Round');
  await press(page, 'Not today…');
  await bookedOnceInTrouble(page, { button: 'no time today', kind: 'skip', writes: 1 });
  await expect(page.getByText('passed by: no time today')).toBeVisible();
});

test('the plan of a crop: what was typed stays on a full disk, and is saved once', async ({
  page,
}) => {
  test.slow();
  await openAt(page);
  await addPen(page, /pH and EC in one body/, 'P1');
  await addTank(page, 'Basil', 'basil');
  await press(page, 'Change the tank');
  await press(page, 'Plan of the crop');
  await press(page, 'The first stage');
  await page.getByRole('textbox', { name: 'Begins on' }).fill('2026-05-25');
  await bookedOnceInTrouble(page, { button: 'Save the plan', kind: 'tank', writes: 1 });
  await expectHeading(page, 'Basil');
  await page.clock.fastForward(5 * 86_400_000);
  await page.reload();
  await goTo(page, 'Round');
  await expect(page.getByText(/^From today Basil is in /)).toBeVisible();
});
