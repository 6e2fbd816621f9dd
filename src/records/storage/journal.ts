import type { Revision } from '../revision';

/** Where single revisions wait until they are packed: `j/<device>/<session>/<revId>`. */
export const JOURNAL_PREFIX = 'j/';

/** Key of a revision in the journal; `session` is one opening of the book by one tab. */
export function journalKey(revision: Revision, session: string): string {
  return `${JOURNAL_PREFIX}${revision.device}/${session}/${revision.revId}`;
}
