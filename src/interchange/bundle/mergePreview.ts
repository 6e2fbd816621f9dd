import { headOf, headsOf, type Kind, type RecordId, type Revision } from '@/records';
import { kept, sameRevision } from '@/records/storage/oneOf';

/** How one record of a file stands to the book. */
type MergeState = 'new' | 'same' | 'changedThere' | 'changedHere' | 'changedOnBothSides';

/** What taking a file in would do. */
export interface MergePreview {
  /** Records by how they stand. */
  readonly counts: Readonly<Record<MergeState, number>>;
  readonly newByKind: Readonly<Partial<Record<Kind, number>>>;
  /** Revisions the book does not have yet. */
  readonly fresh: readonly Revision[];
  /** Ids that bear two contents: of each, every book keeps the same one, whichever came first. */
  readonly clashes: number;
}

function group(revisions: readonly Revision[]): Map<RecordId, Revision[]> {
  const byRecord = new Map<RecordId, Revision[]>();
  for (const revision of revisions) {
    const list = byRecord.get(revision.recordId);
    if (list) list.push(revision);
    else byRecord.set(revision.recordId, [revision]);
  }
  return byRecord;
}

/** How a record stands, from its revisions here and there. */
function stateOf(here: readonly Revision[] | undefined, there: readonly Revision[]): MergeState {
  if (!here) return 'new';
  const ids = (list: readonly Revision[]) => new Set(list.map(({ revId }) => revId));
  const [mine, theirs] = [ids(here), ids(there)];
  const onlyThere = [...theirs].some((id) => !mine.has(id));
  const onlyHere = [...mine].some((id) => !theirs.has(id));
  if (!onlyThere) return onlyHere ? 'changedHere' : 'same';
  const joined = [...here, ...there.filter(({ revId }) => !mine.has(revId))];
  return headsOf(joined).length > 1 ? 'changedOnBothSides' : 'changedThere';
}

/**
 * What a union of the book and a file would bring. Merging is the union of the two sets of
 * revisions, so the order of merging does not matter and merging twice changes nothing.
 */
export function mergePreview(book: readonly Revision[], file: readonly Revision[]): MergePreview {
  const known = new Map(book.map((revision) => [revision.revId, revision]));
  const fresh = new Map<string, Revision>();
  let clashes = 0;
  for (const revision of file) {
    const mine = known.get(revision.revId) ?? fresh.get(revision.revId);
    if (!mine) fresh.set(revision.revId, revision);
    else if (!sameRevision(mine, revision)) {
      clashes += 1;
      if (kept(mine, revision) === revision) fresh.set(revision.revId, revision);
    }
  }
  const here = group(book);
  const counts: Record<MergeState, number> = {
    new: 0,
    same: 0,
    changedThere: 0,
    changedHere: 0,
    changedOnBothSides: 0,
  };
  const newByKind: Partial<Record<Kind, number>> = {};
  for (const [recordId, there] of group(file)) {
    const state = stateOf(here.get(recordId), there);
    counts[state] += 1;
    const kind = there[0]!.kind;
    // A sitting that ended is in the book as its check; what is left of it is no open sitting.
    const ended = kind === 'benchDraft' && headOf(there)?.body === null;
    if (state === 'new' && !ended) newByKind[kind] = (newByKind[kind] ?? 0) + 1;
  }
  return { counts, newByKind, fresh: [...fresh.values()], clashes };
}
