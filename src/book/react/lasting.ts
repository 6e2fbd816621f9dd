const KEY = 'zolder-book';

/** Remembers, outside of every database, that an own book was begun at this address. */
export function rememberBook(): void {
  try {
    localStorage.setItem(KEY, 'begun');
  } catch {
    // A browser without it loses one of two ways to notice an emptied book.
  }
}

/** Forgets it: the grower begins anew. */
export function forgetBook(): void {
  try {
    localStorage.removeItem(KEY);
  } catch {
    // Nothing was remembered then.
  }
}

/** Whether a book was begun on this device before. */
export function bookRemembered(): boolean {
  try {
    return localStorage.getItem(KEY) !== null;
  } catch {
    return false;
  }
}

/** Whether the browser promises to keep this address's storage when its disk runs short. */
export type Persistence = 'granted' | 'refused' | 'cannot';

/** What the browser promised so far. */
export async function persistence(): Promise<Persistence> {
  if (!('storage' in navigator) || !navigator.storage.persisted) return 'cannot';
  return (await navigator.storage.persisted()) ? 'granted' : 'refused';
}

let asked = false;

/** Asks for that promise, once a page, at the first own record. */
export async function askToPersist(): Promise<void> {
  if (asked || (await persistence()) !== 'refused') return;
  asked = true;
  await navigator.storage.persist();
}
