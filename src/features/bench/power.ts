import type { PenAnswer } from '@/book/answers';
import type { BenchEvent, SittingTimes } from '@/core/procedure';
import type { BenchDraft, Press } from '@/records/kinds';

/** How a side of a pen is pressed. */
export const pressOf = (pen: PenAnswer, quantity: 'ph' | 'ec'): Press | undefined =>
  pen.body[quantity]?.press;

/** Whether a pen that is switched off loses the points it took. */
export const losesPoints = (pen: PenAnswer, quantity: 'ph' | 'ec'): boolean =>
  pressOf(pen, quantity)?.between === 'offLosesPoints';

/** What of a sitting tells how old it is. */
export const timesOf = (draft: BenchDraft): SittingTimes => ({
  startedMs: Date.parse(draft.startedAt),
  events: draft.events,
  resumedMs: draft.resumedAtMs,
  dipSinceMs: draft.dipSinceMs,
});

/** The pen was switched off and nothing was read since. */
export function offJustNow(events: readonly BenchEvent[]): 'lost' | 'kept' | undefined {
  const last = events.at(-1);
  if (last?.type !== 'switchedOff') return undefined;
  // A point that was set before it went off.
  const set = events.some((event) => event.type === 'read' && event.phase === 'asLeft');
  return last.losesPoints && set ? 'lost' : 'kept';
}
