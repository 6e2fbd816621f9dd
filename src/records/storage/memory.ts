import type { StoragePort } from './port';

/** A book in memory, for tests and for making the demo. */
export function memoryStorage(held = new Map<string, string>()): StoragePort {
  return {
    keys: async () => [...held.keys()],
    getMany: async (keys) => keys.map((key) => held.get(key) ?? null),
    setMany: async (entries) => entries.forEach(([key, value]) => held.set(key, value)),
    removeMany: async (keys) => keys.forEach((key) => held.delete(key)),
  };
}
