/** A hand that moved or pressed so lately may be about to press again, ms. */
const REST_MS = 600;

let isDown = false;
let movedAtMs = Number.NEGATIVE_INFINITY;
let isWatched = false;

function watch(event: Event): void {
  movedAtMs = performance.now();
  if (event.type !== 'pointermove') isDown = event.type === 'pointerdown';
}

/** Begins to watch the hand, where there is a page. */
export function watchHand(): void {
  if (isWatched || typeof window === 'undefined') return;
  isWatched = true;
  for (const name of ['pointermove', 'pointerdown', 'pointerup', 'pointercancel'])
    window.addEventListener(name, watch, true);
}

/**
 * Does something once no pointer is down or moved just now, so that nothing moves under a press; answers
 * how to forget about it.
 */
export function whenAtRest(work: () => void): () => void {
  let timer: ReturnType<typeof setTimeout> | undefined;
  const look = () => {
    const leftMs = movedAtMs + REST_MS - performance.now();
    if (isDown || leftMs > 0) timer = setTimeout(look, Math.max(leftMs, 50));
    else work();
  };
  look();
  return () => clearTimeout(timer);
}
