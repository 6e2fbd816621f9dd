import type { Page } from '@playwright/test';
import { expect } from './expect';
import { fullDisk, revisionsIn, slowDown, spaceBack } from './storage';

const said = (page: Page) =>
  page.getByRole('alert').getByText(/Not saved: this device’s storage is full/);

/** How often records of a kind were written. */
export const written = async (page: Page, kind: string) =>
  (await revisionsIn(page)).filter((one) => one.kind === kind).length;

/** Goes to a button by Tab alone. */
async function tabTo(page: Page, name: string | RegExp): Promise<void> {
  const button = page.getByRole('button', { name });
  await expect(button).toBeVisible();
  for (let presses = 0; presses < 90; presses += 1) {
    if (await button.evaluate((node) => node === document.activeElement)) return;
    await page.keyboard.press('Tab');
  }
  throw new Error(`Tab never reached ${name}`);
}

/**
 * The press fails aloud on a full disk and loses nothing; with space back, without network and by two
 * taps of one thumb, it is booked once.
 */
export async function bookedOnceInTrouble(
  page: Page,
  { button, kind, writes }: { button: string | RegExp; kind: string; writes: number },
): Promise<void> {
  const before = await written(page, kind);
  await fullDisk(page);
  await tabTo(page, button);
  await page.keyboard.press('Enter');
  await expect(said(page)).toBeVisible();
  expect(await written(page, kind)).toBe(before);
  await spaceBack(page);
  await page.getByRole('button', { name: 'Leave it', exact: true }).click();
  await page.context().setOffline(true);
  await slowDown(page, 4);
  await page.getByRole('button', { name: button }).dblclick();
  await slowDown(page, 1);
  await expect.poll(() => written(page, kind)).toBe(before + writes);
  await page.waitForTimeout(400);
  expect(await written(page, kind)).toBe(before + writes);
  await page.context().setOffline(false);
}
