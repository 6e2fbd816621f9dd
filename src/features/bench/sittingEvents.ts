import {
  type CupId,
  mirrored,
  type BenchEvent,
  type DipPhase,
  type Remedy,
} from '@/core/procedure';
import type { BenchDraft } from '@/records/kinds';

/** Nothing typed, no watch running, no values seen. */
export const AT_REST = {
  typed: '',
  dipSinceMs: undefined,
  stillSinceMs: undefined,
  samples: undefined,
} as const;

/**
 * A sitting after something happened: to both sides where one cup serves both; a reading is the pH
 * side's own, and `alsoRead` the EC side's in the same cup.
 */
export function withEvents(
  { plan, also, events: before }: BenchDraft,
  events: readonly BenchEvent[],
  alsoRead: readonly BenchEvent[] = [],
): Pick<BenchDraft, 'events'> & Partial<Pick<BenchDraft, 'also'>> {
  if (!also || !plan) return { events: [...before, ...events] };
  const own = events.flatMap((event) =>
    event.type === 'read' ? [event] : mirrored(event, { plan }),
  );
  const others = [...events.flatMap((event) => mirrored(event, also)), ...alsoRead];
  return {
    events: [...before, ...own],
    also: { ...also, typed: '', events: [...also.events, ...others] },
  };
}

/**
 * A point once more, after what was done about it. A confirmation that missed is mended by setting the
 * point anew, not by looking once more.
 */
export function repeated(
  at: { readonly phase: DipPhase; readonly cupId: CupId },
  after: Remedy,
): readonly BenchEvent[] {
  const event: BenchEvent = { type: 'repeat', ...at, ...(after === 'none' ? {} : { after }) };
  if (at.phase !== 'confirm') return [event];
  return [event, { type: 'repeat', phase: 'asLeft', cupId: at.cupId }];
}
