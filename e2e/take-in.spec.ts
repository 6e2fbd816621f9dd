import { readFileSync } from 'node:fs';
import { test, type Page } from '@playwright/test';
import { expect } from './support/expect';
import { openAt } from './support/bench';
import { addPen, addTank, expectHeading, goTo, press } from './support/grower';
import { bookedOnceInTrouble } from './support/trouble';

/** A logger abroad: a preamble, semicolons, decimal commas, the day first, °F in its head. */
const LOGGER = [
  'Logger 4;;;;;',
  'Datum;Zeit;Ort;pH;EC [µS/cm];Temp °F',
  '13.04.2026;07:40;Basil;5,86;1460;70,7',
  '13.04.2026;08:40;Basil;5,90;1455;70,7',
  '13.04.2026;08:40;North wall;6,10;1210;69,8',
  '13.04.2026;09:40;Basil;58,6;1450;70,7',
].join('\r\n');

const choose = (page: Page, name: string, text: string) =>
  page.setInputFiles('input[type=file]', {
    name,
    mimeType: 'text/csv',
    buffer: Buffer.from(text),
  });

test('a logger’s file with decimal commas and °F: seen first, taken in once, known again, taken back', async ({
  page,
}) => {
  await openAt(page);
  await addPen(page, /pH and EC in one body/, 'P1');
  await addTank(page, 'Basil', 'basil');
  await goTo(page, 'Pens');
  await page.goto(new URL('/take-in', page.url()).href);
  await expectHeading(page, 'Take in');
  await choose(page, 'picture.csv', 'nothing');
  await expect(page.getByText('The file is no table: it has a single column.')).toBeVisible();
  await choose(page, 'logger4.csv', LOGGER);
  await expect(page.getByText('logger4.csv: 4 rows.')).toBeVisible();
  await expect(
    page.getByText('Cells parted by semicolons, decimals with a comma, dates as day, month, year.'),
  ).toBeVisible();
  await expect(page.getByText('EC is in µS/cm. Temperature is in °F.')).toBeVisible();
  await expect(page.getByText('2 readings can be taken in.')).toBeVisible();
  await expect(page.getByText('Line 5: No place is chosen for “North wall”.')).toBeVisible();
  await expect(page.getByText('Line 6: 58.6 in pH is not between 0 and 14.')).toBeVisible();
  // A place that is not here is made with the rest, once it is described.
  await page.getByLabel('Place “North wall” is').selectOption('make');
  await expect(page.getByText('How much does it hold?')).toBeVisible();
  await page.getByLabel('Volume of North wall').fill('80');
  await page.getByLabel('Bands of North wall').selectOption({ label: 'mint' });
  await expect(page.getByText('3 readings can be taken in.')).toBeVisible();
  // What is not taken in is a file of its own, with line and reason.
  const saving = page.waitForEvent('download');
  await press(page, 'Save these rows as a file');
  const rejected = readFileSync(await (await saving).path(), 'utf8').split('\r\n');
  expect(rejected[1]).toBe(
    '13.04.2026;09:40;Basil;58,6;1450;70,7;6;58.6 in pH is not between 0 and 14.',
  );
  // Two taps are one.
  await page.getByRole('button', { name: 'Take in 3 readings' }).dblclick();
  await expect(page.getByText('3 readings are in the book.')).toBeVisible();
  await goTo(page, 'Tanks');
  await expect(page.getByRole('link', { name: /North wall/ })).toBeVisible();
  await page.getByRole('link', { name: /Basil/ }).first().click();
  await expect(page.getByText(/1\.4[56]/).first()).toBeVisible();
  await goTo(page, 'Book');
  await expect(page.getByText('21.5 °C').first()).toBeVisible();
  // The same file again, days later and after a reload: every row is known.
  await page.goto(new URL('/take-in', page.url()).href);
  await choose(page, 'logger4.csv', LOGGER);
  await expect(page.getByText('Read as the last table with these columns was.')).toBeVisible();
  await expect(page.getByText('Nothing of it can be taken in as it stands.')).toBeVisible();
  await expect(page.getByText('3 rows are in the book already and are passed by.')).toBeVisible();
  await expect(page.getByRole('button', { name: /^Take in/ })).toHaveCount(0);
  await page.reload();
  await press(page, 'Take logger4.csv back');
  await expect(page.getByText('It is taken back. Nothing of it counts any more.')).toBeVisible();
  await goTo(page, 'Tanks');
  await expect(page.getByRole('link', { name: /Basil/ })).toBeVisible();
  await expect(page.getByRole('link', { name: /North wall/ })).toHaveCount(0);
});

test('an old log of checks makes drift and due days; dates of two kinds are asked about', async ({
  page,
}) => {
  await openAt(page);
  await addPen(page, /pH, two points/, 'P1');
  await page.goto(new URL('/take-in', page.url()).href);
  const log = (days: readonly string[]) =>
    [
      'Date,Device,Buffer,As found,As left',
      ...days.flatMap((day) => [`${day},P1,7.00,7.12,7.00`, `${day},P1,4.01,4.10,4.01`]),
    ].join('\n');
  await choose(page, 'log.csv', log(['02/03/2026', '03/04/2026']));
  await expect(page.getByText(/These dates could be read in two ways/)).toBeVisible();
  await page.getByLabel('Dates').selectOption('dmy');
  await expect(page.getByText('From 2 Mar 2026 to 3 Apr 2026.')).toBeVisible();
  await page.getByLabel('Dates').selectOption('mdy');
  await expect(page.getByText('From 3 Feb 2026 to 4 Mar 2026.')).toBeVisible();
  await expect(page.getByText('pH: P1 is adjusted and holds.').first()).toBeVisible();
  await press(page, 'Take in 2 checks');
  await expect(page.getByText('2 checks are in the book.')).toBeVisible();
  await press(page, 'Undo');
  await expect(page.getByText(/Taken back/)).toBeVisible();
  await choose(page, 'log.csv', log(['02/03/2026', '03/04/2026']));
  await press(page, 'Take in 2 checks');
  await goTo(page, 'Pens');
  await page.getByRole('link', { name: /^P1/ }).click();
  await expect(page.getByText(/4 Mar|Wed 4 Mar/).first()).toBeVisible();
});

test('a table is taken in once: full disk, no network, two taps; a reading of it can be stopped', async ({
  page,
}) => {
  test.slow();
  await openAt(page);
  await addPen(page, /pH and EC in one body/, 'P1');
  await addTank(page, 'Basil', 'basil');
  await page.goto(new URL('/take-in', page.url()).href);
  await choose(page, 'logger4.csv', LOGGER.replaceAll('North wall', 'Basil'));
  await expect(page.getByText('3 readings can be taken in.')).toBeVisible();
  await bookedOnceInTrouble(page, { button: 'Take in 3 readings', kind: 'reading', writes: 3 });
  await expect(page.getByText('3 readings are in the book.')).toBeVisible();
  const long = Array.from({ length: 60_000 }, (_, at) => `2026-04-01 07:40:${at % 60},Basil,5.9`);
  await choose(page, 'long.csv', ['when,tank,pH', ...long].join('\n'));
  await press(page, 'Stop reading');
  await expect(page.getByRole('button', { name: /^Take in/ })).toHaveCount(0);
  await press(page, 'Read the table');
  await expect(page.getByRole('button', { name: /^Take in \d/ })).toBeVisible({ timeout: 20_000 });
});
