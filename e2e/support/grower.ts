import type { Page } from '@playwright/test';
import { expect, seen } from './expect';

/** Where the servers of the suite listen. */
export const ownUrl = () => process.env.ZOLDER_OWN_URL ?? '';
export const demoUrl = () => process.env.ZOLDER_DEMO_URL ?? '';

/** Presses a button by its name. */
export async function press(page: Page, name: string | RegExp): Promise<void> {
  const button = page.getByRole('button', { name });
  // Noticed sooner than by the click itself; whether it can be pressed is the click's to say.
  await seen(button.first());
  await button.click();
}

/** Goes to one of the five places. */
export async function goTo(page: Page, place: string): Promise<void> {
  await page.getByRole('link', { name: place, exact: true }).click();
}

/** Expects the heading that names the screen. */
export const expectHeading = (page: Page, name: string | RegExp) =>
  expect(page.getByRole('heading', { level: 1, name })).toBeVisible();

/** Adds a pen from a profile. */
export async function addPen(page: Page, profile: RegExp, code: string): Promise<void> {
  await goTo(page, 'Pens');
  await press(page, 'Add a pen');
  await page.getByRole('radio', { name: profile }).click();
  await page.getByLabel('Code').fill(code);
  await press(page, 'Add the pen');
  await expectHeading(page, new RegExp(`^${code} · `));
}

/** Adds a tank with a crop of the library. */
export async function addTank(
  page: Page,
  name: string,
  crop: string,
  volume = '160',
): Promise<void> {
  await goTo(page, 'Tanks');
  await press(page, 'Add a tank');
  await page.getByLabel('Name').fill(name);
  await page.getByLabel(/^Volume/).fill(volume);
  await page.getByLabel('Crop and stage').selectOption({ label: crop });
  await press(page, 'Add the tank');
  await expectHeading(page, name);
}

/** Adds a lot to the Shelf. */
export async function addLot(
  page: Page,
  nominal: string,
  left: string,
  expires: string,
): Promise<void> {
  await goTo(page, 'Shelf');
  await press(page, 'Add a lot');
  await page.getByLabel('Value printed large, pH').fill(nominal);
  await page.getByLabel('Left, mL').fill(left);
  await page.getByLabel('Expires', { exact: true }).fill(expires);
  await press(page, 'Add the lot');
  await expectHeading(page, 'Shelf');
}

/** Starts a sitting at the Bench from a pen's page. */
export async function startCheck(
  page: Page,
  button: string | RegExp,
  tempC: string,
): Promise<void> {
  await press(page, button);
  await page.getByLabel('Cups, °C').fill(tempC);
  await press(page, 'Start with as found');
}

/** One dip: types what the pen shows and records it. */
export async function dip(page: Page, cup: string, shown: string): Promise<void> {
  await expect(
    page.getByRole('heading', { level: 1, name: new RegExp(cup.replace('.', '\\.')) }),
  ).toBeVisible();
  await page.getByRole('textbox', { name: /^Shows/ }).fill(shown);
  await page.getByRole('button', { name: /^Record \d/ }).click();
}

/** Fills the fields of Read. */
export async function typeReading(
  page: Page,
  values: { ph?: string; ec?: string; temp?: string },
): Promise<void> {
  if (values.ph !== undefined) await page.getByLabel('pH', { exact: true }).fill(values.ph);
  if (values.ec !== undefined) await page.getByRole('textbox', { name: /^EC/ }).fill(values.ec);
  if (values.temp !== undefined)
    await page.getByRole('textbox', { name: /^Temp/ }).fill(values.temp);
}
