import { decodeAll } from '@/records/storage/bookStore';
import { MANIFEST_KEY } from '@/records/storage/manifest';
import type { StoragePort } from '@/records/storage/port';
import type { BookName, RescuedBook } from './bookApi';
import { makeCheckedFile } from './checkedFile';

/** Everything readable of a book as a file, without opening it; undefined where there is nothing. */
export async function rescueBook(
  book: BookName,
  port: StoragePort,
): Promise<RescuedBook | undefined> {
  const all = await port.inOneGo('read', (within) => within.entries(''));
  const held = all.filter(([key]) => key.startsWith('p/') || key.startsWith('j/'));
  const list = all.find(([key]) => key === MANIFEST_KEY)?.[1] ?? null;
  const { revisions, setAside } = decodeAll(held, list);
  const keys = new Set(setAside.map(({ key }) => key));
  const asFound = held.filter(([key]) => keys.has(key));
  if (revisions.length + asFound.length === 0) return undefined;
  const file = await makeCheckedFile(revisions, asFound);
  return { book, file, entries: revisions.length, setAside: asFound.length };
}
