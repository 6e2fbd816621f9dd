/** npm run bench: the core, sizes beside an empty app, a tank's history, 50,000 readings from cold storage. `--core`, `--history` for one of them; `--coverage`: how often the ± of a pen holds (about ten minutes). */
import { spawnSync } from 'node:child_process';
import { ROOT, ensure } from './ensure.mjs';

ensure();
const { build, exportWeb } = await import('./build.mjs');
const coreOnly = process.argv.includes('--core') || process.argv.includes('--coverage');
const historyOnly = process.argv.includes('--history');
if (!coreOnly) await build();
if (!coreOnly && !historyOnly) {
  console.log('Exporting the empty app for comparison…');
  exportWeb({ out: '.cache/empty-dist', appRoot: 'scripts/bench/empty-app' });
}
const args = ['--import', 'tsx', 'scripts/bench/main.ts', ...process.argv.slice(2)];
const run = spawnSync(process.execPath, args, {
  cwd: ROOT,
  stdio: 'inherit',
});
process.exit(run.status ?? 1);
