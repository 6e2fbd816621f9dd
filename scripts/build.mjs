/** Exports the web app into dist/ when its sources changed since the last export. */
import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, readFileSync, readdirSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT } from './ensure.mjs';
import { copyFonts } from './fonts.mjs';
import { writeLicences } from './licences.mjs';
import { writeServiceWorker } from './offline.mjs';

const SOURCES = [
  'app',
  'src',
  'public',
  'app.config.js',
  'babel.config.js',
  'metro.config.js',
  'package-lock.json',
  'scripts/zod-locales.js',
  'scripts/licences.mjs',
  'scripts/offline.mjs',
];

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
export function exportWeb({ out, appRoot = 'app' }) {
  rmSync(join(ROOT, out), { recursive: true, force: true });
  const env = {
    ...process.env,
    CI: '1',
    EXPO_NO_TELEMETRY: '1',
    EXPO_OFFLINE: '1',
    NODE_ENV: 'production',
    ZOLDER_APP_ROOT: appRoot,
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

export async function build() {
  copyFonts(ROOT);
  const stamp = join(ROOT, 'dist/.sources');
  const now = fingerprint();
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === now) return;
  console.log('Building the app (about a minute the first time)…');
  exportWeb({ out: 'dist' });
  await writeLicences('dist');
  await writeServiceWorker('dist');
  writeFileSync(stamp, now);
}
