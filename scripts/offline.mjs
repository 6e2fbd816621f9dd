/** Writes the service worker into an export: every file of it, so that it opens without a server. */
import { createHash } from 'node:crypto';
import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { generateSW } from 'workbox-build';
import { ROOT } from './ensure.mjs';

/** Tells `straight.js` which version it is of: its name, and the scripts its page names. */
function writeVersion(folder) {
  const html = readFileSync(join(folder, 'index.html'), 'utf8');
  const scripts = html.match(/[\w-]+-[0-9a-f]{32}\.js/g) ?? [];
  if (scripts.length === 0) throw new Error('The page names no script.');
  const version = createHash('sha256').update(html).digest('hex').slice(0, 16);
  const file = join(folder, 'straight.js');
  const text = readFileSync(file, 'utf8')
    .replace('VERSION`', `${version}\``)
    .replace("['SCRIPTS']", JSON.stringify([...new Set(scripts)]));
  writeFileSync(file, text);
}

/** @param {string} out the folder of the export, from the root */
export async function writeServiceWorker(out) {
  const folder = join(ROOT, out);
  writeVersion(folder);
  const { count, warnings } = await generateSW({
    globDirectory: folder,
    globPatterns: ['**/*.{html,js,css,woff2,svg,png,webmanifest,txt}'],
    globIgnores: ['sw.js', 'keep.js', 'tell-house.js', 'straight.js', '404.html', 'screenshots/**'],
    swDest: join(folder, 'sw.js'),
    inlineWorkboxRuntime: true,
    sourcemap: false,
    mode: 'production',
    // Beside this very file, whatever path of a host it lies under.
    navigateFallback: 'index.html',
    navigateFallbackDenylist: [/\/(health|trusted)$/, /\.[a-z0-9]+$/i],
    dontCacheBustURLsMatching: /-[0-9a-f]{32}\.js$/,
    maximumFileSizeToCacheInBytes: 4_000_000,
    cleanupOutdatedCaches: true,
    clientsClaim: true,
    // While a tab still runs the version before, its scripts are answered from what `keep.js` kept.
    // What waits for the house is told by `tell-house.js` when the network is back; `straight.js` lets the
    // browser answer without this worker.
    importScripts: ['keep.js', 'tell-house.js', 'straight.js'],
    runtimeCaching: [
      {
        urlPattern: /-[0-9a-f]{32}\.js$/,
        handler: 'CacheFirst',
        options: {
          cacheName: 'previous',
          expiration: { maxEntries: 200, maxAgeSeconds: 30 * 86_400 },
        },
      },
    ],
    // A new version waits until the grower says so: an open form is never swept away.
    skipWaiting: false,
  });
  for (const warning of warnings) console.warn(warning);
  if (count === 0) throw new Error('The service worker would keep nothing.');
}
