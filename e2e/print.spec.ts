import { test, type Page } from '@playwright/test';
import { expect } from './support/expect';
import { spawnSync } from 'node:child_process';
import { findPdftotext } from '../scripts/chromium.mjs';
import { expectAccessible } from './support/accessible';
import { demoUrl, expectHeading, goTo, press } from './support/grower';
import { fits } from './support/fits';

/** What the browser's print window would put on paper, as text, page by page, and how large a page is. */
async function printed(page: Page): Promise<{ pages: string[]; pdf: Buffer }> {
  const pdf = await page.pdf({ preferCSSPageSize: true });
  if (!findPdftotext()) {
    await page.emulateMedia({ media: 'print' });
    const text = await page.locator('body').innerText();
    await page.emulateMedia({ media: null });
    return { pages: [text], pdf };
  }
  const { stdout } = spawnSync('pdftotext', ['-layout', '-', '-'], { input: pdf });
  return {
    pages: stdout
      .toString('utf8')
      .split('\f')
      .filter((text) => text.trim()),
    pdf,
  };
}

/** Width and height of the first page, in points. */
const sizeOf = (pdf: Buffer) =>
  /\/MediaBox ?\[ ?0 0 ([\d.]+) ([\d.]+) ?\]/
    .exec(pdf.toString('latin1'))!
    .slice(1)
    .map((points) => Math.round(Number(points)));

test('“show me three years of device 4”: from the pen to a document with pages, lots and a place to sign', async ({
  page,
}) => {
  await page.goto(demoUrl());
  await goTo(page, 'Pens');
  await page.getByRole('link', { name: /^P4/ }).click();
  await press(page, 'Its record on paper');
  const sheet = page.getByRole('article', { name: 'Checks of pen P4' });
  await expect(sheet.getByText('KG-004')).toBeVisible();
  await expectAccessible(page, 'print');
  await fits(page);
  const { pages, pdf } = await printed(page);
  const text = pages.join('\n');
  for (const said of ['Checks of pen P4', 'KG-004', 'As found', 'A-', 'Checked and signed'])
    expect(text).toContain(said);
  expect(text).toContain('Keep this record for at least 3 years');
  expect(text).toContain('Made-up data of the demo');
  // The app around it stays on the screen.
  for (const around of ['Round', 'Paper', 'Print, or save', 'mixing'])
    expect(text).not.toContain(around);
  expect(sizeOf(pdf)).toEqual([595, 842]);
  if (findPdftotext()) expect(pages[0]).toContain(`page 1 of ${pages.length}`);
  await page.getByRole('radio', { name: 'Letter' }).click();
  expect(sizeOf((await printed(page)).pdf)).toEqual([612, 792]);
});

test('all pens, a tank’s month, and days that cannot be', async ({ page }) => {
  await page.goto(demoUrl());
  await goTo(page, 'Book');
  await press(page, 'Print');
  await expect(page.getByRole('article')).toBeVisible();
  const { pages } = await printed(page);
  for (const code of ['P1', 'P2', 'P3', 'P4']) expect(pages.join('\n')).toContain(`Pen ${code},`);
  // The head of a table stands on the sheets it runs over.
  if (pages.length > 2)
    expect(pages.filter((text) => /When, by/.test(text)).length).toBeGreaterThan(2);
  await page.getByRole('radio', { name: 'a tank or place over a period' }).click();
  await page.getByLabel('Tank or place', { exact: true }).selectOption({ label: 'Basil tables' });
  await expect(
    page.getByRole('article', { name: 'Basil tables: readings and doses' }),
  ).toBeVisible();
  await page.getByRole('textbox', { name: 'To day' }).fill('2001-01-01');
  await expect(page.getByText('Lies before the first day.')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Print, or save as PDF' })).toBeDisabled();
  await page.getByRole('textbox', { name: 'To day' }).fill('some day');
  await expect(page.getByText('A day, like 2026-07-31.')).toBeVisible();
});

test('one check is printed with every try; its amendment stands in it', async ({ page }) => {
  await page.goto(demoUrl());
  await goTo(page, 'Book');
  await page
    .getByRole('link', { name: /P1\spH checked/ })
    .first()
    .click();
  await press(page, 'Amend');
  await page.getByLabel('Note').fill('Read in the packing room');
  await page.getByLabel('Why?').fill('forgot to write it');
  await press(page, 'Amend the entry');
  await expectHeading(page, 'Check · P1');
  await press(page, 'Print');
  await expect(page.getByRole('article', { name: 'Record of a check, pen P1' })).toBeVisible();
  const text = (await printed(page)).pages.join('\n').replaceAll(/\s+/g, ' ');
  for (const said of ['as found', 'Read in the packing room', 'forgot to write it', 'Tolerance'])
    expect(text).toContain(said);
});
