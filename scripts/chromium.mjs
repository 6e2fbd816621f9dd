/**
 * Finds a Chromium for the browser tests: an environment variable first, then a browser of the
 * system, then (on Debian, as root) the distribution's own package.
 */
import { spawnSync } from 'node:child_process';
import { existsSync } from 'node:fs';
import { delimiter, join } from 'node:path';

const NAMES = ['chromium', 'chromium-browser', 'google-chrome', 'google-chrome-stable'];
const FIXED = ['/Applications/Google Chrome.app/Contents/MacOS/Google Chrome'];

function onPath(names = NAMES) {
  const folders = (process.env.PATH ?? '').split(delimiter);
  const places = names.flatMap((name) => folders.map((folder) => join(folder, name)));
  const fixed = names === NAMES ? FIXED : [];
  return [...places, ...fixed].find((place) => existsSync(place));
}

/** Installs a package of the distribution, where this user may; says so. */
function installFromDebian(name, why) {
  if (process.platform !== 'linux' || process.getuid?.() !== 0) return false;
  if (!existsSync('/usr/bin/apt-get')) return false;
  console.log(`${why}; installing the Debian package ${name} (a few minutes, once)…`);
  const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' };
  const run = (...args) => spawnSync('apt-get', args, { env, stdio: 'ignore' }).status === 0;
  const install = () => run('install', '-y', '--no-install-recommends', name);
  return install() || (run('update') && install());
}

/** @returns {string} the path of a Chromium; throws one clear line when there is none */
export function findChromium() {
  const named = process.env.ZOLDER_CHROMIUM;
  if (named) {
    if (existsSync(named)) return named;
    throw new Error(`ZOLDER_CHROMIUM names ${named}, which does not exist.`);
  }
  const found =
    onPath() ?? (installFromDebian('chromium', 'No Chromium found') ? onPath() : undefined);
  if (found) return found;
  throw new Error(
    'No Chromium found. Install Chromium or Chrome, or set ZOLDER_CHROMIUM to its path, then run npm test again.',
  );
}

/**
 * The browser that draws no window, where there is one or it may be installed: it needs a sixth less of
 * a small machine. It shows no notices of the system; tests of those take the whole browser.
 * @returns {string} the path of the shell, else of the whole browser
 */
export function findShell(whole) {
  if (process.env.ZOLDER_CHROMIUM) return whole;
  const here = () => onPath(['chromium-headless-shell']);
  const found = here();
  if (found) return found;
  installFromDebian('chromium-headless-shell', 'The browser tests are quicker without windows');
  return here() ?? whole;
}

/** Whether a program is here, or could be installed; where it may not be that is said, with what it means. */
function findTool(program, asks, { from, without }) {
  const here = () => spawnSync(program, asks, { stdio: 'ignore' }).error === undefined;
  if (here() || (installFromDebian(from, `No ${program} found`) && here())) return true;
  console.warn(
    `No ${program} found, and it may not be installed here (Debian: ${from}). ${without}`,
  );
  return false;
}

/**
 * The tool that tells a browser profile which authorities to trust, for the tests over HTTPS.
 * @returns {boolean} whether it is here
 */
export const findCertutil = () =>
  findTool('certutil', ['-H'], {
    from: 'libnss3-tools',
    without: 'The tests over HTTPS run without trying the trust itself.',
  });

/**
 * The tool that reads the text of a PDF, for the tests of what is printed.
 * @returns {boolean} whether it is here
 */
export const findPdftotext = () =>
  findTool('pdftotext', ['-v'], {
    from: 'poppler-utils',
    without: 'What is printed is read from the page instead of its PDF.',
  });

/**
 * The tool that reads the codes on a printed sheet, for the tests of labels.
 * @returns {boolean} whether it is here
 */
export const findZbarimg = () =>
  findTool('zbarimg', ['--version'], {
    from: 'zbar-tools',
    without: 'Printed codes are read by the decoder of the app alone.',
  });
