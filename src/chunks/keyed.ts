/** Sheets that only a key opens. */
export { Find } from '@/features/frame/Find';
export { KeyList } from '@/shell/keys/KeyList';
