import { test } from '@playwright/test';
import { expect } from './support/expect';
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
import {
  kill,
  lossesIn,
  pageOf,
  startChromium,
  writeAndKill,
  type Moment,
} from './support/killing';

const newProfile = () => mkdtempSync(join(tmpdir(), 'zolder-kill-'));
const forget = (profile: string) =>
  rmSync(profile, { recursive: true, force: true, maxRetries: 5 });

test('what the screen acknowledged survives a killed browser, an open sitting included', async () => {
  const profile = newProfile();
  try {
    const first = await startChromium(profile);
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
    await kill(first.process);

    const second = await startChromium(profile);
    const again = await pageOf(second.browser);
    await again.goto(ownUrl());
    await goTo(again, 'Tanks');
    await expect(again.getByRole('link', { name: /Basil .*pH\s6\.1/ })).toBeVisible();
    await goTo(again, 'Pens');
    await again.getByRole('link', { name: /^P1/ }).click();
    await press(again, 'Check');
    await expectHeading(again, /dip in the 4\.01/);
    await kill(second.process);
  } finally {
    forget(profile);
  }
});

/** One of each; all of `npm run kills`, which kills 80 times. */
function killMoments(): readonly Moment[] {
  if (process.env.ZOLDER_KILLS !== 'all') return [{ afterMs: 700 }, 'packing', 'importing'];
  return [
    ...Array.from({ length: 50 }, () => ({ afterMs: Math.random() * 3000 })),
    ...Array.from({ length: 15 }, () => 'packing' as const),
    ...Array.from({ length: 15 }, () => 'importing' as const),
  ];
}

test('killed while writing, while packing, while importing: nothing acknowledged is lost, nothing is half there', async () => {
  const moments = killMoments();
  test.setTimeout(moments.length * 60_000);
  const profile = newProfile();
  try {
    const acknowledged: string[] = [];
    for (const [at, moment] of moments.entries()) {
      const told = await writeAndKill(ownUrl(), profile, moment);
      acknowledged.push(...told.acknowledged);
      const { browser, process: child } = await startChromium(profile);
      const page = await pageOf(browser);
      await page.goto(ownUrl());
      await expect(page.getByRole('heading', { level: 1 }).first()).toBeVisible();
      expect(await lossesIn(page, { ...told, acknowledged })).toEqual([]);
      await expect(page.getByText('Could not be read')).toHaveCount(0);
      await kill(child);
      const name = typeof moment === 'object' ? 'writing' : moment;
      console.log(
        `kill ${at + 1}, ${name}: ${3 * acknowledged.length} entries acknowledged, all there`,
      );
    }
    expect(acknowledged.length).toBeGreaterThan(30);
  } finally {
    forget(profile);
  }
});
