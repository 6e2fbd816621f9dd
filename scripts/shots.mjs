/** npm run shots: one current picture of each main view, from the demo data, into docs/screenshots/. */
import { mkdirSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT, ensure } from './ensure.mjs';

ensure();
const { build } = await import('./build.mjs');
await build();
const { chromium } = await import('@playwright/test');
const { findChromium } = await import('./chromium.mjs');
const { serve } = await import('./serve.mjs');
const { VIEWS } = await import('./views.mjs');

const flag = (name) => {
  const at = process.argv.indexOf(`--${name}`);
  return at < 0 ? undefined : process.argv[at + 1];
};
const out = flag('out') ?? join(ROOT, 'docs/screenshots');
const only = flag('only')?.split(',');
mkdirSync(out, { recursive: true });

const PHONE = { width: 390, height: 844 };
const WIDE = { width: 1280, height: 800 };
/** The pictures are taken at this time of day, so that the round looks the same in each. */
const MORNING = new Date(new Date().setHours(10, 30, 0, 0));

const server = await serve();
const browser = await chromium.launch({
  executablePath: findChromium(),
  args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'],
});
try {
  for (const view of VIEWS) {
    if (only && !only.includes(view.name)) continue;
    const context = await browser.newContext({
      viewport: view.wide ? WIDE : PHONE,
      reducedMotion: 'reduce',
    });
    const page = await context.newPage();
    await page.clock.install({ time: MORNING });
    await page.goto(server.url);
    await page.getByRole('heading', { level: 1 }).first().waitFor();
    if (view.dark) await page.getByRole('switch', { name: 'Lights-out' }).click();
    await view.go(page, server.url);
    // A chart or a table comes in a piece of its own: wait for it and its drawing.
    await page.getByRole('heading', { level: 1 }).first().waitFor();
    await page.waitForLoadState('networkidle');
    await page.waitForTimeout(1500);
    await page.screenshot({ path: join(out, `${view.name}.png`) });
    console.log(`${view.name}.png`);
    await context.close();
  }
} finally {
  await browser.close();
  server.stop();
}
