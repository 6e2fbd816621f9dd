import { chromium, expect, test, type Browser } from '@playwright/test';
import { spawn, type ChildProcess } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import {
  addPen,
  addTank,
  dip,
  expectHeading,
  goTo,
  ownUrl,
  press,
  startCheck,
  typeReading,
} from './support/grower';

/** A Chromium of our own that can be killed with everything it started. */
async function start(profile: string): Promise<{ browser: Browser; process: ChildProcess }> {
  const child = spawn(
    process.env.ZOLDER_CHROMIUM ?? 'chromium',
    [
      '--headless=new',
      '--no-sandbox',
      '--disable-gpu',
      '--disable-background-networking',
      '--no-first-run',
      '--remote-debugging-port=0',
      `--user-data-dir=${profile}`,
    ],
    { detached: true, stdio: ['ignore', 'ignore', 'pipe'] },
  );
  const address = await new Promise<string>((resolve, reject) => {
    child.stderr?.on('data', (data) => {
      const found = /ws:\/\/\S+/.exec(String(data))?.[0];
      if (found) resolve(found);
    });
    child.on('exit', () => reject(new Error('Chromium ended before it was ready')));
  });
  return { browser: await chromium.connectOverCDP(address), process: child };
}

const pageOf = (browser: Browser) => browser.contexts()[0]!.newPage();

test('what the screen acknowledged survives a killed browser, an open sitting included', async () => {
  const profile = mkdtempSync(join(tmpdir(), 'zolder-kill-'));
  try {
    const first = await start(profile);
    const page = await pageOf(first.browser);
    await page.goto(ownUrl());
    await addTank(page, 'Basil', 'basil');
    await addPen(page, /pH, two points/, 'P1');
    await startCheck(page, 'Check', '20');
    await dip(page, '7.00', '7.03');
    await expectHeading(page, /dip in the 4\.01/);
    await goTo(page, 'Tanks');
    await page.getByRole('link', { name: /Basil/ }).click();
    await press(page, 'Read');
    await typeReading(page, { ph: '6.12' });
    await press(page, 'Save');
    await expectHeading(page, 'Saved · Basil');
    process.kill(-first.process.pid!, 'SIGKILL');
    await new Promise((resolve) => first.process.once('exit', resolve));

    const second = await start(profile);
    const again = await pageOf(second.browser);
    await again.goto(ownUrl());
    await goTo(again, 'Tanks');
    await expect(again.getByRole('link', { name: /Basil .*pH 6\.12/ })).toBeVisible();
    await goTo(again, 'Pens');
    await again.getByRole('link', { name: /^P1/ }).click();
    await press(again, 'Check');
    await expectHeading(again, /dip in the 4\.01/);
    process.kill(-second.process.pid!, 'SIGKILL');
  } finally {
    rmSync(profile, { recursive: true, force: true, maxRetries: 5 });
  }
});
