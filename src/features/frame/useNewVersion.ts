import { HOUR_MS } from '@/core/units';
import { inBase } from '@/ui/inBase';
import { useEffect, useRef, useState } from 'react';
import { keepingRefused } from '@/shell/device/offlineReady';
import { inBackground, noteTrouble } from '@/trouble';

/** Says when a new version of the app waits, and lets it in. */
export interface NewVersion {
  readonly waiting: boolean;
  /** Lets it in; every tab then loads itself anew. Open forms are kept as drafts. */
  readonly use: () => void;
}

const SERVICE_WORKER = inBase('/sw.js');

/** How often a page that stays open looks for a new version, ms. */
const LOOK_EVERY_MS = HOUR_MS;

/** Watches a registration; answers how to stop. */
function watch(
  registration: ServiceWorkerRegistration,
  offer: (worker: ServiceWorker) => void,
): () => void {
  // Without a page already under control this is the first install, not an update.
  const offerUpdate = (worker: ServiceWorker | null) => {
    if (worker && navigator.serviceWorker.controller) offer(worker);
  };
  offerUpdate(registration.waiting);
  const found = () => {
    const coming = registration.installing;
    coming?.addEventListener('statechange', () => {
      if (coming.state === 'installed') offerUpdate(coming);
    });
  };
  registration.addEventListener('updatefound', found);
  const look = setInterval(() => inBackground('version', registration.update()), LOOK_EVERY_MS);
  return () => {
    clearInterval(look);
    registration.removeEventListener('updatefound', found);
  };
}

/**
 * Registers the service worker, which keeps the whole app for opening without a network. Only where
 * the browser allows one: HTTPS, or this very machine. A browser that registers nothing is no error.
 * When a version is let in, in this tab or another, every tab loads itself anew: two versions never
 * write one book at once. Until then the old version's files are kept (`keep.js`).
 */
export function useNewVersion(): NewVersion {
  const [waiting, setWaiting] = useState<ServiceWorker>();
  const reloading = useRef(false);
  useEffect(() => {
    if (process.env.NODE_ENV !== 'production' || !('serviceWorker' in navigator)) return;
    const { serviceWorker } = navigator;
    let wasControlled = serviceWorker.controller !== null;
    let stop: () => void = () => undefined;
    let gone = false;
    serviceWorker.register(SERVICE_WORKER).then(
      (registration: ServiceWorkerRegistration | undefined) => {
        if (!registration) keepingRefused();
        else if (!gone) stop = watch(registration, setWaiting);
      },
      (error: unknown) => {
        noteTrouble('offline', error);
        keepingRefused();
      },
    );
    const changed = () => {
      // The first install takes over a page that had none: nothing to load anew. The next one does.
      const isFirst = !wasControlled;
      wasControlled = true;
      if (isFirst || reloading.current) return;
      reloading.current = true;
      window.location.reload();
    };
    serviceWorker.addEventListener('controllerchange', changed);
    return () => {
      gone = true;
      stop();
      serviceWorker.removeEventListener('controllerchange', changed);
    };
  }, []);
  return {
    waiting: waiting !== undefined,
    use: () => waiting?.postMessage({ type: 'SKIP_WAITING' }),
  };
}
