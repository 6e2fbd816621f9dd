import { useEffect } from 'react';

export type Paper = 'A4' | 'letter';

/** What only the screen shows. */
export const onScreenOnly = { dataSet: { noprint: 'true' } } as object;

/** Tells the style sheet of the page that this screen is what the browser prints, and on which paper. */
export function usePrinted(paper: Paper): void {
  useEffect(() => {
    const names = ['printing', `paper-${paper}`];
    document.body.classList.add(...names);
    return () => document.body.classList.remove(...names);
  }, [paper]);
}
