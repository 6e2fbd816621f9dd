/** npm run dev: the development server with fast refresh. */
import { spawnSync } from 'node:child_process';
import { join } from 'node:path';
import { ROOT, ensure } from './ensure.mjs';

ensure();
const { copyFonts } = await import('./fonts.mjs');
copyFonts(ROOT);
const cli = join(ROOT, 'node_modules/expo/bin/cli');
const env = { ...process.env, EXPO_NO_TELEMETRY: '1', EXPO_OFFLINE: '1' };
const run = spawnSync(process.execPath, [cli, 'start', '--web', ...process.argv.slice(2)], {
  cwd: ROOT,
  stdio: 'inherit',
  env,
});
process.exit(run.status ?? 0);
