import { test, type Page } from '@playwright/test';
import { expect } from './support/expect';
import { unzipSync } from 'fflate';
import ICAL from 'ical.js';
import { readFileSync } from 'node:fs';
import Papa from 'papaparse';
import { demoUrl, goTo, press } from './support/grower';

/** Presses Save and answers the file: its name and its bytes. */
async function saved(page: Page): Promise<{ name: string; bytes: Buffer }> {
  const coming = page.waitForEvent('download');
  await press(page, 'Save the file');
  const download = await coming;
  return { name: download.suggestedFilename(), bytes: readFileSync((await download.path())!) };
}

test('what the Book shows leaves as CSV, with a decimal comma; all of it as a package; due days as a calendar', async ({
  page,
}) => {
  await page.goto(demoUrl());
  await goTo(page, 'Book');
  await press(page, 'Filter');
  await page.getByLabel('Pen', { exact: true }).selectOption({ label: 'P4 Trim screw' });
  await page.getByLabel('What', { exact: true }).selectOption({ label: 'Checks' });
  await expect(page.getByText('Checks · P4 Trim screw')).toBeVisible();
  await press(page, 'Take out');
  await expect(page.getByText('Only what the Book shows: Checks · P4 Trim screw.')).toBeVisible();
  await page.getByRole('radio', { name: 'with a comma' }).click();
  const csv = await saved(page);
  expect(csv.name).toMatch(/^checks-\d{4}-\d\d-\d\d\.csv$/);
  const { data } = Papa.parse<Record<string, string>>(csv.bytes.toString('utf8').trim(), {
    header: true,
  });
  expect(new Set(data.map((row) => row.pen))).toEqual(new Set(['P4']));
  expect(data[0]!['shown [in its scale]']).toMatch(/^\d+(,\d+)?$/);
  expect(data[0]!['finished at']).toMatch(/^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d[+-]\d\d:\d\d$/);

  await page.getByRole('radio', { name: /^all tables/ }).click();
  const zip = await saved(page);
  expect(zip.name).toMatch(/\.zip$/);
  const held = Object.keys(unzipSync(zip.bytes));
  expect(held).toContain('datapackage.json');
  expect(held).toContain('data/checks.csv');

  await page.getByRole('radio', { name: /^a calendar/ }).click();
  const ics = await saved(page);
  const events = new ICAL.Component(ICAL.parse(ics.bytes.toString('utf8'))).getAllSubcomponents(
    'vevent',
  );
  const titles = events.map((event) => new ICAL.Event(event).summary);
  expect(titles).toContainEqual(expect.stringMatching(/^Check P4, pH$/));
  await expect(page.getByText(/^due-.*\.ics is in the downloads\.$/)).toBeVisible();
});
