import { createContext } from 'react';

/**
 * Which pane a screen stands in on a wide page. Only one is the main one: it holds the page's first
 * heading; in the others headings step down.
 */
export type Pane = 'main' | 'beside';

/** In which pane a part is drawn. */
export const PaneContext = createContext<Pane>('main');
