import type { CupId, BenchEvent, DipPhase, Remedy } from '@/core/procedure';
import { cleanedAtBench } from '@/acts';
import type { BenchAnswer } from '@/book/answers';
import type { Change } from '@/records';
import { AT_REST, repeated, withEvents } from './sittingEvents';
import { useSitting } from './useSitting';
import { useSittingEnd } from './useSittingEnd';

/**
 * A sitting at the Bench: every step is written to the book as it happens, so that it can be left
 * and resumed at any moment.
 */
export function useBench(answer: BenchAnswer, quantity: 'ph' | 'ec') {
  const sitting = useSitting(answer, quantity);
  const { draft, change, soon, now } = sitting;
  const ends = useSittingEnd(sitting, answer, quantity);

  const type = (typed: string) => soon({ typed });
  const writeNote = (note: string) => soon({ note });
  /** The EC side in the same cup, as it is typed. */
  const typeAlso = (typed: string) => {
    const { also } = now();
    if (also) soon({ also: { ...also, typed } });
  };
  const happened = (events: readonly BenchEvent[], more: readonly Change[] = []) =>
    change({ ...AT_REST, ...withEvents(now(), events) }, more);
  /** Something happened: the field and the timer start afresh. */
  const add = (...events: BenchEvent[]) => happened(events);
  /** A reading of the one side and, in the same cup, of the other. */
  const read = (event: BenchEvent, alsoRead: readonly BenchEvent[]) =>
    change({ ...AT_REST, ...withEvents(now(), [event], alsoRead) });
  /** Something is kept with the dip, which goes on as it was. */
  const noteEvent = (event: BenchEvent) => change(withEvents(now(), [event]));
  /** The point again, after what was done about it; a cleaning is booked as care. */
  const again = (at: { readonly phase: DipPhase; readonly cupId: CupId }, after: Remedy) => {
    const cleaned = cleanedAtBench(draft.penId, quantity, new Date().toISOString());
    happened(repeated(at, after), after === 'cleaning' ? [cleaned] : []);
  };
  /** Goes on with a sitting that was left. */
  const resume = () => change({ ...AT_REST, resumedAtMs: Date.now() });
  const switchedOff = (losesPoints: boolean) =>
    add({ type: 'switchedOff', losesPoints, atMs: Date.now() });
  return {
    draft,
    change,
    type,
    typeAlso,
    writeNote,
    add,
    read,
    noteEvent,
    again,
    resume,
    switchedOff,
    ...ends,
  };
}

export type Bench = ReturnType<typeof useBench>;
