/** Every table for comparing in one chunk, loaded on a wide page. */
export { TanksTable } from '@/features/tanks/TanksTable';
export { PensTable } from '@/features/pens/PensTable';
