import { byDescent, headOf } from './heads';
import { eventMs } from './eventTime';
import type { RecordId, PenId, TankId } from './ids';
import type { Erasure } from './kinds';
import type { Revision } from './revision';

/** Where an entry belongs: its tank or place, and the pens it tells of. */
interface Belonging {
  readonly tankId?: TankId;
  readonly penId?: PenId;
  readonly ph?: { readonly penId?: PenId } | null;
  readonly ec?: { readonly penId?: PenId } | null;
}

const pensOf = ({ penId, ph, ec }: Belonging) => [penId, ph?.penId, ec?.penId];

/** All that a record ever said, oldest first; nothing where only its end is here. */
const allTold = (revisions: readonly Revision[]): readonly Revision[] =>
  byDescent(revisions).filter(({ body }) => body !== null);

/**
 * Whether an erasure let go of a record, whose revisions these are: by its kind, by every moment it
 * told of (one that was moved out of the time, or into it by a slip, stays), and by its place or pen
 * as told last. An open sitting is never let go of; one that ended goes by the
 * moment it ended. A record of which only the end is here tells nothing any more and goes with it.
 */
function isErasedBy(erasure: Erasure, revisions: readonly Revision[]): boolean {
  const kind = revisions[0]?.kind;
  if (!kind || !erasure.kinds.includes(kind)) return false;
  const head = headOf(revisions);
  if (kind === 'benchDraft' && head?.body !== null) return false;
  const told = allTold(revisions);
  const moments = kind === 'benchDraft' || told.length === 0 ? [head] : told;
  const [fromMs, untilMs] = [Date.parse(erasure.from ?? ''), Date.parse(erasure.until)];
  const within = (one: Revision | undefined) => {
    const atMs = one ? eventMs(one) : Number.NaN;
    return atMs < untilMs && (Number.isNaN(fromMs) || atMs >= fromMs);
  };
  if (!moments.every(within)) return false;
  const { tankId, penId } = erasure;
  if (tankId === undefined && penId === undefined) return true;
  const belongs = (told.at(-1)?.body ?? {}) as Belonging;
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
