import { answer, refuse, type Result } from '@/core/result';
import { byDescent, headsOf, type RecordId, type Revision, type RevId } from '@/records';
import { MAX_HEADS } from './bundleLimits';
import type { BundleRefusal } from './bundleRefusal';

/** What holds together, with what is not there. */
export interface WholeCheck {
  /** Revisions of the file that build on some that are neither in it nor in the book. */
  readonly unknownParents: number;
}

/**
 * Whether the revisions of a file hold together with each other and with the book: a record is of
 * one kind, parents are of the same record, nobody descends from himself, and the sides of a record
 * can still be joined. `here` answers the book's revisions of a record, `recordOf` the record a
 * revision of the book belongs to.
 */
export function checkWhole(
  file: readonly Revision[],
  here: (id: RecordId) => readonly Revision[],
  recordOf: (revId: RevId) => RecordId | undefined,
): Result<WholeCheck, BundleRefusal> {
  const bad = (revision: Revision, path: string, message: string) =>
    refuse({ reason: 'badRecord', place: file.indexOf(revision) + 1, path, message } as const);
  const records = new Map<RecordId, Revision[]>();
  const placeOf = new Map(file.map((revision) => [revision.revId, revision.recordId]));
  for (const revision of file) {
    const list = records.get(revision.recordId);
    if (list) list.push(revision);
    else records.set(revision.recordId, [revision]);
  }
  let unknownParents = 0;
  for (const [recordId, there] of records) {
    const known = here(recordId);
    const kind = (known[0] ?? there[0]!).kind;
    const all = [...known, ...there.filter(({ revId }) => recordOf(revId) === undefined)];
    for (const revision of there) {
      if (revision.kind !== kind) return bad(revision, 'kind', `this record is a ${kind}`);
      const parents = revision.parents.map((id) => placeOf.get(id) ?? recordOf(id));
      if (parents.some((parent) => parent !== undefined && parent !== recordId))
        return bad(revision, 'parents', 'they belong to another record');
      if (parents.includes(undefined)) unknownParents += 1;
    }
    if (isCircular(all)) return bad(there[0]!, 'parents', 'they go round in a circle');
    if (headsOf(all).length > MAX_HEADS)
      return bad(there[0]!, 'parents', `more than ${MAX_HEADS} sides that nobody joined`);
  }
  return answer({ unknownParents });
}

/** Whether some revision descends from itself: then not all can stand behind their parents. */
function isCircular(revisions: readonly Revision[]): boolean {
  const stands = new Set<string>();
  const ids = new Set(revisions.map(({ revId }) => revId));
  return byDescent(revisions).some(({ revId, parents }) => {
    stands.add(revId);
    return parents.some((id) => ids.has(id) && (!stands.has(id) || id === revId));
  });
}
