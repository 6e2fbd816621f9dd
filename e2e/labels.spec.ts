import { chromium, test, type Page } from '@playwright/test';
import { spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, readdirSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { decodeQRBatch } from 'qr/decode.js';
import { findPdftotext, findZbarimg } from '../scripts/chromium.mjs';
import { BROWSER_ARGS } from './support/browserArgs';
import { filmOf } from './support/camera';
import { expect } from './support/expect';
import { demoUrl, expectHeading, goTo, press } from './support/grower';

const folder = mkdtempSync(join(tmpdir(), 'zolder-labels-'));

/** The pictures of the printed pages at 300 dpi, grey, as PGM. */
function picturesOf(pdf: Buffer): readonly string[] {
  const made = mkdtempSync(join(folder, 'sheet-'));
  const args = ['-r', '300', '-gray', '-', join(made, 'page')];
  const { status, stderr } = spawnSync('pdftoppm', args, { input: pdf });
  if (status !== 0) throw new Error(String(stderr));
  return readdirSync(made).map((name) => join(made, name));
}

/** What stands in the codes of a picture, by a reader that is not the app's own where it is here. */
async function codesIn(file: string): Promise<readonly string[]> {
  if (findZbarimg()) {
    const { stdout } = spawnSync('zbarimg', ['--raw', '-q', file]);
    return String(stdout).trim().split('\n');
  }
  const bytes = readFileSync(file);
  const [, width = 0, height = 0] = /^P5\s+(\d+)\s+(\d+)\s+255\s/
    .exec(bytes.toString('latin1', 0, 40))!
    .map(Number);
  const grey = bytes.subarray(bytes.length - width * height);
  const data = new Uint8ClampedArray(width * height * 4);
  grey.forEach((value, at) => data.fill(value, at * 4, at * 4 + 4));
  const [found = []] = await decodeQRBatch([{ data, width, height }]);
  return found.filter((one) => typeof one === 'string');
}

/** The short codes that stand on the sheet in letters. */
const lettersOn = (page: Page) => page.locator('.labels small').allTextContents();

test('a sheet of labels: every code on paper leads to what its letters say, in each size', async ({
  page,
}) => {
  await page.goto(`${demoUrl()}/tanks`);
  await press(page, 'Print labels');
  await expectHeading(page, 'Labels');
  await expect(page.getByText(/this computer alone/)).toBeVisible();
  const letters = await lettersOn(page);
  expect(letters.length).toBeGreaterThan(5);
  const links = letters.map((code) => `${demoUrl().toUpperCase()}/L/${code}`).sort();
  if (findPdftotext())
    for (const size of [/^small/, /^medium/, /^large/]) {
      await page.getByRole('radio', { name: size }).click();
      const pages = picturesOf(await page.pdf({ preferCSSPageSize: true }));
      const found = await Promise.all(pages.map(codesIn));
      expect(found.flat().sort()).toEqual(links);
    }
  // Of pens and bottles too; one that is not wanted is left out.
  await page.getByRole('radio', { name: 'pens', exact: true }).click();
  const pens = (await lettersOn(page)).length;
  await page.getByRole('checkbox', { name: /P1/ }).first().click();
  expect(await lettersOn(page)).toHaveLength(pens - 1);
  await press(page, 'none');
  await expect(page.getByRole('button', { name: 'Print, or save as PDF' })).toBeDisabled();
  await page.getByRole('radio', { name: 'bottles and sachets' }).click();
  expect((await lettersOn(page)).length).toBeGreaterThan(3);
});

test('a label opens its page: a tank’s Read, by its address, by the typed code, by the camera', async ({
  page,
}) => {
  test.setTimeout(90_000);
  await page.goto(`${demoUrl()}/labels?what=tank`);
  const first = page.locator('.labels li').first();
  const code = (await first.locator('small').textContent()) ?? '';
  const name = (await first.locator('span').textContent()) ?? '';
  await page.goto(`${demoUrl()}/L/${code}`);
  await expectHeading(page, new RegExp(name));
  await expect(page.getByLabel('pH', { exact: true })).toBeVisible();

  await goTo(page, 'Round');
  await press(page, 'Scan a label');
  await page.getByLabel('Or type the code of the label').fill('12');
  await press(page, 'Open');
  await expect(page.getByText(/five letters and digits, such as/)).toBeVisible();
  await page.getByLabel('Or type the code of the label').fill(code.toLowerCase());
  await press(page, 'Open');
  await expectHeading(page, new RegExp(name));

  await page.goto(`${demoUrl()}/L/ZZZZZ`);
  await expect(page.getByText('Nothing in this book has the code ZZZZZ.')).toBeVisible();

  // A browser whose camera sees the label.
  const film = join(folder, 'label.y4m');
  filmOf(`${demoUrl().toUpperCase()}/L/${code}`, film);
  const browser = await chromium.launch({
    executablePath: process.env.ZOLDER_CHROMIUM,
    args: [
      ...BROWSER_ARGS,
      '--use-fake-device-for-media-stream',
      '--use-fake-ui-for-media-stream',
      `--use-file-for-fake-video-capture=${film}`,
    ],
  });
  const context = await browser.newContext({ permissions: ['camera'] });
  const seeing = await context.newPage();
  await seeing.goto(`${demoUrl()}/scan`);
  await press(seeing, 'Use the camera');
  await expectHeading(seeing, new RegExp(name));
  await expect(seeing.getByLabel('pH', { exact: true })).toBeVisible();
  await browser.close();
});
