import { useSyncExternalStore } from 'react';
import type { CupLabel, SimProfile } from '@/core/simulated-pen';

/** Where the stand-in stands: in a cup of the Bench, or in a tank as it was last read. */
export type Stands =
  | { readonly in: 'cup'; readonly label: CupLabel; readonly tempC: number }
  | {
      readonly in: 'tank';
      readonly ph: number;
      readonly ecMsPerCm: number;
      readonly tempC: number;
    };

/** What the simulated pen in place of a connected one is told. */
export interface StandInProps {
  readonly profile: SimProfile;
  readonly code: string;
  readonly stands: Stands;
  /** It is adjusted in this cup, once it stands still. */
  readonly adjusts?: boolean;
}

let connected = false;
const listeners = new Set<() => void>();

/** Connects or disconnects the demo's simulated pen, for as long as the page is open. */
export function standInConnected(now: boolean): void {
  connected = now;
  for (const tell of listeners) tell();
}

/** Whether the demo's simulated pen tells its display. */
export const useStandInConnected = (): boolean =>
  useSyncExternalStore(
    (tell) => {
      listeners.add(tell);
      return () => listeners.delete(tell);
    },
    () => connected,
  );
