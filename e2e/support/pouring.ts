import type { Page } from '@playwright/test';
import { expect } from './expect';
import {
  addPen,
  addTank,
  dip,
  expectHeading,
  goTo,
  ownUrl,
  press,
  startCheck,
  typeReading,
} from './grower';

/** Opens a tank from the list. */
export async function openTank(page: Page, name: string): Promise<void> {
  await goTo(page, 'Tanks');
  await page.getByRole('link', { name: new RegExp(`${name}.*Open`) }).click();
  await expect(page.getByRole('heading', { level: 1, name, exact: true })).toBeVisible();
}

/** A tank and a combination pen whose both sides were found on target. */
export async function furnish(page: Page, litres = '100'): Promise<void> {
  await page.goto(ownUrl());
  await addTank(page, 'Basil tables', 'basil', litres);
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

export async function read(page: Page, values: { ph?: string; ec?: string; temp?: string }) {
  await openTank(page, 'Basil tables');
  await press(page, 'Read');
  await typeReading(page, values);
  await press(page, /^(Save|Keep it)$/);
  const keep = page.getByRole('button', { name: 'Keep it' });
  await expect(page.getByRole('heading', { level: 1, name: /^Saved/ }).or(keep)).toBeVisible();
  if (await keep.isVisible()) await keep.click();
  await expectHeading(page, /^Saved/);
}

/** A whole change of 100 L with water of so much alkalinity, mmol/L. */
export async function fillAfresh(page: Page, mmolPerL: string): Promise<void> {
  await openTank(page, 'Basil tables');
  await press(page, 'Top up');
  await page.getByRole('radio', { name: /^changed/ }).click();
  await page.getByLabel(/^Water/).fill('100');
  await page.getByLabel(/^Alkalinity/).fill(mmolPerL);
  await page.getByLabel('As the water report states it').selectOption('mmol/L');
  await press(page, 'Changed');
  await expectHeading(page, 'Basil tables');
}

/** A product from its label: nitric acid, 38 % by mass at 1.235 g/mL, diluted one in ten on site. */
export async function addNitric(page: Page): Promise<void> {
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

/** What the screen says to pour, mL of the product; of a dilution what is in it. */
export async function pourFirst(page: Page): Promise<number> {
  const label = await page.getByRole('button', { name: /^Poured / }).textContent();
  const [, amount, parts = '1'] = /Poured ([\d.]+)\smL(?: of 1 in (\d+))?/.exec(label ?? '') ?? [];
  return Number(amount) / Number(parts);
}

/** What it takes in all, mL: what is poured now and what is still to come. */
export async function pourInAll(page: Page): Promise<number> {
  const first = await pourFirst(page);
  const text = await page.getByText(/more to reach|This is all it takes/).textContent();
  const [, more = '0', parts = '1'] =
    /about ([\d.]+)\smL(?: of 1 in (\d+))? more/.exec(text ?? '') ?? [];
  return first + Number(more) / Number(parts);
}

/**
 * A report of 4.3 mmol/L where the tank behaves as if it held half of one: the first dose moves it much
 * further than any tank of that report would. Read twice, so many minutes apart; ends at Dose.
 */
export async function reportProvesWrong(page: Page, minutesApart: number): Promise<void> {
  await page.clock.install({ time: new Date(new Date().setHours(8, 0, 0, 0)) });
  await furnish(page);
  await addNitric(page);
  await fillAfresh(page, '4,3');
  await read(page, { ph: '7.60', ec: '0.60', temp: '20' });
  await press(page, 'Dose');
  await press(page, 'Concentrates, for trained people…');
  await page.getByRole('radio', { name: /Nitric tenth/ }).click();
  await press(page, /^Poured /);
  await page.clock.fastForward(31 * 60_000);
  await read(page, { ph: '5.10', ec: '0.60', temp: '20' });
  await page.clock.fastForward(minutesApart * 60_000);
  await read(page, { ph: '5.11', ec: '0.60', temp: '20' });
  await press(page, 'Dose');
}
