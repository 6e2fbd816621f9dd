import { counted } from '../counted';

/** The Book: everything in time order. */
export const bookSays = {
  loadingTheBook: 'Loading the Book',
  book: 'Book',
  whatStandsHere:
    'Every reading and every check stands here in time order, raw values kept for good.',
  entriesKept: (count: number) =>
    `${counted(count, 'entry')}. What the pens showed is never changed.`,
  olderEntries: 'Older entries',
  timeBy: 'Time, by',
  values: 'Values',
  newestOf: (count: number, total: number) =>
    `The newest ${count} of ${counted(total, 'entry')}. What the pens showed is never changed.`,
} as const;
