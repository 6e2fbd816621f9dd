import type { BodyOf, Kind } from './kinds';
import type { Revision } from './revision';

/**
 * The revisions no other names as a parent, oldest first. One is the usual case; two are a conflict
 * to be resolved by a third with both as parents.
 */
export function headsOf<K extends Kind>(revisions: readonly Revision<K>[]): Revision<K>[] {
  const parents = new Set(revisions.flatMap((revision) => revision.parents));
  return revisions
    .filter((revision) => !parents.has(revision.revId))
    .sort((a, b) => (a.revId < b.revId ? -1 : 1));
}

/** The newest head; on a conflict the later one is shown until somebody resolves it. */
export function headOf<K extends Kind>(revisions: readonly Revision<K>[]): Revision<K> | undefined {
  return headsOf(revisions).at(-1);
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
  const newestFirst = [...revisions].sort((a, b) => (a.revId < b.revId ? 1 : -1));
  const inForce = newestFirst.find(
    ({ effectiveFrom, body }) =>
      body !== null && (effectiveFrom === undefined || Date.parse(effectiveFrom) <= atMs),
  );
  return inForce?.body ?? undefined;
}
