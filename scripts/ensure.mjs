/** Before anything else: the right Node.js, and the packages of the lockfile. Built-ins only. */
import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

export const ROOT = dirname(dirname(fileURLToPath(import.meta.url)));
const NEEDED = [20, 19];

/** Ends with one clear line when Node.js is too old. */
function requireNode() {
  const [major, minor] = process.versions.node.split('.').map(Number);
  if (major > NEEDED[0] || (major === NEEDED[0] && minor >= NEEDED[1])) return;
  console.error(
    `Zolder needs Node.js ${NEEDED.join('.')} or newer; this is ${process.versions.node}.`,
  );
  process.exit(1);
}

/** Installs from the lockfile when node_modules is missing or was made from another lockfile. */
function requirePackages() {
  const stamp = join(ROOT, 'node_modules/.zolder-lock');
  const lock = createHash('sha256')
    .update(readFileSync(join(ROOT, 'package-lock.json')))
    .digest('hex');
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === lock) return;
  console.log('Installing packages from the lockfile (a minute or two, once)…');
  const npm = process.platform === 'win32' ? 'npm.cmd' : 'npm';
  const args = ['ci', '--no-audit', '--no-fund', '--loglevel=error'];
  const { status } = spawnSync(npm, args, {
    cwd: ROOT,
    stdio: 'inherit',
    shell: process.platform === 'win32',
  });
  if (status !== 0) {
    console.error('The packages could not be installed. Is the network reachable? Try again.');
    process.exit(1);
  }
  writeFileSync(stamp, lock);
}

export function ensure() {
  requireNode();
  requirePackages();
}
