/* Runs within the service worker. Where the browser has Background Sync, what waits for the house is told
   when the network is back, though no page is open. A page does the same, and more, by itself: told twice
   is told once. */
const STORE = 'entries';
const WAITING = 'w/';
const WAITING_ALL = 'w/all';

const asked = (request) =>
  new Promise((resolve, reject) => {
    request.onsuccess = () => resolve(request.result);
    request.onerror = () => reject(request.error);
  });

/** A database of this origin; undefined where there is none: none is made here. */
async function database(name) {
  const known = await indexedDB.databases();
  return known.some((one) => one.name === name) ? asked(indexedDB.open(name)) : undefined;
}

const storeOf = (db, mode) => db.transaction(STORE, mode).objectStore(STORE);

async function tokenOfDevice() {
  const db = await database('zolder-device');
  const held = db && (await asked(storeOf(db, 'readonly').get('house-token')));
  db?.close();
  return held ? JSON.parse(held).token : undefined;
}

async function nameOf(bytes) {
  const digest = new Uint8Array(await crypto.subtle.digest('SHA-256', bytes));
  return [...digest].map((byte) => byte.toString(16).padStart(2, '0')).join('');
}

/** Brings one act; false where the house did not keep it. */
async function bring(body, token) {
  const bytes = new TextEncoder().encode(body);
  const response = await fetch(`/exchange/pieces/${await nameOf(bytes)}`, {
    method: 'PUT',
    headers: { authorization: `Bearer ${token}`, 'content-type': 'application/octet-stream' },
    body: bytes,
    credentials: 'omit',
  });
  return response.ok && (await response.text()) === '{"kept":true}';
}

/** Lets go of what was told, unless it was written anew meanwhile. */
async function letGo(db, key, body) {
  const store = storeOf(db, 'readwrite');
  if ((await asked(store.get(key))) === body) await asked(store.delete(key));
}

async function tellHouse() {
  const token = await tokenOfDevice();
  const db = token && (await database('zolder'));
  if (!db) return;
  try {
    const store = storeOf(db, 'readonly');
    const range = IDBKeyRange.bound(WAITING, `${WAITING}\uffff`);
    const [keys, bodies] = await Promise.all([
      asked(store.getAllKeys(range)),
      asked(store.getAll(range)),
    ]);
    for (const [at, key] of keys.entries()) {
      // The whole book is compared by a page alone.
      if (key === WAITING_ALL) continue;
      if (await bring(bodies[at], token)) await letGo(db, key, bodies[at]);
    }
  } finally {
    db.close();
  }
}

self.addEventListener('sync', (event) => {
  if (event.tag === 'zolder-house') event.waitUntil(tellHouse());
});
