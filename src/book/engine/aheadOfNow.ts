import { happenedAt, type RecordId, type RevId, type Revision } from '@/records';

/** The later of when it was written and when what it tells of happened, ISO. */
export function writtenLater(revision: Revision): string {
  const happened = happenedAt(revision);
  return happened > revision.at ? happened : revision.at;
}

/** Everything a revision builds on, within its record. */
function ancestors(from: readonly Revision[], all: readonly Revision[]): ReadonlySet<RevId> {
  const byId = new Map(all.map((revision) => [revision.revId, revision]));
  const found = new Set<RevId>();
  const open = from.flatMap(({ parents }) => parents);
  for (let id = open.pop(); id !== undefined; id = open.pop()) {
    if (found.has(id)) continue;
    found.add(id);
    open.push(...(byId.get(id)?.parents ?? []));
  }
  return found;
}

/**
 * Which revisions no answer may tell of, by record: those ahead of now on which nothing builds that
 * is not. What builds on one has seen and replaced it, so the order of descent takes care of it.
 */
export function hiddenAhead(
  ahead: ReadonlyMap<RevId, Revision>,
  revisionsOf: (id: RecordId) => readonly Revision[],
): ReadonlyMap<RecordId, ReadonlySet<RevId>> {
  const records = new Set([...ahead.values()].map(({ recordId }) => recordId));
  const hidden = new Map<RecordId, ReadonlySet<RevId>>();
  for (const id of records) {
    const all = revisionsOf(id);
    const now = all.filter(({ revId }) => !ahead.has(revId));
    const dealtWith = ancestors(now, all);
    const still = all.filter(({ revId }) => ahead.has(revId) && !dealtWith.has(revId));
    if (still.length > 0) hidden.set(id, new Set(still.map(({ revId }) => revId)));
  }
  return hidden;
}
