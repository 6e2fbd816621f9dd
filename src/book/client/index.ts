import { proxy, wrap, type Remote } from 'comlink';
import { idSource, type ActId } from '@/records/ids';
import { noteTrouble } from '@/trouble';
import { MINUTE_MS } from '@/core/units';
import type { BookApi, Moment, OnTrouble } from '../bookApi';
import { zoneHere } from '../moment';

export type {
  AheadAnswer,
  BookName,
  Emptied,
  FilePreview,
  Health,
  Moment,
  Opened,
} from '../bookApi';
export type { BundleRefusal } from '@/interchange/bundle';
export type { DeviceSettings } from '../device';
export type { HouseTrouble } from '../house/houseCalls';
export type { HouseStatus } from '../house/houseStatus';
export type { HouseDevice } from '@/interchange/exchange/wire';

/** The book worker seen from the page. */
export type BookClient = Remote<BookApi>;

/** The book worker of this tab: the one that `boot.js` began before the app, where it did. */
export function startBookClient(): BookClient {
  const begun = (globalThis as { zolderWorker?: Worker }).zolderWorker;
  const worker = begun ?? new Worker(new URL('../worker.ts', window.location.href));
  return wrap<BookApi>(worker);
}

/** Wraps a listener so that the worker can call it: a change, how far something is. */
export function listenTo<Told>(listener: (told: Told) => void): (told: Told) => void {
  return proxy(listener);
}

/** Whether something ended because it was stopped by a press. */
export const wasStopped = (error: unknown): boolean =>
  error instanceof Error && error.name === 'Stopped';

/** Lets the worker note what went wrong in the page's log. */
export function tellTrouble(): OnTrouble {
  return proxy((about: string, message: string) => noteTrouble(about, message));
}

let zone: string | undefined;
let askedMs = 0;

/** So long a time zone is taken to be the one it was, ms: asking for it at each press is slow. */
const ZONE_HOLDS_MS = MINUTE_MS;

/** Now, here: what every act is stamped with. */
export function thisMoment(): Moment {
  const nowMs = Date.now();
  if (zone === undefined || Math.abs(nowMs - askedMs) > ZONE_HOLDS_MS) {
    zone = zoneHere();
    askedMs = nowMs;
  }
  return { nowMs, zone };
}

/** Now, the place left to the worker: asked on the page it would hold up the first screen. */
export const openingMoment = (): Moment => ({ nowMs: Date.now(), zone: '' });

const nextId = idSource();

/** The id of an act, made before it is sent. */
export function newActId(): ActId {
  return nextId(Date.now()) as string;
}
