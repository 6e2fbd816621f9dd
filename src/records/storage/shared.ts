import type { Revision } from '../revision';
import type { PenId, TankId } from '../ids';

type Held = { -readonly [Name in keyof Revision]: Revision[Name] };
type HeldReading = { tankId?: TankId; takenAt?: string } & Partial<
  Record<'ph' | 'ec', { penId?: PenId; scale?: string }>
>;

const NONE: readonly never[] = [];

/**
 * Revisions as they were parsed, with one text in memory where several say the same: a large book is mostly
 * ids and times that come again and again. What they say stays as it was.
 */
export function withSharedTexts(revisions: readonly Revision[]): readonly Revision[] {
  const texts = new Map<string, string>();
  const one = (text: string): string => {
    const known = texts.get(text);
    if (known !== undefined) return known;
    texts.set(text, text);
    return text;
  };
  for (const revision of revisions as readonly Held[]) {
    revision.kind = one(revision.kind) as Revision['kind'];
    revision.device = one(revision.device);
    revision.zone = one(revision.zone);
    if (revision.recordId === revision.revId) revision.recordId = revision.revId as string;
    if (revision.act === revision.revId) revision.act = revision.revId as string;
    else revision.act = one(revision.act as string);
    if (revision.parents.length === 0) revision.parents = NONE;
    if (revision.kind !== 'reading' || revision.body === null) continue;
    const body = revision.body as HeldReading;
    if (body.tankId !== undefined) body.tankId = one(body.tankId);
    if (body.takenAt === revision.at) body.takenAt = revision.at;
    for (const side of [body.ph, body.ec])
      if (side?.penId !== undefined) side.penId = one(side.penId);
  }
  return revisions;
}
