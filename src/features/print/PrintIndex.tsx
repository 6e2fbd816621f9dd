import { chunkPart } from '@/shell/chunk';

/** Documents of the Book for the printer. */
export const PrintIndex = chunkPart('book', 'PrintScreen');
