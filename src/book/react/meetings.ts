import { useEffect, useSyncExternalStore } from 'react';
import { MINUTE_MS } from '@/core/units';
import { inBackground, noteTrouble } from '@/trouble';
import type { BookClient, HouseStatus } from '../client';

/** The first meeting waits until the first screen is drawn, ms. */
const FIRST_AFTER_MS = 1500;

/** A meeting comes so soon after something was saved, ms: what a press wrote goes together. */
const SOON_MS = 700;

/** Phones of one house do not all come in the same second: the minute is longer by up to so much, ms. */
const SPREAD_MS = 8000;

let client: BookClient | undefined;
let status: HouseStatus | undefined;
let soon: ReturnType<typeof setTimeout> | undefined;
const listeners = new Set<() => void>();

/** How often something was told: an answer that another one overtook is dropped. */
let tellings = 0;

function tell(next: HouseStatus): void {
  status = next;
  tellings += 1;
  listeners.forEach((listener) => listener());
}

/** What the service worker listens for (`tell-house.js`). */
const SYNC_TAG = 'zolder-house';

/** Lets the browser tell the house what waits once the network is back, page or no page, where it can. */
async function askForSync(): Promise<void> {
  const registration = await navigator.serviceWorker?.getRegistration();
  const { sync } = (registration ?? {}) as { sync?: { register(tag: string): Promise<void> } };
  // A browser may refuse; the page goes on by itself.
  await sync?.register(SYNC_TAG).catch(() => undefined);
}

/** Meets the house now, where this device is paired with one; what stands in the way is in the status. */
export async function meetNow(): Promise<void> {
  if (!client) return;
  clearTimeout(soon);
  try {
    const met = await client.meetHouse(Date.now());
    tell(met);
    if (met.trouble === 'away' && met.waiting !== 0) await askForSync();
  } catch (error) {
    noteTrouble('house', error);
  }
}

/**
 * Meets the house shortly: something was saved. A device that is paired with none asks nothing, and one
 * that is not let in only each minute: more would be taken for guessing.
 */
export function meetSoon(): void {
  if (!status?.paired || status.trouble === 'revoked' || status.trouble === 'nobody') return;
  clearTimeout(soon);
  soon = setTimeout(() => inBackground('house', meetNow()), SOON_MS);
  inBackground('house', tellWaiting());
}

/** Tells at once that what was just saved waits; "nothing waiting" would be untrue until the meeting. */
async function tellWaiting(): Promise<void> {
  const before = tellings;
  const now = await client?.houseStatus();
  if (now && before === tellings && status) tell({ ...status, waiting: now.waiting });
}

const isSeen = () => document.visibilityState === 'visible';

/**
 * From now on the house is met at the start, when the network or the page comes back, and each minute; whether
 * this device is paired is looked at each time, since another tab may have paired it.
 */
export function startMeetings(of: BookClient): void {
  if (client) return;
  client = of;
  setTimeout(() => inBackground('house', meetNow()), FIRST_AFTER_MS);
  window.addEventListener('online', () => inBackground('house', meetNow()));
  document.addEventListener('visibilitychange', () => {
    if (isSeen()) inBackground('house', meetNow());
  });
  const everyMinute = () => {
    if (isSeen()) inBackground('house', meetNow());
    setTimeout(everyMinute, MINUTE_MS + Math.random() * SPREAD_MS);
  };
  setTimeout(everyMinute, MINUTE_MS);
}

function subscribe(listener: () => void): () => void {
  listeners.add(listener);
  return () => void listeners.delete(listener);
}

/**
 * How this device stands with its house; undefined until it is known, and in the demo. `now` asks at once
 * where the first meeting has not told it yet.
 */
export function useHouseStatus({ now = false } = {}): HouseStatus | undefined {
  useEffect(() => {
    if (now && !status) inBackground('house', tellStanding());
  }, [now]);
  return useSyncExternalStore(subscribe, () => status);
}

async function tellStanding(): Promise<void> {
  const standing = await client?.houseStatus();
  if (standing && !status) tell(standing);
}
