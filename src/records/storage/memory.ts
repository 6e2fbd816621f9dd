import type { Held, StoragePort } from './port';

/** Stands for a value that was removed. */
const GONE = Symbol('gone');

/** A book in memory, for tests, for making the demo, and where the browser refuses storage. */
export function memoryStorage(held = new Map<string, unknown>()): StoragePort {
  let queue: Promise<unknown> = Promise.resolve();
  return {
    keys: async () => [...held.keys()],
    getMany: async (keys) => keys.map((key) => held.get(key) ?? null),
    setMany: async (entries) => entries.forEach(([key, value]) => held.set(key, value)),
    removeMany: async (keys) => keys.forEach((key) => held.delete(key)),
    inOneGo(_mode, work) {
      const go = async () => {
        // Changes wait until the work is through: a work that throws leaves nothing behind.
        const changed = new Map<string, unknown>();
        const where = (holds: (key: string) => boolean) =>
          [...new Map([...held, ...changed])]
            .filter(([key, value]) => value !== GONE && holds(key))
            .sort(([a], [b]) => (a < b ? -1 : 1)) as Held[];
        const get = (key: string) => (changed.has(key) ? changed.get(key) : held.get(key));
        const under = (prefix: string) => where((key) => key.startsWith(prefix));
        const result = await work({
          keys: async (prefix) => under(prefix).map(([key]) => key),
          entries: async (prefix) => under(prefix),
          between: async (from, to) => where((key) => key >= from && key < to),
          get: async (key) => (get(key) === GONE ? null : (get(key) ?? null)),
          set: async (key, value) => void changed.set(key, value),
          remove: async (key) => void changed.set(key, GONE),
        });
        for (const [key, value] of changed) {
          if (value === GONE) held.delete(key);
          else held.set(key, value);
        }
        return result;
      };
      const run = queue.then(go);
      queue = run.catch(() => undefined);
      return run;
    },
  };
}
