import { eventMs, type Revision } from '@/records';
import { BookState } from '../bookState';
import { earlierSchema, tellEarlier } from '../earlierReadings';

interface Left {
  readonly nowMs: number;
  /** The beginning of a month, epoch ms: readings before it are left. */
  readonly beforeMs: number;
  readonly newestHere?: number;
}

/** A book opened whole, and the same opened without its earlier readings; what was left is `left`. */
export function openedBoth(revisions: readonly Revision[], { nowMs, ...how }: Left) {
  const whole = new BookState({ exact: true });
  whole.setNow(nowMs);
  whole.apply(revisions);
  const readings = revisions.filter(({ kind }) => kind === 'reading');
  const packed = readings.filter((revision) => eventMs(revision) < how.beforeMs);
  const { told, copies } = tellEarlier(
    {
      records: new Map(whole.idsOf('reading').map((id) => [id, whole.revisionsOf(id)])),
      standing: whole.all('reading'),
      hidden: whole.aheadOfNow(),
      inJournal: new Set(),
      packed: packed.length,
    },
    how,
  );
  const here = new Set(copies.map(({ revId }) => revId));
  const left = packed.filter(({ revId }) => !here.has(revId));
  const isLeft = new Set(left.map(({ revId }) => revId));
  const partial = new BookState({ exact: true });
  // As it comes back from storage.
  partial.leave(earlierSchema.parse(JSON.parse(JSON.stringify(told))));
  partial.setNow(nowMs);
  partial.apply(revisions.filter(({ revId }) => !isLeft.has(revId)));
  return { whole, partial, left };
}
