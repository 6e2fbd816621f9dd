/** npm run icons: the icons of the installed app, drawn from public/icon.svg. */
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { chromium } from '@playwright/test';
import { findChromium } from './chromium.mjs';
import { ROOT, ensure } from './ensure.mjs';

ensure();

/** A launcher may cut a maskable icon to a circle of four fifths of its side. */
const MASKABLE_SHARE = 0.72;

const BOARD = '#F5F1E8';
const svg = readFileSync(join(ROOT, 'public/icon.svg'), 'utf8');

const pageOf = (side, share) => `<style>
  * { margin: 0 }
  body { width: ${side}px; height: ${side}px; background: ${BOARD}; display: grid; place-items: center }
  svg { width: ${share * side}px; height: ${share * side}px; display: block }
</style>${svg}`;

const browser = await chromium.launch({
  executablePath: findChromium(),
  args: ['--no-sandbox', '--disable-gpu'],
});
try {
  for (const [name, share] of [
    ['icon', 1],
    ['maskable', MASKABLE_SHARE],
  ]) {
    for (const side of [192, 512]) {
      const page = await browser.newPage({ viewport: { width: side, height: side } });
      await page.setContent(pageOf(side, share));
      await page.screenshot({ path: join(ROOT, `public/${name}-${side}.png`) });
      await page.close();
    }
  }
} finally {
  await browser.close();
}
