import { decodeAll } from '@/records/storage/bookStore';
import { MANIFEST_KEY } from '@/records/storage/manifest';
import type { StoragePort } from '@/records/storage/port';
import type { BookName, RescuedBook } from './bookApi';
import { makeCheckedFile } from './checkedFile';
import type { Step } from './longWork';

/**
 * Everything readable of a book as a file, without opening it; undefined where there is nothing. `step` is
 * waited for between pieces, with how far it is, 0 to 1; what it throws ends it.
 */
export async function rescueBook(
  book: BookName,
  port: StoragePort,
  step?: Step,
): Promise<RescuedBook | undefined> {
  const all = await port.inOneGo('read', (within) => within.entries(''));
  const held = all.filter(([key]) => key.startsWith('p/') || key.startsWith('j/'));
  const list = all.find(([key]) => key === MANIFEST_KEY)?.[1] ?? null;
  const { revisions, setAside } = decodeAll(held, list);
  const keys = new Set(setAside.map(({ key }) => key));
  const asFound = held.filter(([key]) => keys.has(key));
  if (revisions.length + asFound.length === 0) return undefined;
  const file = await makeCheckedFile(revisions, asFound, step);
  return { book, file, entries: revisions.length, setAside: asFound.length };
}
