import { DAY_MS } from '@/core/units';
import { careDue, type CareDue } from '@/core/schedule';
import type { CareKind, PenId } from '@/records';
import type { BookState, LiveRecord } from './bookState';
import { houseDays } from './houseDays';
import { careOf, probeFittedMs } from './penCare';
import { firstUseOf, usesBetween } from './penUse';

const WEEK_MS = 7 * DAY_MS;
const CLEANINGS: readonly CareKind[] = ['clean', 'cleanHeavy', 'cleanOil'];

/** Weeks over which the use of a probe is counted. */
const USE_WEEKS = 4;

/**
 * Readings a week with a side: over up to four weeks before it was last cleaned, else over the first
 * week after, once it is over. So the next date stands still until it is cleaned again.
 */
function weeklyUse(
  book: BookState,
  use: { readonly penId: PenId; readonly side: 'ph' | 'ec' },
  { cleanedMs, nowMs }: { readonly cleanedMs: number; readonly nowMs: number },
): number {
  const firstMs = firstUseOf(book, use.penId, use.side) ?? Infinity;
  const spanMs = Math.min(USE_WEEKS * WEEK_MS, cleanedMs - firstMs);
  if (spanMs >= WEEK_MS)
    return usesBetween(book, use, [cleanedMs - spanMs, cleanedMs]) / (spanMs / WEEK_MS);
  const weekOverMs = cleanedMs + WEEK_MS;
  return nowMs < weekOverMs ? 0 : usesBetween(book, use, [cleanedMs, weekOverMs]);
}

/** When each side of a pen is to be cleaned and soaked next, by its use and policy. */
export function careDueAnswer(
  book: BookState,
  pen: LiveRecord<'pen'>,
  nowMs: number,
): readonly (CareDue & { readonly side: 'ph' | 'ec' })[] {
  if (pen.body.gone) return [];
  const sides = (['ph', 'ec'] as const).filter((side) => pen.body[side] !== null);
  return sides.map((side) => {
    const care = careOf(book, pen.id, side);
    const fittedMs = probeFittedMs(book, pen, side);
    const last = (kinds: readonly CareKind[]) =>
      care.findLast(({ record }) => kinds.includes(record.body.what))?.atMs ?? fittedMs;
    const cleanedMs = last(CLEANINGS);
    const due = careDue({
      policy: pen.body.cleaningPolicy,
      days: houseDays(book),
      cleanedMs,
      soakedMs: last(['soak']),
      readingsPerWeek: weeklyUse(book, { penId: pen.id, side }, { cleanedMs, nowMs }),
    });
    // An EC face is never soaked.
    return { ...due, side, ...(side === 'ec' ? { soakAtMs: undefined } : {}) };
  });
}
