/** Starts the server on a free port and tells its address. */
import { spawn } from 'node:child_process';
import { ROOT } from './ensure.mjs';

/** @returns {Promise<{url: string, stop: () => void, gone: Promise<void>}>} */
export function serve({ own = false, port = 0 } = {}) {
  const args = ['--import', 'tsx', 'server/main.ts', ...(own ? ['--own'] : [])];
  const env = { ...process.env, PORT: String(port) };
  const child = spawn(process.execPath, args, {
    cwd: ROOT,
    env,
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  const gone = new Promise((resolve) => child.on('exit', () => resolve()));
  return new Promise((resolve, reject) => {
    child.stdout.on('data', (data) => {
      const url = /http:\/\/\S+/.exec(String(data))?.[0];
      if (url) resolve({ url, stop: () => child.kill('SIGTERM'), gone });
    });
    child.on('exit', (code) =>
      reject(new Error(`The server ended with ${code} before it was ready.`)),
    );
  });
}
