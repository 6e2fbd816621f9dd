import { erasedAmong, headOf, type RecordId, type Revision } from '@/records';
import type { Erasure } from '@/records/kinds';

function byRecord(revisions: readonly Revision[]): Map<RecordId, Revision[]> {
  const records = new Map<RecordId, Revision[]>();
  for (const revision of revisions) {
    const list = records.get(revision.recordId);
    if (list) list.push(revision);
    else records.set(revision.recordId, [revision]);
  }
  return records;
}

/** What the erasures among revisions say now. */
export function erasuresIn(revisions: readonly Revision[]): readonly Erasure[] {
  const told = revisions.filter(({ kind }) => kind === 'erasure');
  return [...byRecord(told).values()].flatMap((all) => (headOf(all)?.body as Erasure | null) ?? []);
}

/** Revisions without those of records that were erased: nothing of them comes back. */
export function withoutErased(
  revisions: readonly Revision[],
  erasures: readonly Erasure[],
): readonly Revision[] {
  if (erasures.length === 0) return revisions;
  const gone = erasedAmong(byRecord(revisions), erasures);
  return gone.size === 0 ? revisions : revisions.filter(({ recordId }) => !gone.has(recordId));
}
