import { test, type Page } from '@playwright/test';
import { expect } from './support/expect';
import { demoUrl, expectHeading, goTo, ownUrl, press, typeReading } from './support/grower';

test.use({ viewport: { width: 1280, height: 800 } });

/** Where a pane begins and how wide it is, by its name. */
async function pane(page: Page, name: string) {
  const box = await page.getByRole('region', { name, exact: true }).boundingBox();
  return { left: box?.x ?? NaN, width: box?.width ?? NaN };
}
const main = async (page: Page) =>
  (await page.getByRole('main').boundingBox()) ?? { x: 0, width: 0 };

async function doseOf(page: Page, tank: RegExp): Promise<void> {
  await goTo(page, 'Tanks');
  await page.getByRole('link', { name: tank }).first().click();
  await expectHeading(page, tank);
  await page.keyboard.press('d');
  await expectHeading(page, /^Dose · /);
}

test('a dose stands beside its tank, with the list left of both', async ({ page }) => {
  await page.goto(demoUrl());
  await doseOf(page, /Mint trough/);
  const subject = await pane(page, 'Mint trough');
  const dose = await main(page);
  expect(dose.x).toBeGreaterThanOrEqual(subject.left + subject.width);
  expect(dose.width).toBeLessThan(430);
  expect(subject.left).toBeGreaterThan(440);
  // One first heading on the page; the tank's own actions give way to what is being done.
  await expect(page.getByRole('heading', { level: 1 })).toHaveCount(1);
  await expect(page.getByRole('button', { name: 'Top up' })).toHaveCount(0);
  await page.keyboard.press('Escape');
  await expectHeading(page, 'Mint trough');
  await expect(page.getByRole('button', { name: 'Top up' })).toBeVisible();
});

test('what was typed in the third pane outlives a window made narrow and wide again', async ({
  page,
}) => {
  await page.goto(demoUrl());
  await doseOf(page, /Mint trough/);
  await page.getByLabel('Aim, pH').fill('6.0');
  // Its pen had dried out: no plan, and the way on says so.
  const wayOn = await page.getByRole('button', { name: /^Check P/ }).textContent();
  // At the least width for three panes nothing of the tank is cut.
  await page.setViewportSize({ width: 1240, height: 800 });
  const { left, width } = await pane(page, 'Mint trough');
  const far = await page
    .getByRole('region', { name: 'Mint trough', exact: true })
    .getByRole('button', { name: /^Why/ })
    .evaluateAll((all) => Math.max(...all.map((one) => one.getBoundingClientRect().right)));
  expect(far).toBeLessThan(left + width);
  await page.setViewportSize({ width: 1000, height: 800 });
  await expect(page.getByRole('region', { name: 'Mint trough', exact: true })).toHaveCount(0);
  await expect(page.getByLabel('Aim, pH')).toHaveValue('6.0');
  await page.setViewportSize({ width: 1280, height: 800 });
  await expect(page.getByRole('region', { name: 'Mint trough', exact: true })).toBeVisible();
  await expect(page.getByLabel('Aim, pH')).toHaveValue('6.0');
  await expect(page.getByRole('button', { name: /^Check P/ })).toHaveText(wayOn ?? '');
});

test('the Bench stands beside its pen; the look-back takes all the room', async ({ page }) => {
  await page.goto(demoUrl());
  await goTo(page, 'Pens');
  await page.getByRole('link', { name: /^P4/ }).first().click();
  await expectHeading(page, /^P4/);
  await page.keyboard.press('c');
  await expectHeading(page, 'Check P4');
  await expect(
    page.getByRole('region', { name: 'P4', exact: true }).getByText('Can’t be trusted'),
  ).toBeVisible();
  await page.getByLabel('Cups, °C').fill('20');
  await press(page, 'Start with as found');
  await page.getByRole('textbox', { name: /^Shows/ }).fill('7.3');
  await page.getByRole('button', { name: 'Record 7.3' }).click();
  // Further off than it ever drifted: asked once.
  await press(page, 'The pen shows that');
  await expectHeading(page, 'P4 is out of tolerance.');
  // The pen beside it already says that a sitting is open.
  await expect(page.getByRole('link', { name: /^P4.*a check is open/ })).toBeVisible();
  await page
    .getByRole('region', { name: 'P4', exact: true })
    .getByRole('button', { name: /^Look back: / })
    .click();
  await expectHeading(page, /^P4 read/);
  expect((await main(page)).width).toBeGreaterThan(800);
});

test('a dose reached from a saved reading outlives a phone that is turned', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto(demoUrl());
  await goTo(page, 'Tanks');
  await page.getByRole('link', { name: /Basil tables/ }).click();
  await press(page, 'Read');
  await typeReading(page, { ph: '6.85', ec: '1.4', temp: '21' });
  await press(page, 'Save');
  await press(page, 'Keep it');
  await expectHeading(page, 'Saved · Basil tables');
  await press(page, 'Dose');
  await expectHeading(page, 'Dose · Basil tables');
  await page.getByLabel('Aim, pH').fill('6.1');
  for (const width of [1280, 1000, 844, 1280, 390]) {
    await page.setViewportSize({ width, height: width === 844 ? 390 : 800 });
    await expectHeading(page, 'Dose · Basil tables');
    await expect(page.getByLabel('Aim, pH')).toHaveValue('6.1');
  }
  await press(page, 'Back');
  await expectHeading(page, 'Basil tables');
});

test('a new book on a wide page shows what each place will hold, and the first step', async ({
  page,
}) => {
  await page.goto(ownUrl());
  await expectHeading(page, 'What opens here');
  await expect(page.getByText('An example, not your book:')).toBeVisible();
  for (const place of ['Tanks', 'Pens', 'Shelf', 'Book']) {
    await goTo(page, place);
    await expectHeading(page, 'What stands here');
  }
  await press(page, 'Set up a pen and a tank');
  await expectHeading(page, 'Which pen is in your hand?');
});
