import type { Row } from '@/book/answers';
import type { Kind } from '@/records';
import type { BookState } from './bookState';

/** Every live record of a kind as it stands, in the order they were made. */
export function rowsAnswer<K extends Kind>(book: BookState, kind: K): readonly Row<K>[] {
  return book.all(kind).map(({ id, head, body }) => ({
    id,
    revId: head.revId,
    body,
    by: head.by,
  }));
}
