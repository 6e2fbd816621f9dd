import { createAsyncStorage } from '@react-native-async-storage/async-storage';
import { openDB, type IDBPDatabase } from 'idb';
import type { Entry, Held, StoragePort } from './port';

/** The store that AsyncStorage keeps its texts in. */
const STORE = 'entries';

/** Every key that begins with a prefix. */
const under = (prefix: string) => IDBKeyRange.bound(prefix, `${prefix}\uffff`);

/**
 * A second door to the database of AsyncStorage, same name, version and store: AsyncStorage offers
 * neither strict durability nor a transaction of several steps. Never a higher version: a second
 * version would break the first door.
 */
function openDoor(name: string): Promise<IDBPDatabase> {
  return openDB(name, 1, {
    upgrade: (db) => {
      if (!db.objectStoreNames.contains(STORE)) db.createObjectStore(STORE);
    },
  });
}

/** Writes in one transaction; resolves when the browser says that it is on the disk. */
async function setStrictly(db: IDBPDatabase, entries: readonly Entry[]): Promise<void> {
  const transaction = db.transaction(STORE, 'readwrite', { durability: 'strict' });
  const { store } = transaction;
  try {
    for (const [key, value] of entries) {
      // A single refusal ends the transaction, which `done` tells.
      store.put(value, key).catch(() => undefined);
    }
  } catch (error) {
    // It had ended before all was asked of it: why it ended (a full disk) says more than that.
    transaction.done.catch(() => undefined);
    throw transaction.error ?? error;
  }
  await transaction.done;
}

/**
 * A book in the browser: one IndexedDB database a name, that of AsyncStorage 3. Plain reading and
 * removing goes through AsyncStorage; what an act writes, and what needs one transaction of several
 * steps, through a door beside it.
 */
export function browserStorage(name: string): StoragePort {
  const storage = createAsyncStorage(name);
  let opening: Promise<IDBPDatabase> | undefined;
  const door = () => {
    opening ??= openDoor(name).catch((error: unknown) => {
      // The next try opens anew.
      opening = undefined;
      throw error;
    });
    return opening;
  };
  return {
    keys: () => storage.getAllKeys(),
    async getMany(keys) {
      const found: Readonly<Record<string, unknown>> = await storage.getMany([...keys]);
      return keys.map((key) => found[key] ?? null);
    },
    setMany: async (entries) => setStrictly(await door(), entries),
    removeMany: (keys) => storage.removeMany([...keys]),
    async inOneGo(mode, work) {
      const writes = mode === 'write';
      const db = await door();
      const transaction = writes
        ? db.transaction(STORE, 'readwrite', { durability: 'strict' })
        : db.transaction(STORE, 'readonly');
      const { store } = transaction;
      const within = async (range: IDBKeyRange) => {
        const [keys, values] = await Promise.all([store.getAllKeys(range), store.getAll(range)]);
        return keys.map((key, at): Held => [String(key), values[at]]);
      };
      try {
        const result = await work({
          keys: async (prefix) => (await store.getAllKeys(under(prefix))).map(String),
          entries: (prefix) => within(under(prefix)),
          between: (from, to) => within(IDBKeyRange.bound(from, to, false, true)),
          get: async (key) => ((await store.get(key)) as unknown) ?? null,
          set: async (key, value) => void (await store.put!(value, key)),
          remove: async (key) => store.delete!(key),
        });
        await transaction.done;
        return result;
      } catch (error) {
        // Why the browser broke it off (a full disk) says more than that it was broken off.
        const cause = transaction.error;
        // Nothing of it is kept; `done` has nothing more to tell.
        transaction.done.catch(() => undefined);
        try {
          transaction.abort();
        } catch {
          // It had ended by itself.
        }
        throw cause ?? error;
      }
    },
  };
}
