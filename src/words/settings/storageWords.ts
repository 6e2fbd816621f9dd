import type { Persistence } from '@/book/react';

/** What the browser promises about this address's storage, and what follows. */
export const PERSISTENCE_WORDS: Readonly<Record<Persistence, string>> = {
  granted:
    'The browser has promised to keep this book until you delete it yourself, even when the disk runs short.',
  refused:
    'The browser has not promised to keep this book when the disk runs short, or when Zolder is not opened for weeks. Open it often, install it where the browser offers that, and save a copy now and then.',
  cannot:
    'At this address the browser cannot promise to keep this book when the disk runs short. Save a copy now and then.',
};

/** What a browser offers at this address. */
export interface Offered {
  readonly serviceWorker: boolean;
  readonly wakeLock: boolean;
  readonly notifications: boolean;
}

/** What is lacking at this address, and what follows; empty where nothing is. */
export function lackingWords(offered: Offered): string {
  const lacking = [
    offered.serviceWorker
      ? ''
      : 'it cannot be installed, and works only while the computer that serves it is reached',
    offered.wakeLock ? '' : 'the screen may go dark while you wait for a pen',
    offered.notifications ? '' : 'timers cannot call you while the page is hidden',
  ].filter(Boolean);
  if (lacking.length === 0) return '';
  return `Zolder was opened over plain HTTP or in an older browser: ${lacking.join('; ')}. Everything else works.`;
}
