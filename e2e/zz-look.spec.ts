import { test } from '@playwright/test';
import { mkdtempSync } from 'node:fs';
import { servePhones } from '../scripts/serve.mjs';
test.use({
  ignoreHTTPSErrors: true,
  launchOptions: {
    executablePath: process.env.ZOLDER_CHROMIUM,
    args: ['--no-sandbox', '--disable-gpu', '--host-resolver-rules=MAP *.local 127.0.0.1'],
  },
});
test('look', async ({ page }) => {
  test.setTimeout(120_000);
  const server = await servePhones({ house: mkdtempSync('/tmp/zh-'), own: false });
  const help = /open there: (\S+)/.exec(server.said())![1]!;
  console.log(server.url, help);
  const shot = async (name: string) => {
    await page.waitForTimeout(700);
    await page.screenshot({ path: `/tmp/look/${name}.png`, fullPage: true });
  };
  await page.goto(help);
  await page.waitForTimeout(3500);
  await shot('help-phone');
  await page.setViewportSize({ width: 1280, height: 800 });
  await shot('help-wide');
  await page.emulateMedia({ colorScheme: 'dark' });
  await page.setViewportSize({ width: 390, height: 844 });
  await page.locator('summary').nth(0).click();
  await shot('help-dark');
  await page.goto(`${help}/old-book`);
  await page.waitForTimeout(2000);
  await shot('take-along');
  await page.goto(`${server.url}/phones`);
  await page.waitForTimeout(5000);
  await shot('phones-phone');
  await page.setViewportSize({ width: 1280, height: 800 });
  await shot('phones-wide');
  server.stop();
});
