import { inBackground } from '@/trouble';
import { useEffect, useSyncExternalStore } from 'react';

/**
 * Whether all of the app is kept on this device: ready, under way, not possible at this address, or
 * refused (the page was opened against the browser's warning, or the browser blocks it).
 */
export type OfflineReady = 'ready' | 'keeping' | 'cannot' | 'refused';

let state: OfflineReady = 'serviceWorker' in globalThis.navigator ? 'keeping' : 'cannot';
const listeners = new Set<() => void>();

function become(next: OfflineReady): void {
  state = next;
  listeners.forEach((listener) => listener());
}

/** The browser registered nothing: what is not kept must not be promised. */
export const keepingRefused = (): void => become('refused');

const subscribe = (listener: () => void) => {
  listeners.add(listener);
  return () => void listeners.delete(listener);
};

/** Follows the keeping: a service worker is active only once every file of the app is kept. */
export function useOfflineReady(): OfflineReady {
  const now = useSyncExternalStore(subscribe, () => state);
  useEffect(() => {
    // It never settles where registration is refused.
    if (state === 'keeping')
      inBackground(
        'keeping the app',
        navigator.serviceWorker.ready.then(() => become('ready')),
      );
  }, []);
  return now;
}
