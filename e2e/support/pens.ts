import { type Page } from '@playwright/test';
import { expectHeading, goTo, press } from './grower';

/** Opens the form of a new pen of a kind. */
export async function newPen(page: Page, profile: RegExp, code: string): Promise<void> {
  await goTo(page, 'Pens');
  await press(page, 'Add a pen');
  await page.getByRole('radio', { name: profile }).click();
  await page.getByLabel('Code').fill(code);
}

/** Adds the pen that stands in the form. */
export async function addIt(page: Page, code: string): Promise<void> {
  await press(page, 'Add the pen');
  await expectHeading(page, new RegExp(`^${code} · `));
}
