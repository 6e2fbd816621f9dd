/** npm run bench: sizes beside an empty app, and reading 50,000 readings back from cold storage. */
import { spawnSync } from 'node:child_process';
import { ROOT, ensure } from './ensure.mjs';

ensure();
const { build, exportWeb } = await import('./build.mjs');
build();
console.log('Exporting the empty app for comparison…');
exportWeb({ out: '.cache/empty-dist', appRoot: 'scripts/bench/empty-app' });
const run = spawnSync(process.execPath, ['--import', 'tsx', 'scripts/bench/main.ts'], {
  cwd: ROOT,
  stdio: 'inherit',
});
process.exit(run.status ?? 1);
