/** Between steps where the browser tells of no idle moments, ms. */
const PAUSE_MS = 50;

/** Does something in the next idle moment; answers how to leave it undone. */
export function whenIdle(act: () => void): () => void {
  // Some browsers have no idle moments to give: a short pause does.
  if (typeof requestIdleCallback !== 'function') {
    const timer = setTimeout(act, PAUSE_MS);
    return () => clearTimeout(timer);
  }
  const idle = requestIdleCallback(act);
  return () => cancelIdleCallback(idle);
}
