/**
 * npm run kills: kills the browser 50 times while it writes, 15 times while it packs and 15 while it
 * imports, all on one book, and looks each time whether something acknowledged is lost or half there.
 * Takes about ten minutes; `npm test` does three of them.
 */
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import {
  kill,
  lossesIn,
  pageOf,
  startChromium,
  writeAndKill,
  type Moment,
} from '../e2e/support/killing';

async function main(): Promise<void> {
  const { build } = await import('./build.mjs');
  const { findChromium } = await import('./chromium.mjs');
  const { serve } = await import('./serve.mjs');
  process.env.ZOLDER_CHROMIUM = findChromium();
  await build();
  const { url, stop } = await serve({ own: true });
  const profile = mkdtempSync(join(tmpdir(), 'zolder-kills-'));
  const acknowledged: string[] = [];
  const losses: string[] = [];
  const moments: Moment[] = [
    ...Array.from({ length: 50 }, () => ({ afterMs: Math.random() * 3000 })),
    ...Array.from({ length: 15 }, () => 'packing' as const),
    ...Array.from({ length: 15 }, () => 'importing' as const),
  ];
  try {
    for (const [at, moment] of moments.entries()) {
      const told = await writeAndKill(url, profile, moment);
      acknowledged.push(...told.acknowledged);
      const { browser, process: child } = await startChromium(profile);
      const page = await pageOf(browser);
      await page.goto(url);
      await page.getByRole('heading', { level: 1 }).first().waitFor();
      const found = await lossesIn(page, { ...told, acknowledged });
      losses.push(...found);
      await kill(child);
      const name = typeof moment === 'object' ? 'writing' : moment;
      console.log(
        `${at + 1}. ${name}: ${acknowledged.length} acts acknowledged, ${found.length} losses`,
      );
    }
  } finally {
    stop();
    rmSync(profile, { recursive: true, force: true, maxRetries: 5 });
  }
  losses.forEach((loss) => console.error(loss));
  console.log(
    `${moments.length} kills, ${3 * acknowledged.length} entries, ${losses.length} losses`,
  );
  process.exit(losses.length > 0 ? 1 : 0);
}

main().catch((error: unknown) => {
  console.error(error);
  process.exit(1);
});
