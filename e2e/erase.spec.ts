import { test } from '@playwright/test';
import { expect } from './support/expect';
import { openAt } from './support/bench';
import { addPen, addTank, expectHeading, goTo, press } from './support/grower';

const OLD = [
  'when,tank,pH',
  '2019-03-01 07:40,Basil,6.1',
  '2019-03-02 07:40,Basil,6.2',
  '2022-06-01 07:40,Basil,6.3',
  '2026-05-01 07:40,Basil,6.4',
].join('\n');

test('old entries go for good: only after their years, only after a copy, asked once more; no file brings them back', async ({
  page,
}) => {
  await openAt(page);
  await addPen(page, /pH, two points/, 'P1');
  await addTank(page, 'Basil', 'basil');
  await page.getByRole('link', { name: 'Settings' }).click();
  await press(page, 'Move or keep the book');
  await press(page, 'Erase for good');
  await expectHeading(page, 'Erase for good');
  await expect(page.getByText('Nothing here is older than that.')).toBeVisible();
  await page.goto(new URL('/take-in', page.url()).href);
  const table = { name: 'old.csv', mimeType: 'text/csv', buffer: Buffer.from(OLD) };
  await page.setInputFiles('input[type=file]', table);
  await press(page, 'Take in 4 readings');
  await expect(page.getByText('4 readings are in the book.')).toBeVisible();

  await page.goto(new URL('/erase', page.url()).href);
  await expect(page.getByText('3 entries would go: 3 readings.')).toBeVisible();
  await page.getByLabel('and before').selectOption({ label: '1 Jan 2020' });
  await expect(page.getByText('2 entries would go: 2 readings.')).toBeVisible();
  // Without a copy there is nothing to press but the copy.
  await expect(page.getByRole('button', { name: /^Erase 2/ })).toHaveCount(0);
  const saving = page.waitForEvent('download');
  await press(page, 'Save a copy first');
  const copy = await (await saving).path();
  await press(page, 'Erase 2 entries');
  await press(page, 'No, leave them');
  await press(page, 'Erase 2 entries');
  await page.getByRole('button', { name: 'Yes, erase for good' }).dblclick();
  await expect(page.getByText('2 entries are erased.')).toBeVisible();
  await expect(page.getByText('2 entries before 1 Jan 2020.')).toBeVisible();
  await expect(page.getByText('Erased on 20 May 2026')).toBeVisible();
  // What is left of that age goes too; what was done stands there still.
  await page.getByLabel('and before').selectOption({ label: '20 May 2023, 3 years ago' });
  await press(page, 'Erase 1 entry');
  await press(page, 'Yes, erase for good');
  await expect(page.getByText('Nothing here is older than that.')).toBeVisible();
  await expect(page.getByText('1 entry is erased.')).toBeVisible();

  // The copy and the table are taken in again: nothing of it comes back.
  await page.goto(new URL('/book-file', page.url()).href);
  await page.setInputFiles('input[type=file]', copy);
  await expect(page.getByText('3 entries of it were erased: not taken in.')).toBeVisible();
  await expect(page.getByText('All else is here already.')).toBeVisible();
  await page.goto(new URL('/take-in', page.url()).href);
  await page.setInputFiles('input[type=file]', table);
  await expect(page.getByText('Erased for good: 3 rows')).toBeVisible();
  await goTo(page, 'Book');
  await expect(page.getByText('1 Mar 2019')).toHaveCount(0);
  await expect(page.getByText('1 Jun 2022')).toHaveCount(0);
  await expect(page.getByText('1 May 2026')).toBeVisible();
});
