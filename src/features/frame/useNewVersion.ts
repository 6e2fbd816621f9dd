import { useEffect, useState } from 'react';

/** Says when a new version of the app waits, and lets it in. */
export interface NewVersion {
  readonly waiting: boolean;
  /** Lets it in; the page then loads itself anew. Open forms are kept as drafts. */
  readonly use: () => void;
}

const SERVICE_WORKER = '/sw.js';

/**
 * Registers the service worker, which keeps the whole app for opening without a network. Only where
 * the browser allows one: HTTPS, or this very machine.
 */
export function useNewVersion(): NewVersion {
  const [waiting, setWaiting] = useState<ServiceWorker>();
  useEffect(() => {
    if (process.env.NODE_ENV !== 'production' || !('serviceWorker' in navigator)) return;
    const watch = (registration: ServiceWorkerRegistration) => {
      // Without a page already under control this is the first install, not an update.
      const offer = (worker: ServiceWorker | null) => {
        if (worker && navigator.serviceWorker.controller) setWaiting(worker);
      };
      offer(registration.waiting);
      registration.addEventListener('updatefound', () => {
        const coming = registration.installing;
        coming?.addEventListener('statechange', () => {
          if (coming.state === 'installed') offer(coming);
        });
      });
    };
    navigator.serviceWorker.register(SERVICE_WORKER).then(watch, () => undefined);
  }, []);
  const use = () => {
    navigator.serviceWorker.addEventListener('controllerchange', () => window.location.reload(), {
      once: true,
    });
    waiting?.postMessage({ type: 'SKIP_WAITING' });
  };
  return { waiting: waiting !== undefined, use };
}
