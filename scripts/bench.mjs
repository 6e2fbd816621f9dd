/** npm run bench: sizes beside an empty app, and reading 50,000 readings back from cold storage. */
import { spawnSync } from 'node:child_process';
import { ROOT, ensure } from './ensure.mjs';

ensure();
const { build, exportWeb } = await import('./build.mjs');
const coreOnly = process.argv.includes('--core');
if (!coreOnly) {
  await build();
  console.log('Exporting the empty app for comparison…');
  exportWeb({ out: '.cache/empty-dist', appRoot: 'scripts/bench/empty-app' });
}
const args = ['--import', 'tsx', 'scripts/bench/main.ts', ...(coreOnly ? ['--core'] : [])];
const run = spawnSync(process.execPath, args, {
  cwd: ROOT,
  stdio: 'inherit',
});
process.exit(run.status ?? 1);
