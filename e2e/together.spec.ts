import { test, type Page } from '@playwright/test';
import { expect } from './support/expect';
import { aPhone, openTogether, pair, startExchange } from './support/exchange';
import {
  addPen,
  addTank,
  demoUrl,
  expectHeading,
  goTo,
  press,
  typeReading,
} from './support/grower';

/** A phone that meets the house each minute, in short minutes. */
const minutesPass = (page: Page) =>
  page.evaluate(() => {
    setInterval(() => window.dispatchEvent(new Event('online')), 400);
  });

test('two phones share a book: paired by a code, each sees what the other did; one is taken off the list', async ({
  browser,
}) => {
  test.setTimeout(60_000);
  const house = await startExchange();
  const [left, right] = [await aPhone(browser, house), await aPhone(browser, house)];
  await addTank(left, 'Basil', 'basil');
  // A code that is too short, then one that is wrong: said at the field, what was typed stays.
  await openTogether(left);
  await press(left, 'Pair this device');
  await expect(left.getByText('A name is needed.')).toBeVisible();
  await left.getByLabel('Name of this device').fill('Left phone');
  const shown = await house.code();
  await left.getByLabel('Code the computer shows').fill(shown === '111111' ? '222222' : '111111');
  await press(left, 'Pair this device');
  await expect(left.getByText(/^This code is wrong/)).toBeVisible();
  await expect(left.getByLabel('Name of this device')).toHaveValue('Left phone');
  await pair(left, house, 'Left phone');
  await pair(right, house, 'Right phone');
  await goTo(right, 'Tanks');
  await expect(right.getByRole('link', { name: /Basil/ })).toBeVisible();

  // What the form is made of is on the phone from here on: nothing is kept for use without network.
  await addTank(right, 'Leek', 'basil');

  // The house is away: what is written waits, is said to wait, and goes by itself.
  await house.away();
  await addTank(right, 'Pepper', 'basil');
  await openTogether(right);
  await expect(right.getByText(/\d saves? waiting\.$/)).toBeVisible();
  await expect(right.getByText(/The house does not answer now/)).toBeVisible();
  await house.back();
  await press(right, 'Meet the house now');
  await expect(right.getByText(/nothing waiting\.$/)).toBeVisible();
  await goTo(left, 'Tanks');
  await minutesPass(left);
  await expect(left.getByRole('link', { name: /Pepper/ })).toBeVisible();

  // What one has done today stands on the other's round, with who and when.
  await addPen(left, /pH, two points/, 'P1');
  await goTo(left, 'Tanks');
  await left.getByRole('link', { name: /Basil/ }).click();
  await press(left, 'Read');
  await typeReading(left, { ph: '6.00', temp: '22' });
  await press(left, 'Save');
  await expectHeading(left, 'Saved · Basil');
  await goTo(right, 'Round');
  await minutesPass(right);
  await expect(right.getByText(/^on another device at \d\d:\d\d$/)).toBeVisible();

  // Taken off the list: it is told so, keeps its book, and gets nothing more.
  await openTogether(left);
  await press(left, 'Take Right phone off the list');
  await expect(left.getByText(/Right phone gets nothing more/)).toBeVisible();
  await press(left, 'Take off the list');
  await expect(left.getByText('Right phone')).toHaveCount(0);
  await openTogether(right);
  await press(right, 'Meet the house now');
  await expect(right.getByText(/taken off the list of the house/)).toBeVisible();
  await goTo(right, 'Tanks');
  await expect(right.getByRole('link', { name: /Basil/ })).toBeVisible();
  // It is said on every screen, and leads to where it is mended.
  await right
    .getByRole('alert')
    .getByText(/taken off the list of the house/)
    .click();
  await expectHeading(right, 'Together');
  await pair(right, house, 'Right phone');
  await expect(right.getByRole('alert')).toHaveCount(0);
  // The demo has nothing to do with all this.
  await left.goto(`${demoUrl()}/together`);
  await expect(
    left.getByText('The demo is never exchanged. Open your own book first.'),
  ).toBeVisible();
  await house.end();
});
