/** Sheets that only a key opens, in a chunk of their own. */
export { Find } from './Find';
export { KeyList } from '@/shell/keys/KeyList';
