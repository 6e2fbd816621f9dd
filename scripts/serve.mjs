/** Starts the server on a free port and tells its address. */
import { spawn } from 'node:child_process';
import { ROOT } from './ensure.mjs';

/**
 * @param {string[]} args what follows `npm start --`
 * @param {Record<string, string>} environment beside the present one
 * @param {RegExp} ready what it says once it is ready; the first group, or all of it, is the address
 */
function started(args, environment, ready) {
  const child = spawn(process.execPath, ['--import', 'tsx', 'server/main.ts', ...args], {
    cwd: ROOT,
    env: { ...process.env, ...environment },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  let said = '';
  const gone = new Promise((resolve) => child.on('exit', () => resolve()));
  const running = { stop: () => child.kill('SIGTERM'), gone, said: () => said };
  return new Promise((resolve, reject) => {
    child.stdout.on('data', (data) => {
      said += String(data);
      const found = ready.exec(said);
      if (found) resolve({ ...running, url: found[1] ?? found[0] });
    });
    child.on('exit', (code) =>
      reject(new Error(`The server ended with ${code} before it was ready.`)),
    );
  });
}

/**
 * Two browsers of this computer share one book.
 * @returns {Promise<{url: string, stop: () => void, gone: Promise<void>, said: () => string}>}
 */
export function serveExchange(folder, port = 0) {
  const environment = { ZOLDER_EXCHANGE: folder, PORT: String(port) };
  return started(['--own', '--exchange'], environment, /http:\/\/\S+/);
}

/** @returns {Promise<{url: string, stop: () => void, gone: Promise<void>}>} */
export function serve({ own = false, port = 0 } = {}) {
  return started(own ? ['--own'] : [], { PORT: String(port) }, /http:\/\/\S+/);
}

/**
 * A house for phones, with keys in a folder of its own.
 * @returns {Promise<{url: string, stop: () => void, gone: Promise<void>, said: () => string}>}
 */
export function servePhones({ house, own = true, port = 0, securePort = 0, more = ['--by-name'] }) {
  return started(
    ['--phones', ...more, ...(own ? ['--own'] : [])],
    { ZOLDER_HOUSE: house, PORT: String(port), SECURE_PORT: String(securePort) },
    /itself is at (https:\S+[^,\s])[\s\S]*for you alone/,
  );
}
