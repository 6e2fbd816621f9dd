import { test, type Page } from '@playwright/test';
import { expect } from './support/expect';
import { addPen, addTank, demoUrl, expectHeading, goTo, ownUrl } from './support/grower';

/** Presses Tab until the control with this name has the focus. */
async function tabTo(page: Page, name: RegExp): Promise<void> {
  for (let tries = 0; tries < 60; tries += 1) {
    await page.keyboard.press('Tab');
    const [text, outline] = await page.evaluate(() => {
      const here = document.activeElement;
      const control = here?.matches('a, button, input, [role=radio], [role=switch]');
      const said = control ? (here?.getAttribute('aria-label') ?? here?.textContent ?? '') : '';
      return [said, here ? getComputedStyle(here).outlineWidth : ''];
    });
    if (!name.test(text)) continue;
    expect(outline).toBe('3px');
    return;
  }
  throw new Error(`no way by Tab to ${name}`);
}

test('a reading is taken with the keyboard alone, the focus always to be seen', async ({
  page,
}) => {
  await page.goto(ownUrl());
  await addPen(page, /pH, two points/, 'P1');
  await addTank(page, 'Basil', 'basil');
  await goTo(page, 'Round');
  await expectHeading(page, /./);
  await tabTo(page, /Basil.*Read$/);
  await page.keyboard.press('Enter');
  await expectHeading(page, 'Read · Basil');
  await tabTo(page, /^pH$/);
  await page.keyboard.type('5.9');
  await tabTo(page, /^Save$/);
  await page.keyboard.press('Enter');
  await expectHeading(page, 'Saved · Basil');
});

test('a whole calibration with the keyboard alone, from the first cup to the saved check', async ({
  page,
}) => {
  await page.goto(ownUrl());
  await addPen(page, /pH, two points/, 'P1');
  await tabTo(page, /^Check$/);
  await page.keyboard.press('Enter');
  await expectHeading(page, 'Check P1');
  await tabTo(page, /^Cups, °C$/);
  await page.keyboard.type('20');
  await tabTo(page, /no.*good/);
  await page.keyboard.press('ArrowRight');
  await expect(page.getByRole('radio', { name: /yes/ })).toBeChecked();
  await tabTo(page, /^Start with as found$/);
  await page.keyboard.press('Enter');
  await tabTo(page, /^Shows, pH$/);
  await page.keyboard.type('7,03');
  await tabTo(page, /^Record 7\.03\spH$/);
  await page.keyboard.press('Enter');
  await expectHeading(page, /dip in the 4\.01/);
  // Typed where the focus already stands; Enter records.
  const types = async (value: string) => {
    await expect(page.locator('input[data-takes-digits]')).toBeFocused();
    await page.keyboard.type(value);
    await page.keyboard.press('Enter');
  };
  await types('4.25');
  await expectHeading(page, 'P1 is out of tolerance.');
  await tabTo(page, /^Now adjust P1$/);
  await page.keyboard.press('Enter');
  for (const value of ['7.02', '4.00', '7.02']) await types(value);
  await expectHeading(page, 'P1 is adjusted and holds.');
  await tabTo(page, /^Save the check$/);
  await page.keyboard.press('Enter');
  await expectHeading(page, /^P1 · /);
});

test('the Book is one stop of the keyboard: arrows walk its entries, the far end too', async ({
  page,
}) => {
  await page.goto(demoUrl());
  await goTo(page, 'Book');
  await expectHeading(page, 'Book');
  await tabTo(page, /^Filter$/);
  const entries = page.getByRole('list', { name: 'Entries' }).getByRole('listitem');
  const focused = entries.filter({ has: page.locator(':focus') });
  await page.keyboard.press('Tab');
  await expect(focused).toHaveAttribute('aria-posinset', '1');
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('PageDown');
  await expect(focused).toHaveAttribute('aria-posinset', '12');
  // A row that was not drawn yet takes the focus once it is there.
  await page.keyboard.press('End');
  const total = await entries.first().getAttribute('aria-setsize');
  await expect(focused).toHaveAttribute('aria-posinset', total!);
  await page.keyboard.press('ArrowUp');
  await expect(focused).toHaveAttribute('aria-posinset', String(Number(total) - 1));
  // What follows the list is one Tab away.
  await page.keyboard.press('Tab');
  await expect(page.getByRole('button', { name: 'Print' })).toBeFocused();
  await page.keyboard.press('Shift+Tab');
  await expect(focused).toHaveAttribute('aria-posinset', String(Number(total) - 1));
  await page.keyboard.press('Enter');
  await expect(page.getByRole('list', { name: 'Entries' })).toHaveCount(0);
});
