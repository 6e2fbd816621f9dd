/** npm run bench: the core, sizes beside an empty app, a tank's history, 50,000 readings from cold storage. `--core`, `--history` for one of them; `--saving`: what a save costs as the book grows; `--growth`: what else grows with it, and how; `--exchange`: what a phone fetches in a day of a large house, and to join a long book; `--paint`: the opening beside an empty app's (about ten minutes); `--coverage`: how often the ± of a pen holds (about ten minutes); `--tanks`: what becomes of hidden tanks (about ten minutes). */
import { spawnSync } from 'node:child_process';
import { rmSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT, ensure } from './ensure.mjs';

ensure();
const esbuild = await import('esbuild');
const { build, exportWeb } = await import('./build.mjs');
const coreOnly = [
  '--core',
  '--coverage',
  '--tanks',
  '--intake',
  '--saving',
  '--growth',
  '--exchange',
  '--book',
].some((flag) => process.argv.includes(flag));
const historyOnly = process.argv.includes('--history');
if (!coreOnly) await build();
if (!coreOnly && !historyOnly) {
  console.log('Exporting the empty app for comparison…');
  exportWeb({ out: '.cache/empty-dist', appRoot: 'scripts/bench/empty-app' });
}
// Bundled as the app is: what translates at run time would be measured as well.
const bundle = join(ROOT, 'scripts/bench/main.bundle.mjs');
await esbuild.build({
  entryPoints: [join(ROOT, 'scripts/bench/main.ts')],
  outfile: bundle,
  bundle: true,
  platform: 'node',
  format: 'esm',
  packages: 'external',
  external: ['*.mjs'],
  logLevel: 'warning',
});
const run = spawnSync(process.execPath, [bundle, ...process.argv.slice(2)], {
  cwd: ROOT,
  stdio: 'inherit',
});
rmSync(bundle);
process.exit(run.status ?? 1);
