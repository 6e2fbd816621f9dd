import type { Tank } from '@/records/kinds';
import { additionsOf } from './additions';
import type { BookState } from './bookState';
import { watersOf } from './watersOf';
import type { TankId } from '@/records';

/** EC of a tank that holds its waters and nothing else, as the book knows them, mS/cm; else undefined. */
export function knownEc(
  book: BookState,
  { tankId, tank, atMs }: { readonly tankId: TankId; readonly tank: Tank; readonly atMs: number },
): number | undefined {
  const before = additionsOf(book, tankId).filter((each) => each.atMs <= atMs);
  const fill = before.findLastIndex(({ record }) => record.body.what === 'change');
  if (fill < 0) return undefined;
  const since = before.slice(fill + 1);
  const fed = since.some(({ record }) => !['water', 'drain'].includes(record.body.what));
  if (fed) return undefined;
  return watersOf(book, before[fill]!.record.body.waters ?? tank.waters).ecMsPerCm;
}
