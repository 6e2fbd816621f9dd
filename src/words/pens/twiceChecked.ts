import { HOUR_MS } from '@/core/units';
import type { SessionRow } from '@/book/answers';

/**
 * Said of a check that follows another of the same side within the hour, as when two people finish
 * one sitting on two phones; empty otherwise.
 */
export function twiceCheckedLine(session: SessionRow, all: readonly SessionRow[]): string {
  const { id, atMs, body } = session;
  const before = all.find(
    (other) =>
      other.body.plan.quantity === body.plan.quantity &&
      atMs - other.atMs < HOUR_MS &&
      (other.atMs < atMs || (other.atMs === atMs && other.id < id)),
  );
  if (!before) return '';
  const who = before.by && session.by && before.by !== session.by;
  const by = who ? `, by ${before.by} and ${session.by}` : '';
  return `Checked twice within the hour${by}: both checks count.`;
}
