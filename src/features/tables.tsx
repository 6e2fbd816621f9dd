/** Every table for comparing in one chunk, loaded on a wide page. */
export { TanksTable } from './tanks/TanksTable';
export { PensTable } from './pens/PensTable';
export { ShelfTable } from './shelf/ShelfTable';
export { LedgerTable } from './book/LedgerTable';
