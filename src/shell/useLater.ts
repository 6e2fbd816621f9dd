import { startTransition, useEffect, useState } from 'react';

/**
 * False at first, true once what stands above has been painted: the answer comes before the history,
 * and neither holds the page up.
 */
export function useLater(ready: boolean): boolean {
  const [later, setLater] = useState(false);
  useEffect(() => {
    if (!ready || later) return;
    const frame = requestAnimationFrame(() => startTransition(() => setLater(true)));
    return () => cancelAnimationFrame(frame);
  }, [ready, later]);
  return later;
}
