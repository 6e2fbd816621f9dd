/* Runs within the service worker. Where the browser can answer from a cache without starting this worker,
   the page itself and what it names come straight from what is kept: a worker that has to be started first
   costs an old phone a tenth of a second and more. All else, and every browser that cannot, asks the worker. */
const STRAIGHT = 'straight-';
/* Put in by `scripts/offline.mjs`: what this version's copy is called, and the scripts its page names. */
const OF_VERSION = `${STRAIGHT}VERSION`;
const SCRIPTS = ['SCRIPTS'];
const PAGE = new URL('./', self.registration.scope).href;

/** What a page names by address: scripts, styles, fonts. */
const namedIn = (html) => {
  const named = html.matchAll(/<(?:script|link)[^>]+(?:src|href)="([^"]+\.(?:js|css|woff2))"/g);
  return [...new Set([...named].map(([, path]) => new URL(path, PAGE).href))];
};

/** Keeps the page and all it names, each under its own address; tells the addresses. */
async function keepStraight() {
  const page = await fetch(PAGE, { cache: 'reload' });
  const html = await page.clone().text();
  // A host may be between two versions: then its page is not this worker's.
  if (!page.ok || page.redirected || !SCRIPTS.every((script) => html.includes(script)))
    throw new Error('The page is not of this version.');
  const named = namedIn(html);
  const cache = await caches.open(OF_VERSION);
  await cache.put(PAGE, page);
  await cache.addAll(named);
  return [PAGE, ...named];
}

/** The same address with another question after it is not the one that is kept. */
const routeTo = (address) => {
  const { protocol, hostname, port, pathname } = new URL(address);
  return {
    condition: {
      urlPattern: new URLPattern({ protocol, hostname, port, pathname, search: '' }),
      requestMethod: 'get',
    },
    source: { cacheName: OF_VERSION },
  };
};

async function answerStraight(event) {
  try {
    await event.addRoutes((await keepStraight()).map(routeTo));
  } catch {
    // The worker answers as it always does, and a half copy takes no room.
    await caches.delete(OF_VERSION);
  }
}

self.addEventListener('install', (event) => {
  if (event.addRoutes) event.waitUntil(answerStraight(event));
});

/** The copies of the versions before are let go once this one answers. */
async function forgetOthers() {
  const names = (await caches.keys()).filter((name) => name.startsWith(STRAIGHT));
  for (const name of names) if (name !== OF_VERSION) await caches.delete(name);
}

self.addEventListener('activate', (event) => event.waitUntil(forgetOthers()));
