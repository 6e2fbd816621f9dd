import type { Page } from '@playwright/test';
import { expect } from './expect';
import { readFileSync } from 'node:fs';
import { press } from './grower';

/** Saves the book as a file and answers its text. */
export async function saveFile(page: Page): Promise<string> {
  await page.goto(`${new URL(page.url()).origin}/book-file`);
  const coming = page.waitForEvent('download');
  await press(page, 'Save the book as a file');
  const download = await coming;
  expect(download.suggestedFilename()).toMatch(/\.zolder\.json$/);
  return readFileSync((await download.path())!, 'utf8');
}

/** Chooses a file with this text. */
export async function choose(page: Page, text: string): Promise<void> {
  await page.goto(`${new URL(page.url()).origin}/book-file`);
  await page.getByLabel('A .zolder.json file').setInputFiles({
    name: 'x.zolder.json',
    mimeType: 'application/json',
    buffer: Buffer.from(text),
  });
}

export async function take(page: Page, text: string): Promise<void> {
  await choose(page, text);
  await press(page, 'Take it in');
  await expect(page.getByText(/^Taken in\./)).toBeVisible();
}
