import type { EntryAnswer } from '@/book/answers';
import { byDescent, type RecordId } from '@/records';
import type { BookState } from './bookState';
import { checkAbout, entryLinks } from './entryAbout';

/** What pens, tanks, lots and products are called, by their ids. */
export function namesIn(book: BookState): Readonly<Record<string, string>> {
  return book.remember('namesOfRecords', () => ({
    ...Object.fromEntries(book.all('pen').map(({ id, body }) => [id, body.code])),
    ...Object.fromEntries(book.all('tank').map(({ id, body }) => [id, body.name])),
    ...Object.fromEntries(book.all('lot').map(({ id, body }) => [id, body.lotCode])),
    ...Object.fromEntries(book.all('product').map(({ id, body }) => [id, body.name])),
  }));
}

/** An entry with all its versions, whatever its clock said; null for a record that is not here. */
export function entryAnswer(book: BookState, recordId: RecordId): EntryAnswer | null {
  const revisions = book.revisionsOf(recordId);
  const [first] = revisions;
  if (!first) return null;
  const versions = [...byDescent(revisions)].reverse().map((revision) => ({
    revId: revision.revId,
    atMs: Date.parse(revision.at),
    zone: revision.zone,
    by: revision.by,
    why: revision.why ?? '',
    body: revision.body as unknown,
  }));
  const { kind } = first;
  return {
    recordId,
    kind,
    versions,
    names: namesIn(book),
    links: entryLinks(book, kind, recordId),
    check: kind === 'session' ? checkAbout(book, recordId) : undefined,
  };
}
