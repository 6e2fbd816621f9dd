import { byDescent, headOf } from './heads';
import { eventMs } from './eventTime';
import type { RecordId } from './ids';
import type { Erasure } from './kinds';
import type { Revision } from './revision';

/** Where an entry belongs: its tank or place, and the pens it tells of. */
interface Belonging {
  readonly tankId?: string;
  readonly penId?: string;
  readonly ph?: { readonly penId?: string } | null;
  readonly ec?: { readonly penId?: string } | null;
}

const pensOf = ({ penId, ph, ec }: Belonging) => [penId, ph?.penId, ec?.penId];

/** The newest that a record ever said; undefined where only its end is here. */
function lastTold(revisions: readonly Revision[]): Revision | undefined {
  return [...byDescent(revisions)].reverse().find(({ body }) => body !== null);
}

/**
 * Whether an erasure let go of a record, whose revisions these are: by its kind, by the moment it last
 * told of, and by its place or pen. An open sitting is never let go of; one that ended goes by the
 * moment it ended. A record of which only the end is here tells nothing any more and goes with it.
 */
function isErasedBy(erasure: Erasure, revisions: readonly Revision[]): boolean {
  const kind = revisions[0]?.kind;
  if (!kind || !erasure.kinds.includes(kind)) return false;
  const head = headOf(revisions);
  if (kind === 'benchDraft' && head?.body !== null) return false;
  const told = kind === 'benchDraft' ? head : (lastTold(revisions) ?? head);
  if (!told) return false;
  const atMs = eventMs(told);
  if (atMs >= Date.parse(erasure.until)) return false;
  if (erasure.from !== undefined && atMs < Date.parse(erasure.from)) return false;
  const { tankId, penId } = erasure;
  if (tankId === undefined && penId === undefined) return true;
  const belongs = (lastTold(revisions)?.body ?? {}) as Belonging;
  if (tankId !== undefined && belongs.tankId !== tankId) return false;
  return penId === undefined || pensOf(belongs).includes(penId);
}

/** The records of these that any of the erasures let go of. */
export function erasedAmong(
  records: Iterable<readonly [RecordId, readonly Revision[]]>,
  erasures: readonly Erasure[],
): ReadonlySet<RecordId> {
  const gone = new Set<RecordId>();
  if (erasures.length === 0) return gone;
  for (const [id, revisions] of records)
    if (erasures.some((erasure) => isErasedBy(erasure, revisions))) gone.add(id);
  return gone;
}
