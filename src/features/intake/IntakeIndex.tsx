import { chunkPart } from '@/shell/chunk';

/** Tables of other programs, taken into the book. */
export const IntakeIndex = chunkPart('book', 'TakeInScreen');
