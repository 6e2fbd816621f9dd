import { useSyncExternalStore } from 'react';
import { inBackground } from '@/trouble';

/** What a browser hands over when the app can be installed; it can be used once. */
interface InstallPrompt extends Event {
  prompt(): Promise<unknown>;
}

let held: InstallPrompt | undefined;
const listeners = new Set<() => void>();
const tell = () => listeners.forEach((listener) => listener());

/** Keeps the browser's offer until a screen shows it. Called once, before the first screen. */
export function watchInstall(): () => void {
  const offered = (event: Event) => {
    event.preventDefault();
    held = event as InstallPrompt;
    tell();
  };
  const done = () => {
    held = undefined;
    tell();
  };
  window.addEventListener('beforeinstallprompt', offered);
  window.addEventListener('appinstalled', done);
  return () => {
    window.removeEventListener('beforeinstallprompt', offered);
    window.removeEventListener('appinstalled', done);
  };
}

const subscribe = (listener: () => void) => {
  listeners.add(listener);
  return () => void listeners.delete(listener);
};

function install(): void {
  const prompt = held;
  held = undefined;
  tell();
  if (prompt) inBackground('install', prompt.prompt());
}

/** How to install here; undefined where the browser makes no such offer. */
export function useInstall(): (() => void) | undefined {
  return useSyncExternalStore(subscribe, () => (held ? install : undefined));
}

/** Whether this page is the installed app. */
export const isInstalled = (): boolean =>
  window.matchMedia('(display-mode: standalone)').matches ||
  (navigator as { standalone?: boolean }).standalone === true;

/** Whether the installed app has a storage apart from this browser's: one large family of phones. */
export const hasOwnStorage = (): boolean => 'standalone' in navigator && !isInstalled();
