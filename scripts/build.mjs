/** Exports the web app into dist/ when its sources changed since the last export. */
import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import {
  cpSync,
  existsSync,
  mkdirSync,
  readFileSync,
  readdirSync,
  rmSync,
  statSync,
  writeFileSync,
} from 'node:fs';
import { join } from 'node:path';
import { ROOT } from './ensure.mjs';
import { copyFonts } from './fonts.mjs';
import { writeForHost } from './hosting.mjs';
import { writeLicences } from './licences.mjs';
import { writeServiceWorker } from './offline.mjs';

const SOURCES = [
  'app',
  'entry.ts',
  'src',
  'public',
  'server/policy.json',
  'app.config.js',
  'babel.config.js',
  'metro.config.js',
  'package-lock.json',
  'scripts/not-shipped.js',
  'scripts/simple-statistics.js',
  'scripts/zod-locales.js',
  'scripts/build.mjs',
  'scripts/hosting.mjs',
  'scripts/licences.mjs',
  'scripts/offline.mjs',
];

/** Stands for the path on a host while the app is exported; every path is served by one export. */
const PLACE_OF_BASE = '/path-on-the-host';

/** Shown by the browser where the app can be installed. */
const INSTALL_PICTURES = ['round.png', 'tank-wide.png'];

function filesOf(place) {
  if (!existsSync(place)) return [];
  if (statSync(place).isFile()) return [place];
  return readdirSync(place)
    .sort()
    .flatMap((name) => filesOf(join(place, name)));
}

/** A fingerprint of everything the export is made from. */
function fingerprint() {
  const hash = createHash('sha256');
  const files = SOURCES.flatMap((name) => filesOf(join(ROOT, name)));
  for (const file of files.filter((name) => !/\.test\.tsx?$/.test(name))) {
    hash.update(file.slice(ROOT.length)).update(readFileSync(file));
  }
  return hash.digest('hex');
}

/** Runs the exporter; `appRoot` other than the app's own goes to a folder of its own, for the bench. */
export function exportWeb({ out, appRoot = 'app', base = '' }) {
  rmSync(join(ROOT, out), { recursive: true, force: true });
  const env = {
    ...process.env,
    CI: '1',
    EXPO_NO_TELEMETRY: '1',
    EXPO_OFFLINE: '1',
    NODE_ENV: 'production',
    ZOLDER_APP_ROOT: appRoot,
    ZOLDER_BASE: base,
  };
  const cli = join(ROOT, 'node_modules/expo/bin/cli');
  const args = [
    cli,
    'export',
    '--platform',
    'web',
    '--output-dir',
    out,
    // Read for the licences of what is really bundled, then removed.
    ...(appRoot === 'app' ? ['--source-maps'] : []),
    ...(appRoot === 'app' ? [] : ['--clear']),
  ];
  const run = spawnSync(process.execPath, args, { cwd: ROOT, env, encoding: 'utf8' });
  if (run.status === 0) return;
  console.error(run.stdout, run.stderr);
  console.error('The web export failed; see above.');
  process.exit(1);
}

const isCurrent = (out, stamp) => {
  const file = join(ROOT, out, '.sources');
  return existsSync(file) && readFileSync(file, 'utf8') === stamp;
};

/** What every folder gets once it is exported. */
async function finish(out, { base, from }) {
  mkdirSync(join(ROOT, out, 'screenshots'), { recursive: true });
  for (const name of INSTALL_PICTURES)
    cpSync(join(ROOT, 'docs/screenshots', name), join(ROOT, out, 'screenshots', name));
  writeForHost(join(ROOT, out), { base, from });
  await writeServiceWorker(out);
}

/** The app for our own server, or any host, at its root: `dist/`, made when its sources changed. */
export const build = () => buildFor('');

/**
 * The app for a host and a path of it, e.g. `/zolder`, or its root, into `out`. The export is made once
 * and kept; another path takes a moment.
 */
export async function buildFor(base, out = 'dist') {
  copyFonts(ROOT);
  const now = fingerprint();
  const there = `${now} for ${base || 'the root'}`;
  if (isCurrent(out, there)) return;
  const kept = '.cache/export';
  if (!isCurrent(kept, now)) {
    console.log('Building the app (about a minute the first time)…');
    exportWeb({ out: kept, base: PLACE_OF_BASE });
    await writeLicences(kept);
    writeFileSync(join(ROOT, kept, '.sources'), now);
  }
  rmSync(join(ROOT, out), { recursive: true, force: true });
  cpSync(join(ROOT, kept), join(ROOT, out), { recursive: true });
  await finish(out, { base, from: PLACE_OF_BASE });
  // Told apart from the folder for a root: the next start makes that anew.
  writeFileSync(join(ROOT, out, '.sources'), there);
}
