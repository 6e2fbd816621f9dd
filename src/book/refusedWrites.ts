/** Thrown where a newer Zolder wrote part of the book: nothing is added to it by this one. */
export class ReadOnlyBook extends Error {
  override readonly name = 'ReadOnlyBook';
}

/** Thrown where an entry is dated into a time whose entries were erased for good: it would not stay. */
export class ErasedTime extends Error {
  override readonly name = 'ErasedTime';
}
