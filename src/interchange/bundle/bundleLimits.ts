/** A larger file than this is not read: a book of fifty thousand readings takes about a third, bytes. */
export const BUNDLE_MAX_BYTES = 64_000_000;
