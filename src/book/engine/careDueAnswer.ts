import { DAY_MS } from '@/core/units';
import { careDue, type CareDue } from '@/core/schedule';
import type { CareKind } from '@/records';
import type { BookState, LiveRecord } from './bookState';
import { careOf, probeFittedMs } from './penCare';
import { usesOf } from './penUse';

const WEEK_MS = 7 * DAY_MS;
const CLEANINGS: readonly CareKind[] = ['clean', 'cleanHeavy', 'cleanOil'];

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
    const due = careDue({
      policy: pen.body.cleaningPolicy,
      cleanedMs: last(CLEANINGS),
      soakedMs: last(['soak']),
      readingsLastWeek: usesOf(book, pen.id, side).filter((atMs) => atMs > nowMs - WEEK_MS).length,
    });
    // An EC face is never soaked.
    return { ...due, side, ...(side === 'ec' ? { soakAtMs: undefined } : {}) };
  });
}
