import { FOLLOW_AHEAD_MS, headsOf, type Change, type Revision } from '@/records';
import type { BookState } from './engine/bookState';

const INSTANT = /^\d{4}-\d\d-\d\dT[\d:.]+Z$/;

/** Moments that a label or a paper bears: they lie ahead by their nature, whatever the clock said. */
const FROM_PAPER = new Set(['expiresAt', 'guaranteeUntil', 'boughtAt']);

/** Fields that hold a moment as epoch ms. */
const MOMENT_MS = /^(atMs|[a-z]+SinceMs)$/;

interface Shift {
  readonly shiftMs: number;
  /** Moments later than this were written by the wrong clock. */
  readonly limitMs: number;
}

/** A body with every moment in it moved that the wrong clock wrote. */
function shifted(value: unknown, shift: Shift, field = ''): unknown {
  const { shiftMs, limitMs } = shift;
  if (typeof value === 'string' && INSTANT.test(value) && !FROM_PAPER.has(field)) {
    const ms = Date.parse(value);
    return ms > limitMs ? new Date(ms + shiftMs).toISOString() : value;
  }
  if (typeof value === 'number') {
    return MOMENT_MS.test(field) && value > limitMs ? value + shiftMs : value;
  }
  if (Array.isArray(value)) return value.map((item) => shifted(item, shift));
  if (typeof value !== 'object' || value === null) return value;
  return Object.fromEntries(
    Object.entries(value).map(([name, held]) => [name, shifted(held, shift, name)]),
  );
}

/**
 * The changes that put right what was written under a wrong clock: each record says the same again
 * with its moments moved by `shiftMs`, and why. The old revisions stay readable. What the clock wrote
 * is what lies more than `FOLLOW_AHEAD_MS` after `nowMs`.
 */
export function correctedClock(
  book: BookState,
  { shiftMs, nowMs }: { readonly shiftMs: number; readonly nowMs: number },
): readonly Change[] {
  const shift = { shiftMs, limitMs: nowMs + FOLLOW_AHEAD_MS };
  const records = new Set(book.aheadOfNow().map(({ recordId }) => recordId));
  return [...records].flatMap((recordId): Change[] => {
    const head: Revision | undefined = headsOf(book.revisionsOf(recordId)).at(-1);
    if (!head) return [];
    const { effectiveFrom, kind, body } = head;
    const fromMs = effectiveFrom === undefined ? undefined : Date.parse(effectiveFrom);
    const movedMs = fromMs !== undefined && fromMs > shift.limitMs ? fromMs + shiftMs : fromMs;
    return [
      {
        kind,
        recordId,
        body: body && shifted(body, shift),
        why: 'Written under a wrong clock; its moments were put right.',
        ...(movedMs === undefined ? {} : { effectiveFromMs: movedMs }),
      } as Change,
    ];
  });
}
