/** One stored text under a key. */
export type Entry = readonly [key: string, value: string];

/** One stored value as it is found: a text, as a rule; anything else is damage. */
export type Held = readonly [key: string, value: unknown];

/**
 * What may be done within one transaction. Only these calls may be awaited inside it: awaiting
 * anything else ends the transaction.
 */
export interface Within {
  keys(prefix: string): Promise<readonly string[]>;
  /** Everything under a prefix, by key. */
  entries(prefix: string): Promise<readonly Held[]>;
  /** Everything from one key on, up to another that is not among them. */
  between(from: string, to: string): Promise<readonly Held[]>;
  /** One value; null where there is none. */
  get(key: string): Promise<unknown>;
  set(key: string, value: string): Promise<void>;
  remove(key: string): Promise<void>;
}

/** Where a book is kept. `setMany` is one atomic act: all of it is there afterwards, or none. */
export interface StoragePort {
  keys(): Promise<readonly string[]>;
  /** The values of these keys as found; null where there is none. */
  getMany(keys: readonly string[]): Promise<readonly unknown[]>;
  setMany(entries: readonly Entry[]): Promise<void>;
  removeMany(keys: readonly string[]): Promise<void>;
  /**
   * Reads, and with `write` changes, in one transaction: no other tab comes between, all of it is
   * kept or none. Needs no lock, so it holds over plain HTTP too.
   */
  inOneGo<T>(mode: 'read' | 'write', work: (within: Within) => Promise<T>): Promise<T>;
}
