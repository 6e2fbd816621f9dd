import type { BookNames } from '@/book/answers';
import type { BookState } from './bookState';
import { sidesOf } from './penTrack';
import { ledgerEntries } from './ledgerEntries';

const byName = (a: { readonly name: string }, b: { readonly name: string }) =>
  a.name.localeCompare(b.name, 'en', { numeric: true });

/** What the Book can be asked about: its places, pens, lots, and who has written in it. */
export function bookNames(book: BookState): BookNames {
  return book.remember('bookNames', () => ({
    tanks: book
      .all('tank')
      .map(({ id, body }) => ({ id, name: body.name }))
      .sort(byName),
    pens: book
      .all('pen')
      .map(({ id, body }) => ({ id, name: `${body.code} ${body.name}`, sides: sidesOf({ body }) }))
      .sort(byName),
    lots: book
      .all('lot')
      .filter(({ body }) => body.lotCode !== '')
      .map(({ id, body }) => ({ id, name: body.lotCode }))
      .sort(byName),
    people: [...new Set(ledgerEntries(book).map(({ by }) => by))].filter(Boolean).sort(),
  }));
}
