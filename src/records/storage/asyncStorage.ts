import { createAsyncStorage } from '@react-native-async-storage/async-storage';
import type { StoragePort } from './port';

/** A book in the browser: AsyncStorage 3 over IndexedDB, one database a name. */
export function browserStorage(name: string): StoragePort {
  const storage = createAsyncStorage(name);
  return {
    keys: () => storage.getAllKeys(),
    async getMany(keys) {
      const found = await storage.getMany([...keys]);
      return keys.map((key) => found[key] ?? null);
    },
    setMany: (entries) => storage.setMany(Object.fromEntries(entries)),
    removeMany: (keys) => storage.removeMany([...keys]),
  };
}
