import { inBase } from '@/ui/inBase';

/** Whether this browser can call its owner when the page is not in front. */
export type Calling =
  /** It has no way to, or not at this address. */
  | 'cannot'
  /** It was never asked. */
  | 'unasked'
  | 'allowed'
  | 'refused';

/** What the browser says of calls now. Plain HTTP and some browsers have none. */
export function calling(): Calling {
  if (typeof Notification === 'undefined' || !window.isSecureContext) return 'cannot';
  if (Notification.permission === 'granted') return 'allowed';
  return Notification.permission === 'denied' ? 'refused' : 'unasked';
}

/** Asks the owner once; must run within a press. */
export async function askToCall(): Promise<Calling> {
  if (calling() === 'unasked') await Notification.requestPermission();
  return calling();
}

/** What a call is about. */
export interface Call {
  /** One line. */
  readonly text: string;
  /** Where a press on it leads. */
  readonly path: string;
  /** The same thing is told once. */
  readonly tag: string;
}

/**
 * Calls the owner through the system, where that is allowed. By the service worker where one runs, since
 * phones take a call from nobody else.
 */
export async function call({ text, path, tag }: Call): Promise<void> {
  if (calling() !== 'allowed') return;
  const how = { tag, icon: inBase('/icon-192.png'), data: { path } };
  const registration = await navigator.serviceWorker?.getRegistration();
  if (registration) await registration.showNotification(text, how);
  else new Notification(text, how);
}

/** Hears that a call was pressed, with the path it leads to; answers how to stop. */
export function onCallPressed(go: (path: string) => void): () => void {
  const heard = ({ data }: MessageEvent<unknown>) => {
    const told = data as { readonly goTo?: unknown } | null;
    if (typeof told?.goTo === 'string') go(told.goTo);
  };
  navigator.serviceWorker?.addEventListener('message', heard);
  return () => navigator.serviceWorker?.removeEventListener('message', heard);
}
