import type { Change } from '@/records';
import type { Session } from '@/records/kinds';
import { make, type Act } from './act';

/** A sitting that is finished: its check, what was poured for it, what was done at its end. */
export const saveCheck = (
  session: Session,
  {
    code,
    draftId,
    more,
  }: {
    readonly code: string;
    /** The sitting as it was kept while it went on; it ends with this. */
    readonly draftId: string | undefined;
    readonly more: readonly Change[];
  },
): Act => ({
  said: `The check of ${code} is in the book.`,
  changes: [
    ...(draftId ? [{ kind: 'benchDraft' as const, recordId: draftId, body: null }] : []),
    make('session', session),
    ...more,
  ],
});
