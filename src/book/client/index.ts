import { proxy, wrap, type Remote } from 'comlink';
import type { BookApi, Moment, OnChange } from '../bookApi';

export type { Appended, BookName, FilePreview, Moment, Opened } from '../bookApi';
export type { BundleRefusal } from '@/interchange/bundle';
export type { DeviceSettings } from '../device';

/** The book worker seen from the page. */
export type BookClient = Remote<BookApi>;

/** Starts the book worker of this tab. */
export function startBookClient(): BookClient {
  const worker = new Worker(new URL('../worker.ts', window.location.href));
  return wrap<BookApi>(worker);
}

/** Wraps a listener so that the worker can call it. */
export function listenTo(onChange: OnChange): OnChange {
  return proxy(onChange);
}

/** Now, here: what every act is stamped with. */
export function thisMoment(): Moment {
  return { nowMs: Date.now(), zone: Intl.DateTimeFormat().resolvedOptions().timeZone };
}
