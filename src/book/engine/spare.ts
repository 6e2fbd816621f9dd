import { NeedsEarlier } from './earlierReadings';
import type { BookState } from './bookState';

/**
 * Computes an answer about one pen or tank; where that fails the book notes which one, and the rest
 * of the screen goes on with `fallback`.
 */
export function spare<T>(book: BookState, about: string, compute: () => T, fallback: () => T): T {
  try {
    return compute();
  } catch (error) {
    if (error instanceof NeedsEarlier) throw error;
    book.noteSpoiled(about, error);
    return fallback();
  }
}
