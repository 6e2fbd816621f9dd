import { canonicalJson } from '../canonicalJson';
import type { RevId } from '../ids';
import type { Revision } from '../revision';

/**
 * Which of two revisions that bear one id is kept: the one whose canonical text sorts first. Any
 * rule would do that needs no clock and no order, so that every phone keeps the same one.
 */
export function kept<R extends Revision>(a: R, b: R): R {
  return canonicalJson(a) <= canonicalJson(b) ? a : b;
}

/** Whether two revisions under one id say the same. */
export function sameRevision(a: Revision, b: Revision): boolean {
  return a === b || canonicalJson(a) === canonicalJson(b);
}

/** Revisions with each id once; where two contents bear one id, `kept` chooses. */
export function oneOf(revisions: readonly Revision[]): Revision[] {
  const byId = new Map<RevId, Revision>();
  for (const revision of revisions) {
    const known = byId.get(revision.revId);
    byId.set(revision.revId, known ? kept(known, revision) : revision);
  }
  return [...byId.values()];
}
