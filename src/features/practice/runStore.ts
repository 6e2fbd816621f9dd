import { useRef, useSyncExternalStore, type ReactNode } from 'react';
import type { World } from '@/core/simulated-pen';

/** The bench of a run as the page sees it: told when it is to be drawn anew. */
export interface RunStore {
  readonly get: () => World;
  readonly set: (world: World) => void;
  readonly subscribe: (onChange: () => void) => () => void;
}

/** Holds a run of the practice and tells whoever draws it that it moved on. */
export function runStore(start: World): RunStore {
  let world = start;
  const listeners = new Set<() => void>();
  return {
    get: () => world,
    set: (next) => {
      world = next;
      for (const tell of listeners) tell();
    },
    subscribe: (onChange) => {
      listeners.add(onChange);
      return () => listeners.delete(onChange);
    },
  };
}

const same = (a: readonly unknown[], b: readonly unknown[]) =>
  a.length === b.length && a.every((one, at) => Object.is(one, b[at]));

interface PartProps {
  readonly store: RunStore;
  /** What of the bench this part shows: it is drawn anew only when one of these changes. */
  readonly of: (world: World) => readonly unknown[];
  readonly draw: (world: World) => ReactNode;
}

/** A part of the practice bench that is drawn only when what it shows has changed: time passes without it. */
export function Part({ store, of, draw }: PartProps): ReactNode {
  const last = useRef<readonly unknown[]>([]);
  useSyncExternalStore(store.subscribe, () => {
    const next = of(store.get());
    if (!same(last.current, next)) last.current = next;
    return last.current;
  });
  return draw(store.get());
}
