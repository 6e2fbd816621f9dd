/**
 * npm run kills: kills the browser 50 times while it writes, 15 times while it packs and 15 while it
 * imports, all on one book, and looks each time whether something acknowledged is lost or half there.
 * Takes some ten minutes; `npm test` does one of each.
 */
import { spawnSync } from 'node:child_process';
import { join } from 'node:path';
import { ROOT, ensure } from './ensure.mjs';

ensure();
const { findChromium } = await import('./chromium.mjs');
const { build } = await import('./build.mjs');
const chromium = findChromium();
await build();
const args = [
  join(ROOT, 'node_modules/@playwright/test/cli.js'),
  'test',
  'kill.spec',
  '--grep',
  'killed while',
  '--retries=0',
  '--reporter=line',
];
const env = { ...process.env, ZOLDER_CHROMIUM: chromium, ZOLDER_KILLS: 'all' };
const { status } = spawnSync(process.execPath, args, { cwd: ROOT, stdio: 'inherit', env });
process.exit(status ?? 1);
