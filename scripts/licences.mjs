/** Writes the licence texts of everything that is bundled, and of the fonts, into an export. */
import { existsSync, readFileSync, readdirSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { join } from 'node:path';
import { ROOT } from './ensure.mjs';

const checker = createRequire(import.meta.url)('license-checker-rseidelsohn');

/** Every file below a folder. */
function filesBelow(folder) {
  return readdirSync(folder).flatMap((name) => {
    const place = join(folder, name);
    return statSync(place).isDirectory() ? filesBelow(place) : [place];
  });
}

/** The package a bundled source belongs to; undefined for our own. */
function packageOf(source) {
  const parts = source.split('node_modules/');
  if (parts.length < 2) return undefined;
  const [scope, name] = parts.at(-1).split('/');
  return scope.startsWith('@') ? `${scope}/${name}` : scope;
}

/** Names of the packages in the bundles, read from their source maps; the maps are then removed. */
function bundledPackages(folder) {
  const maps = filesBelow(folder).filter((file) => file.endsWith('.map'));
  if (maps.length === 0) throw new Error('The export has no source maps to read packages from.');
  const names = new Set();
  for (const map of maps) {
    for (const source of JSON.parse(readFileSync(map, 'utf8')).sources ?? []) {
      const name = packageOf(source);
      if (name) names.add(name);
    }
    rmSync(map);
  }
  for (const file of filesBelow(folder).filter((name) => name.endsWith('.js'))) {
    const text = readFileSync(file, 'utf8');
    const bare = text.replace(/\n?\/\/# source(MappingURL|URL)=[^\n]*/g, '');
    if (bare !== text) writeFileSync(file, bare);
  }
  return names;
}

/** The fonts that are copied into the export, and what the service worker is built from. */
const BESIDE_THE_BUNDLES = [
  '@fontsource-variable/atkinson-hyperlegible-mono',
  '@fontsource-variable/atkinson-hyperlegible-next',
  '@fontsource/zilla-slab',
  'workbox-core',
  'workbox-precaching',
  'workbox-routing',
  'workbox-strategies',
  'workbox-expiration',
];

/** Everything that is installed, with its licence, by name and version. */
function collect() {
  return new Promise((resolve, reject) => {
    checker.init({ start: ROOT, excludePrivatePackages: true }, (error, found) =>
      error ? reject(error) : resolve(found),
    );
  });
}

/** @param {string} out the folder of the export, from the root */
export async function writeLicences(out) {
  const folder = join(ROOT, out);
  const names = bundledPackages(folder);
  for (const name of BESIDE_THE_BUNDLES) names.add(name);
  const found = await collect();
  const texts = Object.entries(found)
    .filter(([id]) => names.has(id.slice(0, id.lastIndexOf('@'))))
    .sort(([a], [b]) => a.localeCompare(b))
    .map(([id, { licenses, licenseFile }]) => {
      const isText =
        licenseFile && existsSync(licenseFile) && /licen[cs]e|copying/i.test(licenseFile);
      const text = isText ? readFileSync(licenseFile, 'utf8').trim() : `Licence: ${licenses}`;
      return `${id} (${licenses})\n\n${text}`;
    });
  if (texts.length < 20) throw new Error(`Only ${texts.length} licences were found.`);
  const head = [
    'Zolder is under the Apache License 2.0. It is made with the following packages and fonts;',
    'each stands under the licence printed with it.',
  ].join('\n');
  const line = '\n\n' + '-'.repeat(72) + '\n\n';
  writeFileSync(join(folder, 'licences.txt'), `${[head, ...texts].join(line)}\n`);
}
