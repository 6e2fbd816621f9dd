import { answer, refuse, type Result } from '@/core/result';
import type { ActId, Change } from '@/records';
import type { BookState } from './engine/bookState';

/**
 * What takes an act back: what it made new is deleted, what it changed says again what it said
 * before. Refused where something the act wrote was changed since: that is then amended in the Book.
 */
export function inverseOf(
  book: BookState,
  actId: ActId,
): Result<readonly Change[], { reason: 'changedSince' }> {
  const written = book.actOf(actId);
  const last = new Map(written.map((revision) => [revision.recordId, revision]));
  const firsts = new Map([...written].reverse().map((revision) => [revision.recordId, revision]));
  const changes: Change[] = [];
  for (const [recordId, revision] of last) {
    const heads = book.headIds(recordId);
    if (heads.length !== 1 || heads[0] !== revision.revId)
      return refuse({ reason: 'changedSince' });
    const [parent] = firsts.get(recordId)!.parents;
    const before = parent && book.revision(recordId, parent);
    const effectiveFromMs = before && before.effectiveFrom && Date.parse(before.effectiveFrom);
    changes.push({
      kind: revision.kind,
      recordId,
      body: before ? before.body : null,
      ...(effectiveFromMs ? { effectiveFromMs } : {}),
    } as Change);
  }
  return answer(changes);
}
