import { chunkPart } from '@/shell/chunk';

/** Everything in time order. */
export const BookIndex = chunkPart('book', 'BookList');

/** One entry with everything it ever said. */
export const BookEntry = chunkPart('book', 'EntryScreen');
