import { counted } from '../counted';

/** The Book: everything in time order. */
export const bookSays = {
  book: 'Book',
  whatStandsHere:
    'Every reading and every check stands here in time order, raw values kept for good.',
  entriesKept: (count: number) =>
    `${counted(count, 'entry')}. What the pens showed is never changed.`,
  entries: 'Entries',
} as const;
