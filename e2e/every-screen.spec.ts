import { test, type Page } from '@playwright/test';
import { expect } from './support/expect';
import { expectAccessible } from './support/accessible';
import { expectPlainText } from './support/plainText';
import { demoUrl, dip, expectHeading, goTo, ownUrl, press, typeReading } from './support/grower';
import { fits } from './support/fits';

const row = (name: RegExp) => (page: Page) => page.getByRole('link', { name }).first().click();
const at =
  (place: string, ...then: ((page: Page) => Promise<void>)[]) =>
  async (page: Page) => {
    await goTo(page, place);
    for (const step of then) await step(page);
  };

/** Into a sitting with P1, as far as the dips given. */
const bench = (...shown: [cup: string, value: string][]) =>
  at('Pens', row(/^P1/), async (page) => {
    await press(page, 'Check pH');
    await expectHeading(page, /^Check P1|dip in/);
    // A sitting left open by the screen before is gone on with.
    if (await page.getByLabel('Cups, °C').isVisible()) {
      await page.getByLabel('Cups, °C').fill('20');
      await press(page, 'Start with as found');
    }
    for (const [cup, value] of shown) await dip(page, cup, value);
  });

async function saved(page: Page): Promise<void> {
  await row(/Basil tables/)(page);
  await typeReading(page, { ph: '5.75', ec: '1.1', temp: '21' });
  await press(page, 'Save');
  const keep = page.getByRole('button', { name: 'Keep it' });
  await expect(page.getByRole('heading', { level: 1, name: /^Saved/ }).or(keep)).toBeVisible();
  if (await keep.isVisible()) await keep.click();
  await expectHeading(page, /^Saved/);
}

/** From a tank's page into its form, and on. */
const edit = (button: string) =>
  at(
    'Tanks',
    row(/Mint trough/),
    (page) => press(page, 'Change the tank'),
    (page) => press(page, button),
  );

/** From a tank's page into its dose, and on. */
const dosing = (button: string) =>
  at(
    'Tanks',
    row(/Mint trough/),
    (page) => press(page, 'Dose'),
    (page) => page.getByRole('button', { name: button }).first().click(),
  );

/** Every screen and the way to it from the Round. */
const SCREENS: Readonly<Record<string, (page: Page) => Promise<void>>> = {
  round: async () => undefined,
  read: row(/Basil tables/),
  tanks: at('Tanks'),
  tank: at('Tanks', row(/Mint trough/)),
  'tank form': at('Tanks', row(/Mint trough/), (page) => press(page, 'Change the tank')),
  pens: at('Pens'),
  pen: at('Pens', row(/^P4/)),
  'pen form': at('Pens', (page) => press(page, 'Add a pen')),
  'bench, preparing': at('Pens', row(/^P4/), (page) => press(page, 'Check')),
  'bench, a dip': bench(),
  'bench, found out of tolerance': bench(['7.00', '7.09'], ['4.01', '4.08']),
  'a saved reading': saved,
  shelf: at('Shelf'),
  lot: at('Shelf', row(/10\.01 buffer/)),
  'lot form': at('Shelf', row(/10\.01 buffer/), (page) => press(page, 'Change')),
  dose: at('Tanks', row(/Mint trough/), (page) => press(page, 'Dose')),
  water: at('Tanks', row(/Mint trough/), (page) => press(page, 'Top up')),
  'tank order': at('Tanks', (page) => press(page, 'Order of the Round')),
  waters: at('Tanks', (page) => press(page, 'Waters')),
  'water form': at('Tanks', (page) => press(page, 'Waters'), row(/town water/)),
  'plan of the crop': edit('Plan of the crop'),
  'a place without a tank': at('Tanks', (page) => press(page, 'A pot, bed, slab or drain')),
  'bands of samples': edit('Bands of drain, dripper, substrate'),
  'the coefficient': edit('Measure its coefficient'),
  'jar test': dosing('Jar test'),
  'EC by stock or water': dosing('EC: stock or water'),
  'what a tank taught': dosing('What this tank taught'),
  'why this much': dosing('Why this much?'),
  products: at('Shelf', (page) => press(page, 'pH products')),
  'product form': at(
    'Shelf',
    (page) => press(page, 'pH products'),
    (page) => press(page, 'Add a product'),
  ),
  'house control': at('Pens', row(/^P1/), (page) => press(page, 'House control')),
  probes: at('Pens', row(/^P1/), (page) => press(page, 'Probes')),
  care: at('Pens', row(/^P1/), (page) => press(page, 'Care')),
  'a care card': at('Pens', row(/^P1/), (page) => press(page, 'Care'), row(/Oil on the bulb/)),
  'look-back': at('Pens', row(/^P4/), (page) => press(page, /^Look back: /)),
  'book file': at('Settings', (page) => press(page, 'Move or keep the book')),
  'pens compared': at('Pens', row(/^P4/), (page) => press(page, 'Compare with another pen')),
  book: at('Book'),
  'the Book’s filter': at('Book', (page) => press(page, 'Filter')),
  'a document': at('Book', (page) => press(page, 'Print')),
  'taking in': at('Book', (page) => press(page, 'Take in')),
  erasing: at(
    'Settings',
    (page) => press(page, 'Move or keep the book'),
    (page) => press(page, 'Erase for good'),
  ),
  'taking out': at('Book', (page) => press(page, 'Take out')),
  'a check’s record': at('Book', row(/P1\spH checked/)),
  'an entry': at('Book', row(/Basil tables/)),
  'amending an entry': at('Book', row(/Basil tables/), (page) => press(page, 'Amend')),
  'voiding an entry': at('Book', row(/Basil tables/), (page) => press(page, 'Void')),
  'state of the book': at('Settings', (page) => press(page, 'State of the book')),
  settings: at('Settings'),
  phones: at('Settings', (page) => press(page, 'Phones')),
  together: at('Settings', (page) => press(page, 'Together')),
  labels: at('Tanks', (page) => press(page, 'Print labels')),
  'scanning a label': (page) => press(page, 'Scan a label'),
  help: at('Help'),
  practice: at('Practice'),
  'practice bench': at('Practice', row(/Hard water/), (page) => press(page, 'More')),
  'practice, ended': at(
    'Practice',
    row(/Not too early/),
    (page) => press(page, 'Take the cap off'),
    (page) => press(page, 'Finish'),
    (page) => expect(page.getByText('Kept with your results.')).toBeVisible(),
  ),
  'practice, why': at('Practice', (page) => press(page, 'Why is that so?')),
};

async function judge(page: Page, theme: string): Promise<void> {
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  // The dark is the same page in other colours: only its contrast is judged anew.
  await expectAccessible(page, theme, theme.includes('lights-out') ? 'contrast' : 'all');
  if (!theme.includes('lights-out')) await expectPlainText(page, theme);
  await fits(page);
}

/** Puts the other theme on, as the switch in the head does. */
const wear = (page: Page, theme: 'day' | 'lightsOut') =>
  page.evaluate((name) => {
    document.documentElement.dataset.theme = name;
  }, theme);

const MAIN_VIEWS = ['round', 'read', 'tanks', 'tank', 'pens', 'pen', 'dose', 'shelf', 'book'];

/** So many screens share one browser: the demo is made once for them. */
const TOGETHER = 6;
const names = Object.keys(SCREENS);
const groups = Array.from({ length: Math.ceil(names.length / TOGETHER) }, (_, at) =>
  names.slice(at * TOGETHER, (at + 1) * TOGETHER),
);

const PHONE = { width: 390, height: 844 };
const WIDE = { width: 1280, height: 800 };

for (const group of groups) {
  test(`on a phone and wide, by day and lights-out: ${group.join(', ')}`, async ({ page }) => {
    test.setTimeout(120_000);
    await page.goto(demoUrl());
    for (const name of group) {
      await page.setViewportSize(PHONE);
      await goTo(page, 'Round');
      await expect(page.getByText(/stops done/)).toBeVisible();
      await SCREENS[name]!(page);
      await judge(page, `${name}, day`);
      await wear(page, 'lightsOut');
      await judge(page, `${name}, lights-out`);
      await wear(page, 'day');
      // Forms and cards are one column at either size: wide, they must fit.
      await page.setViewportSize(WIDE);
      if (MAIN_VIEWS.includes(name)) await judge(page, `${name}, wide`);
      else await fits(page);
    }
  });
}

test('an empty book is accessible by day and lights-out, and fits', async ({ page }) => {
  await page.goto(ownUrl());
  await expectHeading(page, 'Your round starts here.');
  await judge(page, 'day');
  await page.getByRole('switch', { name: 'Lights-out' }).click();
  await judge(page, 'lights-out');
});
