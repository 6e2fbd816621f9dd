import { test, type Page } from '@playwright/test';
import { expect } from './support/expect';
import { openAt, shows, type } from './support/bench';
import { slowDown } from './support/storage';
import { countTaps } from './support/taps';
import { addPen, expectHeading, goTo, press, startCheck } from './support/grower';
import { addIt, newPen } from './support/pens';

const DAY_MS = 86_400_000;

test.describe('taps from the Round', () => {
  const start = async (page: Page, code = 'P1') => {
    await goTo(page, 'Round');
    const taps = await countTaps(page);
    await page
      .getByRole('link', { name: new RegExp(`^${code}`) })
      .first()
      .click();
    await type(page, '20');
    await press(page, 'Start with as found');
    return taps;
  };

  test('a two-point check found good: 6, with the stillness watch 8', async ({ page }) => {
    await openAt(page);
    await addPen(page, /pH, two points/, 'P1');
    const taps = await start(page);
    await shows(page, '7.03');
    await shows(page, '4.02');
    await press(page, 'Leave it as it is');
    await press(page, 'Save the check');
    await expectHeading(page, /^P1 · /);
    expect(await taps()).toBeLessThanOrEqual(6);
    await page.clock.fastForward(8 * DAY_MS);
    const watched = await start(page);
    for (const value of ['7.03', '4.02']) {
      await press(page, 'In the cup: start 30 s');
      await page.clock.runFor(31_000);
      await shows(page, value);
    }
    await press(page, 'Leave it as it is');
    await press(page, 'Save the check');
    await expectHeading(page, /^P1 · /);
    expect(await watched()).toBeLessThanOrEqual(8);
  });

  test('a full two-point calibration: 9, with the stillness watch 14', async ({ page }) => {
    await openAt(page);
    await addPen(page, /pH, two points/, 'P1');
    const taps = await start(page);
    await shows(page, '7.20');
    await shows(page, '4.20');
    await press(page, 'Now adjust P1');
    await shows(page, '7.02');
    await shows(page, '4.00');
    await shows(page, '7.02');
    await press(page, 'Save the check');
    await expectHeading(page, /^P1 · /);
    expect(await taps()).toBeLessThanOrEqual(9);
    await page.clock.fastForward(8 * DAY_MS);
    const counted = await start(page);
    const whenStill = async (value: string) => {
      await press(page, 'In the cup: start 30 s');
      await page.clock.runFor(31_000);
      await shows(page, value);
    };
    for (const value of ['7.09', '4.07']) await whenStill(value);
    await press(page, 'Now adjust P1');
    for (const value of ['7.02', '4.00', '7.02']) await whenStill(value);
    await press(page, 'Save the check');
    await expectHeading(page, /^P1 · /);
    expect(await counted()).toBeLessThanOrEqual(14);
  });

  test('a three-point calibration: 12; a trim screw: 5', async ({ page }) => {
    await openAt(page);
    await newPen(page, /^pH, two points/, 'P1');
    await page.getByRole('radio', { name: /^three when tanks/ }).click();
    await addIt(page, 'P1');
    const taps = await start(page);
    for (const value of ['7.20', '4.20', '10.30']) await shows(page, value);
    await press(page, 'Now adjust P1');
    for (const value of ['7.02', '4.00', '10.06']) await shows(page, value);
    await shows(page, '7.02');
    await press(page, 'Save the check');
    await expectHeading(page, /^P1 · /);
    expect(await taps()).toBeLessThanOrEqual(12);
    await newPen(page, /^pH with a trim screw/, 'P2');
    await addIt(page, 'P2');
    const screw = await start(page, 'P2');
    await shows(page, '7.0');
    await press(page, 'Leave it as it is');
    await press(page, 'Save the check');
    await expectHeading(page, /^P2 · /);
    expect(await screw()).toBeLessThanOrEqual(5);
  });

  test('a pen from a profile: 4', async ({ page }) => {
    await openAt(page);
    await goTo(page, 'Round');
    const taps = await countTaps(page);
    await goTo(page, 'Pens');
    await press(page, 'Add a pen');
    await page.getByRole('radio', { name: /^pH and EC in one body/ }).click();
    await press(page, 'Add the pen');
    await expectHeading(page, /^P1 · /);
    expect(await taps()).toBeLessThanOrEqual(4);
  });

  test('a pen as it truly is: 8 taps and 10 signs beyond its code', async ({ page }) => {
    await openAt(page);
    await goTo(page, 'Round');
    const taps = await countTaps(page);
    await goTo(page, 'Pens');
    await press(page, 'Add a pen');
    await page.getByRole('radio', { name: /^pH and EC in one body/ }).click();
    await page.getByRole('radio', { name: 'pH 4.01, 7.01, 10.01' }).click();
    const says = async (label: string, text: string) => {
      await page.getByRole('textbox', { name: label }).click();
      await page.keyboard.type(text);
      return text.length;
    };
    const signs =
      (await says('Adjusted by its factory or dealer on', '20/3/26')) +
      (await says('In which order are they dipped?', '4 7'));
    await press(page, 'Add the pen');
    await expectHeading(page, /^P1 · /);
    expect(await taps()).toBeLessThanOrEqual(8);
    expect(signs).toBeLessThanOrEqual(10);
    // What was said of it rules its first sitting: the 4.01 first, then the 7.01.
    await startCheck(page, 'Check pH', '20');
    await expectHeading(page, /dip in the 4\.01/);
    await shows(page, '4.02');
    await expectHeading(page, /dip in the 7\.01/);
  });

  test('digits typed with nothing in focus go to the field, never to a place', async ({ page }) => {
    await page.setViewportSize({ width: 1280, height: 800 });
    await openAt(page);
    await addPen(page, /pH, two points/, 'P1');
    await startCheck(page, 'Check', '20');
    await page.locator('input[data-takes-digits]').blur();
    await page.keyboard.type('4.02');
    await expectHeading(page, /dip in the 7\.00/);
    await expect(page.getByRole('textbox', { name: /^Shows/ })).toHaveValue('4.02');
    // Enter does the main thing.
    await page.getByRole('textbox', { name: /^Shows/ }).fill('7.03');
    await page.keyboard.press('Enter');
    await expectHeading(page, /dip in the 4\.01/);
  });

  test('on a slow phone digits typed at once stand in the order they were typed', async ({
    page,
  }) => {
    await openAt(page);
    await addPen(page, /pH, two points/, 'P1');
    const cups = page.locator('input[data-takes-digits]');
    for (let time = 0; time < 6; time += 1) {
      await goTo(page, 'Round');
      await slowDown(page, 5);
      await page.getByRole('link', { name: /^P1/ }).first().click();
      await type(page, '20');
      await slowDown(page, 1);
      await expect(cups).toHaveValue('20');
      await cups.fill('');
    }
  });
});
