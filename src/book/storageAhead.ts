import { browserStorage } from '@/records/storage/browserStorage';
import type { StoragePort } from '@/records/storage/port';
import type { BookName } from './bookApi';

/** The database of each book. */
export const DATABASE: Readonly<Record<BookName, string>> = {
  own: 'zolder',
  demo: 'zolder-demo',
};

/** Storage that a worker opens before anything else. */
export interface StorageAhead {
  /** The settings of this device. */
  readonly device: StoragePort;
  /** The own book: nearly always the one that opens. */
  readonly own: StoragePort;
}

/** Begins to open storage, which takes the browser a while, before the rest of the worker's script is run. */
export function storageAhead(): StorageAhead {
  const device = browserStorage('zolder-device');
  const own = browserStorage(DATABASE.own);
  // Whoever reads meets what is wrong.
  device.keys().catch(() => undefined);
  own.inOneGo('read', () => Promise.resolve()).catch(() => undefined);
  return { device, own };
}
