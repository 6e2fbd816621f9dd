/* In place of a service worker that once kept the app at this old address: it leaves, so that the page that helps is seen. */
self.addEventListener('install', () => self.skipWaiting());
self.addEventListener('activate', (event) => {
  const leave = async () => {
    for (const name of await caches.keys()) await caches.delete(name);
    await self.registration.unregister();
    for (const client of await self.clients.matchAll({ type: 'window' }))
      await client.navigate(client.url);
  };
  event.waitUntil(leave());
});
