import { chunkPart } from '@/shell/chunk';

/** The whole book as one file. */
export const BookFileIndex = chunkPart('book', 'BookFileScreen');

/** Old entries let go of for good. */
export const EraseIndex = chunkPart('book', 'EraseScreen');
