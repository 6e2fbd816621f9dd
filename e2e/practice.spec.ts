import { readFileSync } from 'node:fs';
import { test } from '@playwright/test';
import { expect } from './support/expect';
import { expectHeading, goTo, ownUrl, press } from './support/grower';
import { doTask } from './support/practice';
import { fullDisk, spaceBack } from './support/storage';

/** What each slip is called, and the number its cost is told in. */
const TASKS = [
  ['foundGood', 'Adjusted a pen that was within its tolerance', /minutes? more|nothing/],
  ['tooEarly', 'Set the point while the reading still moved', /pH further off/],
  ['expired', 'Used a portion that is not what its label says', /pH further off/],
  ['greasyCell', 'Adjusted over a greasy face', /Every EC reading is \d+\.\d\s% further off/],
  ['pureWater', 'Set a point on a probe that was not ready', /pH further off/],
  ['tapWater', 'The answer was not right', /pH further off/],
] as const;

for (const [id, did, cost] of TASKS)
  test(`${id}: done well without a mistake, and its slip with what it cost`, async ({ page }) => {
    await page.clock.install();
    await page.goto(ownUrl());
    await doTask(page, id, 'well');
    await expect(page.getByText('No mistake.')).toBeVisible();
    await expect(page.getByText('Put the pen away wet')).toBeVisible();
    await doTask(page, id, 'slip');
    await expect(page.getByText(did).first()).toBeVisible();
    await expect(page.getByText(cost).first()).toBeVisible();
  });

test('a code opens the same bench, a wrong one is told; results are kept apart and leave as a table', async ({
  page,
}) => {
  await page.clock.install();
  await page.goto(ownUrl());
  await page.getByRole('link', { name: 'Practice' }).click();
  await expectHeading(page, 'Practice');
  await expect(page.getByText('Nothing finished yet.')).toBeVisible();
  await page.getByLabel('A code from your supervisor').fill('K7Q-4MPX');
  await press(page, 'Open');
  await expect(page.getByText('This is no code of a practice.')).toBeVisible();
  const { code } = await doTask(page, 'tapWater', 'slip', 7);
  await expect(page.getByText(`The code of this run: ${code}`)).toBeVisible();
  await page.getByLabel(/^Initials for the results/).fill('TOOLONG');
  await page.getByLabel(/^Initials for the results/).blur();
  await expect(page.getByText('At most 4 letters.')).toBeVisible();
  await page.getByLabel(/^Initials for the results/).fill('NW');
  await page.getByLabel(/^Initials for the results/).blur();
  await expect(page.getByText('Kept with your results.')).toBeVisible();
  await press(page, 'Practice');
  await page.getByLabel('A code from your supervisor').fill(code.toLowerCase());
  await press(page, 'Open');
  await expectHeading(page, '“It reads 7 in tap water”');
  await press(page, 'Leave');
  await page.reload();
  await expect(page.getByText(/NW · Done\. Kinds of mistakes: 1/)).toBeVisible();
  const saving = page.waitForEvent('download');
  await press(page, 'Save as CSV');
  const [head, row] = readFileSync(await (await saving).path(), 'utf8').split('\r\n');
  expect(head).toContain('pen off at pH 6 a day later, pH');
  expect(row).toContain(`,NW,“It reads 7 in tap water”,${code},`);
  // Nothing of it is in the book.
  await goTo(page, 'Book');
  await expect(page.getByText(/Nothing|No entries|empty/i).first()).toBeVisible();
});

test('a bench of one’s own by keys alone, on one’s own: no help, mistakes only at the end', async ({
  page,
}) => {
  await page.goto(ownUrl());
  await page.getByRole('link', { name: 'Practice' }).click();
  await page.getByLabel('Pen', { exact: true }).selectOption({ label: 'pH with a trim screw' });
  await page.getByLabel('What is wrong with it').selectOption({ label: 'It has drifted' });
  const enter = async (name: string | RegExp) => {
    const button = page.getByRole('button', { name }).first();
    await expect(button).toBeVisible();
    await button.focus();
    await page.keyboard.press('Enter');
  };
  await enter('Begin');
  await expectHeading(page, 'Your own bench');
  await page.getByRole('radio', { name: 'With help' }).focus();
  await page.keyboard.press('ArrowRight');
  await expect(page.getByRole('radio', { name: 'On my own' })).toBeChecked();
  await expect(page.getByText(/^Next: /)).toHaveCount(0);
  await enter('Take the cap off');
  await enter('ON/OFF');
  await enter('Dip in the 7.00');
  await expect(page.getByRole('img', { name: /^The pen shows \d\.\d\spH\.$/ })).toBeVisible();
  await enter('▲ Screw');
  await expect(page.getByText('Set the point while the reading still moved')).toHaveCount(0);
  await enter('Finish');
  await expectHeading(page, 'How it ended');
  await expect(page.getByText('Set the point while the reading still moved').first()).toBeVisible();
});

test('a result on a full disk is not lost silently: it says so, and is kept once there is space', async ({
  page,
}) => {
  await page.goto(ownUrl());
  await page.goto(new URL('/practice', page.url()).href);
  await page.getByRole('link', { name: /Not too early/ }).click();
  await press(page, 'Take the cap off');
  await fullDisk(page);
  await press(page, 'Finish');
  await expect(
    page.getByText('This result could not be kept. The device may be full.'),
  ).toBeVisible();
  await spaceBack(page);
  await page.getByRole('button', { name: 'Try again' }).dblclick();
  await expect(page.getByText('Kept with your results.')).toBeVisible();
  await press(page, 'Practice');
  await expect(page.getByText(/Kinds of mistakes|without a mistake/).first()).toBeVisible();
  await page.reload();
  await expect(page.getByRole('button', { name: 'Save as CSV' })).toBeVisible();
});

test('the pen is dragged to a cup', async ({ page }) => {
  await page.goto(ownUrl());
  await page.goto(new URL('/practice', page.url()).href);
  await page.getByRole('link', { name: /Not too early/ }).click();
  await press(page, 'Take the cap off');
  const cup = page.getByRole('button', { name: 'Dip in the 4.01' });
  await expect(cup).toBeVisible();
  const to = (await cup.boundingBox())!;
  const tip = page.getByTitle('Drag it to a cup');
  await expect(tip).toBeVisible();
  const from = (await tip.boundingBox())!;
  await page.mouse.move(from.x + from.width / 2, from.y + from.height / 2);
  await page.mouse.down();
  await page.mouse.move(from.x + from.width / 2, from.y + from.height + 20, { steps: 4 });
  await page.mouse.move(to.x + to.width / 2, to.y + 20, { steps: 12 });
  await page.mouse.move(to.x + to.width / 2 + 2, to.y + 22);
  await page.mouse.up();
  await expect(page.getByRole('button', { name: 'The tip is in the 4.01' })).toBeVisible();
});
