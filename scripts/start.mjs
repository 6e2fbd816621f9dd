/** npm start: install what is missing, build what changed, serve, print one address. */
import { spawn } from 'node:child_process';
import { ROOT, ensure } from './ensure.mjs';

ensure();
const { build } = await import('./build.mjs');
await build();
const args = ['--import', 'tsx', 'server/main.ts', ...process.argv.slice(2)];
const server = spawn(process.execPath, args, { cwd: ROOT, stdio: 'inherit' });
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal));
server.on('exit', (code) => process.exit(code ?? 0));
