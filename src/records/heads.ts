import type { BodyOf, Kind } from './kinds';
import type { RevId } from './ids';
import type { Revision } from './revision';

/**
 * The revisions no other names as a parent, oldest first. One is the usual case; two are a conflict
 * to be resolved by a third with both as parents.
 */
export function headsOf<K extends Kind>(revisions: readonly Revision<K>[]): Revision<K>[] {
  const parents = new Set(revisions.flatMap((revision) => revision.parents));
  const heads = revisions
    .filter((revision) => !parents.has(revision.revId))
    .sort((a, b) => (a.revId < b.revId ? -1 : 1));
  // Parents in a circle (a damaged file): the record is shown all the same, by its newest id.
  return heads.length > 0 ? heads : byDescent(revisions).slice(-1);
}

/** The newest head; on a conflict the later one is shown until somebody resolves it. */
export function headOf<K extends Kind>(revisions: readonly Revision<K>[]): Revision<K> | undefined {
  return headsOf(revisions).at(-1);
}

/** Orders found before; a record's list only ever grows. */
const ordered = new WeakMap<readonly Revision[], readonly Revision[]>();

/**
 * A record's revisions so that each stands behind everything it replaces, whatever the clocks said;
 * those that know nothing of each other stand by id. A clock a year ahead wrote ids that sort last:
 * the edit that corrected it is later all the same. Revisions in a circle of parents, which only a
 * damaged file can hold, come last, by id.
 */
export function byDescent<K extends Kind>(
  revisions: readonly Revision<K>[],
): readonly Revision<K>[] {
  const found = ordered.get(revisions);
  if (found?.length === revisions.length) return found as readonly Revision<K>[];
  const byId = new Map(revisions.map((revision) => [revision.revId, revision]));
  const children = new Map<RevId, Revision<K>[]>();
  const missing = new Map<RevId, number>();
  const ready: Revision<K>[] = [];
  for (const revision of byId.values()) {
    const known = revision.parents.filter((id) => byId.has(id));
    missing.set(revision.revId, known.length);
    if (known.length === 0) ready.push(revision);
    for (const id of known) children.set(id, [...(children.get(id) ?? []), revision]);
  }
  const newestFirst = (a: Revision, b: Revision) => (a.revId < b.revId ? 1 : -1);
  const order: Revision<K>[] = [];
  ready.sort(newestFirst);
  for (let at = ready.pop(); at; at = ready.pop()) {
    order.push(at);
    byId.delete(at.revId);
    const freed = (children.get(at.revId) ?? []).filter(({ revId }) => {
      missing.set(revId, (missing.get(revId) ?? 0) - 1);
      return missing.get(revId) === 0;
    });
    ready.push(...freed);
    if (freed.length > 0 && ready.length > 1) ready.sort(newestFirst);
  }
  order.push(...[...byId.values()].sort(newestFirst).reverse());
  ordered.set(revisions, order as readonly Revision[]);
  return order;
}

/**
 * What held at a moment: the newest revision whose facts were in force then ("from now on" sets
 * `effectiveFrom`, "it was always so" leaves it out). Undefined for a deleted record or one that did
 * not hold yet.
 */
export function factsAt<K extends Kind>(
  revisions: readonly Revision<K>[],
  atMs: number,
): BodyOf<K> | undefined {
  const inForce = [...byDescent(revisions)]
    .reverse()
    .find(
      ({ effectiveFrom, body }) =>
        body !== null && (effectiveFrom === undefined || Date.parse(effectiveFrom) <= atMs),
    );
  return inForce?.body ?? undefined;
}
