import { chunkPart } from '@/shell/chunk';

/** Figures of the book for other programs. */
export const OutIndex = chunkPart('book', 'OutScreen');
