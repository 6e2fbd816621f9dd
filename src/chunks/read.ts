/** Read: a reading typed, corrected and saved. */
export { ReadIndex } from '@/features/read/ReadIndex';
