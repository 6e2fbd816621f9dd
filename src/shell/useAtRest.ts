import { useEffect, useState } from 'react';

/** A hand that moved or pressed so lately may be about to press again, ms. */
const REST_MS = 600;

let isDown = false;
let movedAtMs = Number.NEGATIVE_INFINITY;

function watch(event: PointerEvent): void {
  movedAtMs = performance.now();
  if (event.type !== 'pointermove') isDown = event.type === 'pointerdown';
}

const WATCHED = ['pointermove', 'pointerdown', 'pointerup', 'pointercancel'] as const;

/** Does something once no pointer is down or moved just now; answers how to forget about it. */
function whenAtRest(work: () => void): () => void {
  let timer: ReturnType<typeof setTimeout>;
  const look = () => {
    const leftMs = movedAtMs + REST_MS - performance.now();
    if (isDown || leftMs > 0) timer = setTimeout(look, Math.max(leftMs, 50));
    else work();
  };
  look();
  return () => clearTimeout(timer);
}

/**
 * A value that is taken away only while the hand rests: what stands above or below it on the screen
 * never moves under a press.
 */
export function useAtRest<T>(value: T | undefined): T | undefined {
  const [held, setHeld] = useState(value);
  if (value !== undefined && value !== held) setHeld(value);
  useEffect(() => {
    for (const name of WATCHED) window.addEventListener(name, watch, true);
    return () => {
      for (const name of WATCHED) window.removeEventListener(name, watch, true);
    };
  }, []);
  useEffect(
    () => (value === undefined ? whenAtRest(() => setHeld(undefined)) : undefined),
    [value],
  );
  return value ?? held;
}
