import { expect, test, type Page } from '@playwright/test';
import {
  addPen,
  addTank,
  demoUrl,
  dip,
  expectHeading,
  goTo,
  ownUrl,
  press,
  startCheck,
  typeReading,
} from './support/grower';

/** Opens a tank from the list. */
async function openTank(page: Page, name: string): Promise<void> {
  await goTo(page, 'Tanks');
  await page.getByRole('link', { name: new RegExp(`${name}.*Open`) }).click();
  await expect(page.getByRole('heading', { level: 1, name, exact: true })).toBeVisible();
}

/** A tank and a combination pen whose both sides were found on target. */
async function furnish(page: Page): Promise<void> {
  await page.goto(ownUrl());
  await addTank(page, 'Basil tables', 'basil', '100');
  await addPen(page, /pH and EC in one body/, 'P1');
  await startCheck(page, 'Check pH', '25');
  await dip(page, '7.00', '7.00');
  await dip(page, '4.01', '4.01');
  await press(page, 'Leave it as it is');
  await press(page, 'Save the check');
  await startCheck(page, 'Check EC', '25');
  await dip(page, '1.413', '1.41');
  await press(page, 'Leave it as it is');
  await press(page, 'Save the check');
}

async function read(page: Page, values: { ph?: string; ec?: string; temp?: string }) {
  await openTank(page, 'Basil tables');
  await press(page, 'Read');
  await typeReading(page, values);
  await press(page, /^(Save|Keep it)$/);
  const keep = page.getByRole('button', { name: 'Keep it' });
  await expect(page.getByRole('heading', { level: 1, name: /^Saved/ }).or(keep)).toBeVisible();
  if (await keep.isVisible()) await keep.click();
  await expectHeading(page, /^Saved/);
}

/** A product from its label: nitric acid, 38 % by mass at 1.235 g/mL, diluted one in ten on site. */
async function addNitric(page: Page): Promise<void> {
  await goTo(page, 'Shelf');
  await press(page, 'pH products');
  await press(page, 'Add a product');
  await page.getByLabel('What the label calls it').fill('Nitric tenth');
  await page.getByLabel('What is it made of?').selectOption({ label: 'nitric acid' });
  await page.getByRole('radio', { name: /percent by mass/ }).click();
  await page.getByLabel(/^Percent by mass/).fill('38');
  await press(page, 'Add the product');
  await expect(page.getByText(/On the label or its safety data sheet/)).toBeVisible();
  await press(page, 'Use the usual 1.235 g/mL');
  await page.getByLabel('Diluted here: one part in').fill('10');
  await page.getByLabel(/^Left on the Shelf/).fill('500');
  await press(page, 'Add the product');
  await expectHeading(page, 'pH products');
}

/** What the screen says to pour, mL. */
async function pourFirst(page: Page): Promise<number> {
  const label = await page.getByRole('button', { name: /^Poured / }).textContent();
  return Number(/Poured ([\d.]+) mL/.exec(label ?? '')?.[1]);
}

/*
 * The cap of an unlearned feed by hand: 0.1 meq/L · 100 L = 10 meq. The product holds 7.448/10 =
 * 0.7448 mmol in a mL: never more than 13.43 mL in one go, whatever the aim.
 */
test('plan, pour, time, re-read, learned: the amount within the cap worked by hand', async ({
  page,
}) => {
  test.slow();
  await page.clock.install({ time: new Date(new Date().setHours(8, 0, 0, 0)) });
  await furnish(page);
  await addNitric(page);
  let ph = 7.2;
  for (let dose = 1; dose <= 3; dose += 1) {
    await read(page, { ph: ph.toFixed(2), ec: '1.4', temp: '20' });
    await press(page, 'Dose');
    await press(page, 'Concentrates, for trained people…');
    await page.getByRole('radio', { name: /Nitric tenth/ }).click();
    const amount = await pourFirst(page);
    expect(amount).toBeGreaterThan(1);
    expect(amount).toBeLessThanOrEqual(13.43);
    await press(page, /^Poured /);
    await expect(page.getByRole('link', { name: /Basil tables mixing/ })).toBeVisible();
    await page.clock.runFor(11 * 60_000);
    ph -= 0.3;
    await read(page, { ph: ph.toFixed(2), ec: '1.4', temp: '20' });
    await expect(page.getByText(/After the dose Zolder expected/)).toBeVisible();
    await page.clock.runFor(61 * 60_000);
  }
  await openTank(page, 'Basil tables');
  await press(page, 'Dose');
  await press(page, 'What this tank taught');
  await expect(
    page.getByText(/^Takes [\d.]+ mL of Nitric tenth for one pH, ± \d+ %, from 3 doses\.$/),
  ).toBeVisible();
  await page
    .getByRole('button', { name: /^Leave out the dose/ })
    .first()
    .click();
  await expect(page.getByText(/from 2 doses\.$/).first()).toBeVisible();
  await expect(page.getByText('left out by hand')).toBeVisible();
  await press(page, 'Forget all, start afresh');
  await expect(page.getByText(/by the chemistry alone\.$/)).toBeVisible();
  await goTo(page, 'Shelf');
  await press(page, 'pH products');
  await expect(page.getByText(/^4[5-9]\d mL left$/)).toBeVisible();
});

test('each input changes the dose; what nobody booked makes it small; a base leads up', async ({
  page,
}) => {
  await page.clock.install({ time: new Date(new Date().setHours(8, 0, 0, 0)) });
  await furnish(page);
  await read(page, { ph: '6.9', ec: '1.4', temp: '20' });
  await press(page, 'Dose');
  const citric = await pourFirst(page);
  await page.getByLabel(/^Aim/).fill('6.6');
  await expect.poll(() => pourFirst(page)).toBeLessThan(citric);
  await page.getByLabel(/^Aim/).fill('3');
  await expect(
    page.getByText('A pH from 4 to 9; empty aims at the middle of the band.'),
  ).toBeVisible();
  await page.getByLabel(/^Aim/).fill('');
  await page.getByRole('radio', { name: /^no/ }).click();
  await expect.poll(() => pourFirst(page)).toBeLessThanOrEqual(citric);
  await press(page, 'Concentrates, for trained people…');
  await page.getByRole('radio', { name: /potassium carbonate 40/ }).click();
  await expect(page.getByText('This tank needs an acid.')).toBeVisible();
  await page.clock.runFor(5 * 60_000);
  await read(page, { ph: '4.9', ec: '1.4', temp: '20' });
  await press(page, 'Dose');
  await page.getByRole('radio', { name: /potassium bicarbonate/ }).click();
  await expect(page.getByRole('button', { name: /^Poured [\d.]+ g, start mixing/ })).toBeVisible();
  await press(page, /^Poured /);
  // Acid after base within the hour is chasing: it is said, and goes on only with a reason.
  await page.clock.runFor(11 * 60_000);
  await read(page, { ph: '6.9', ec: '1.4', temp: '20' });
  await press(page, 'Dose');
  await expect(page.getByText('Acid and base within the hour: that is chasing.')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Go on all the same' })).toBeDisabled();
  await page.getByLabel('Why go on').fill('too much base went in');
  await press(page, 'Go on all the same');
  await expect(page.getByRole('button', { name: /^Poured / })).toBeVisible();
});

/*
 * By hand: 6 drops of 1/20 mL, one in 50, in 1 L reach 6.2; the tank is 100 times that:
 * 6 · 0.05 · 100 / 50 = 0.6 mL, of which 80 % = 0.48 mL first.
 */
test('a jar test tells the dose of a product nobody knows', async ({ page }) => {
  await furnish(page);
  await read(page, { ph: '6.8', ec: '1.4', temp: '20' });
  await press(page, 'Dose');
  await page.getByRole('radio', { name: /^pH down/ }).click();
  await page.getByRole('button', { name: 'Jar test' }).first().click();
  await page.getByLabel('Aim, pH').fill('6,2');
  const row = async (at: number, drops: string, ph: string) => {
    await page.getByLabel(`Drops in all, ${at}`).fill(drops);
    await page.getByLabel(`pH, ${at}`, { exact: true }).fill(ph);
  };
  await row(1, '0', '6.8');
  await row(2, '4', '6.4');
  await expect(page.getByText(/2 of at least 3 readings/)).toBeVisible();
  await row(3, '8', '6.0');
  await expect(page.getByText('0.60 mL for the tank')).toBeVisible();
  await row(4, '5', '6.5');
  await expect(page.getByText(/averaged with their neighbours/)).toBeVisible();
  await row(4, '', '');
  await press(page, 'Poured 0.48 mL, start mixing');
  await expect(page.getByRole('link', { name: /Basil tables mixing/ })).toBeVisible();
});

/*
 * By hand: 100 L at 0.8, band 1.0 to 1.8, middle 1.4, stock 0.25: 100·0.6/0.25 = 240 mL, 60 % = 144.
 * High, with water of 0.4: at 2.4 to 1.4 in a full tank keep (1.4 − 0.4)/(2.4 − 0.4) = 50 L.
 */
test('EC: stock by its label; a dilution that does not fit is drained for first', async ({
  page,
}) => {
  await page.clock.install({ time: new Date(new Date().setHours(8, 0, 0, 0)) });
  await furnish(page);
  await read(page, { ph: '6.0', ec: '0.80', temp: '25' });
  await openTank(page, 'Basil tables');
  await press(page, 'Dose');
  await press(page, 'EC: stock or water');
  await expect(page.getByText(/How much your stock raises EC/)).toBeVisible();
  await page.getByLabel(/^1 mL\/L of each adds/).fill('0.25');
  await expect(page.getByText(/^14\d mL of A, and the same of B$/)).toBeVisible();
  await press(page, 'Poured, start mixing');
  await page.clock.runFor(11 * 60_000);
  await read(page, { ph: '6.0', ec: '2.40', temp: '25' });
  await openTank(page, 'Basil tables');
  await press(page, 'Dose');
  await press(page, 'EC: stock or water');
  await expect(page.getByText('The EC of your water is not known.')).toBeVisible();
  await page.getByLabel(/^EC of your water/).fill('0.4');
  await expect(page.getByText('50 L of water')).toBeVisible();
  await expect(page.getByText(/^Drain 50 L first: it does not fit otherwise\./)).toBeVisible();
  await press(page, 'Poured, start mixing');
  await goTo(page, 'Book');
  await expect(page.getByRole('link', { name: /Basil tables: drained/ })).toBeVisible();
  await expect(page.getByRole('link', { name: /Basil tables: stock poured/ })).toBeVisible();
});

test('the explainer works with the tank’s own waters; a fresh fill is told where it airs to', async ({
  page,
}) => {
  await page.goto(demoUrl());
  await openTank(page, 'Basil tables');
  await press(page, 'Dose');
  await press(page, 'Why this much?');
  // 0.7 · 3.3 + 0.3 · 0.1 = 2.34 mmol/L of alkalinity in this mixture.
  await expect(page.getByText(/Your water holds 2\.3 mmol\/L \(117 mg\/L CaCO3\)/)).toBeVisible();
  await expect(page.getByText(/and then the water stands at 8\.\d/)).toBeVisible();
  await press(page, 'Back');
  await press(page, 'Back');
  await press(page, 'Top up');
  await page.getByRole('radio', { name: /changed/ }).click();
  await page.getByLabel(/^Water/).fill('160');
  await expect(page.getByText(/^1\. 112 L of town water and 48 L of rain butt\.$/)).toBeVisible();
  await page.getByRole('radio', { name: /^acid/ }).click();
  await expect(
    page.getByText(/leaving half a meq\/L: pH 6\.\d at first, aired 8\.\d/),
  ).toBeVisible();
});

/*
 * By hand: water of 2.0 mmol/L is to keep 0.5, so 1.5 mmol/L · 100 L = 150 mmol of a strong acid;
 * 150 / 0.7448 mmol in a mL = 201.4 mL in all, whatever part of it comes first.
 */
test('a fresh fill takes what its alkalinity asks for, in steps, and would air back', async ({
  page,
}) => {
  await furnish(page);
  await addNitric(page);
  await openTank(page, 'Basil tables');
  await press(page, 'Top up');
  await page.getByRole('radio', { name: /^changed/ }).click();
  await page.getByLabel(/^Water/).fill('100');
  await page.getByLabel(/^Alkalinity/).fill('2,0');
  await page.getByLabel('As the water report states it').selectOption('mmol/L');
  await press(page, 'Changed');
  await read(page, { ph: '7.60', ec: '0.50', temp: '20' });
  await press(page, 'Dose');
  await press(page, 'Concentrates, for trained people…');
  await page.getByRole('radio', { name: /Nitric tenth/ }).click();
  await expect(page.getByText(/Planned as fresh water: half a meq\/L/)).toBeVisible();
  const first = await pourFirst(page);
  const rest = await page.getByText(/Then re-read; about [\d.]+ mL more/).textContent();
  const all = first + Number(/about ([\d.]+) mL/.exec(rest ?? '')?.[1]);
  expect(Math.abs(all - 201.4)).toBeLessThan(1);
  // Never in one go: less than one pH by the model.
  expect(first).toBeLessThan(0.8 * all);
  const aired = page.getByText('once fully aired').locator('xpath=..');
  await expect(aired).toContainText(/[78]\.\d/);
});
