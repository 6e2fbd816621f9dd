/* Runs within the service worker. While a tab still uses the version before, its scripts are kept. */
const PREVIOUS = 'previous';
const HASHED = /-[0-9a-f]{32}\.js$/;

/** At the install of a new version: the hashed scripts of the one in use, before they are trimmed. */
async function keepPrevious() {
  const names = (await caches.keys()).filter((name) => name.includes('precache'));
  const previous = await caches.open(PREVIOUS);
  for (const name of names) {
    const cache = await caches.open(name);
    for (const request of await cache.keys()) {
      if (!HASHED.test(new URL(request.url).pathname)) continue;
      const response = await cache.match(request);
      if (response) await previous.put(request, response);
    }
  }
}

self.addEventListener('install', (event) => {
  // A full disk must not keep a new version out.
  event.waitUntil(keepPrevious().catch(() => undefined));
});

/* A press on a call leads to what it is about: in the page that is open, else in a new one. */
self.addEventListener('notificationclick', (event) => {
  event.notification.close();
  const path = event.notification.data?.path ?? '/';
  const show = async () => {
    const [page] = await self.clients.matchAll({ type: 'window' });
    if (!page) return self.clients.openWindow(new URL(`.${path}`, self.registration.scope).href);
    await page.focus();
    page.postMessage({ goTo: path });
  };
  event.waitUntil(show());
});
