/** One stored text under a key. */
export type Entry = readonly [key: string, value: string];

/** Where a book is kept. `setMany` is one atomic act: all of it is there afterwards, or none. */
export interface StoragePort {
  keys(): Promise<readonly string[]>;
  getMany(keys: readonly string[]): Promise<readonly (string | null)[]>;
  setMany(entries: readonly Entry[]): Promise<void>;
  removeMany(keys: readonly string[]): Promise<void>;
}
