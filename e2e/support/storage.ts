import type { Page } from '@playwright/test';

/** One stored value with its key. */
export type Held = readonly [key: string, value: unknown];

/** Everything a database of the page holds. */
export function heldIn(page: Page, database = 'zolder'): Promise<readonly Held[]> {
  return page.evaluate(
    (name) =>
      new Promise<Held[]>((resolve, reject) => {
        const opening = indexedDB.open(name, 1);
        opening.onerror = () => reject(new Error('not opened'));
        opening.onupgradeneeded = () => opening.result.createObjectStore('entries');
        opening.onsuccess = () => {
          const store = opening.result.transaction('entries').objectStore('entries');
          const keys = store.getAllKeys();
          const values = store.getAll();
          values.onsuccess = () => {
            opening.result.close();
            resolve(keys.result.map((key, at): Held => [String(key), values.result[at]]));
          };
        };
      }),
    database,
  );
}

/** Puts values in, or takes them out (`undefined`), behind the back of the app. */
export function meddle(page: Page, changes: readonly Held[], database = 'zolder'): Promise<void> {
  return page.evaluate(
    ({ name, list }) =>
      new Promise<void>((resolve, reject) => {
        const opening = indexedDB.open(name, 1);
        opening.onerror = () => reject(new Error('not opened'));
        opening.onupgradeneeded = () => opening.result.createObjectStore('entries');
        opening.onsuccess = () => {
          const transaction = opening.result.transaction('entries', 'readwrite');
          const store = transaction.objectStore('entries');
          for (const [key, value] of list) {
            if (value === undefined || value === null) store.delete(key);
            else store.put(value, key);
          }
          transaction.oncomplete = () => {
            opening.result.close();
            resolve();
          };
          transaction.onerror = () => reject(new Error('not written'));
        };
      }),
    { name: database, list: changes.map(([key, value]) => [key, value ?? null] as const) },
  );
}

interface StoredRevision {
  readonly kind: string;
  readonly recordId: string;
  readonly revId: string;
  readonly zone: string;
  readonly body: unknown;
}

/** Every revision in a database, each once. */
export async function revisionsIn(page: Page, database = 'zolder'): Promise<StoredRevision[]> {
  const byId = new Map<string, StoredRevision>();
  for (const [key, value] of await heldIn(page, database)) {
    if (!/^[jp]\//.test(key) || typeof value !== 'string') continue;
    const list = JSON.parse(value.slice(value.indexOf('\n') + 1)) as StoredRevision[];
    for (const one of list) byId.set(one.revId, one);
  }
  return [...byId.values()];
}

/** How many records of a kind were made. */
export async function countOf(page: Page, kind: string): Promise<number> {
  const revisions = await revisionsIn(page);
  return new Set(revisions.filter((one) => one.kind === kind).map((one) => one.recordId)).size;
}

/** Within a worker: every write ends as it does on a full disk, its transaction thrown away. */
function fillDisk(): void {
  const scope = globalThis as unknown as { realPut?: IDBObjectStore['put'] };
  if (scope.realPut) return;
  const real = IDBObjectStore.prototype.put;
  scope.realPut = real;
  IDBObjectStore.prototype.put = function put(this: IDBObjectStore, ...args) {
    const request = real.apply(this, args);
    const error = new DOMException('no space', 'QuotaExceededError');
    Object.defineProperty(this.transaction, 'error', { value: error });
    this.transaction.abort();
    return request;
  };
}

function emptyDisk(): void {
  const scope = globalThis as unknown as { realPut?: IDBObjectStore['put'] | undefined };
  if (scope.realPut) IDBObjectStore.prototype.put = scope.realPut;
  scope.realPut = undefined;
}

/** Fills the disk of the page's workers, those to come too. (The browser's own limit is too coarse.) */
export async function fullDisk(page: Page): Promise<void> {
  page.on('worker', (worker) => {
    worker.evaluate(fillDisk).catch(() => undefined);
  });
  for (const worker of page.workers()) await worker.evaluate(fillDisk);
}

/** Space again. */
export async function spaceBack(page: Page): Promise<void> {
  page.removeAllListeners('worker');
  for (const worker of page.workers()) await worker.evaluate(emptyDisk);
}

/** Slows the page's processor down. */
export async function slowDown(page: Page, times: number): Promise<void> {
  const session = await page.context().newCDPSession(page);
  await session.send('Emulation.setCPUThrottlingRate', { rate: times });
}

/** Lets each deleting in the book's worker take so long, as where much else is being read. */
export async function slowDeleting(page: Page, ms: number): Promise<void> {
  for (const worker of page.workers())
    await worker.evaluate((waitMs) => {
      const { prototype } = IDBObjectStore;
      const { delete: remove } = prototype;
      prototype.delete = function slow(key) {
        const until = Date.now() + waitMs;
        while (Date.now() < until);
        return remove.call(this, key);
      };
    }, ms);
}
