import { useSyncExternalStore } from 'react';

let share: number | null = null;
const listeners = new Set<() => void>();

/** Notes how far the reading of earlier months is, 0 to 1; null while none is waited for. */
export function setShare(next: number | null): void {
  share = next;
  listeners.forEach((tell) => tell());
}

function subscribe(listener: () => void): () => void {
  listeners.add(listener);
  return () => void listeners.delete(listener);
}

/** How far the reading of earlier months is that something on this page waits for. */
export const useEarlierShare = (): number | null => useSyncExternalStore(subscribe, () => share);
