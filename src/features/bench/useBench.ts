import { useRef, useState } from 'react';
import { saveCheck } from '@/acts';
import type { BenchAnswer } from '@/book/answers';
import { useAct, useBook } from '@/book/react';
import type { BenchEvent, BenchOutcome, DipPhase } from '@/core/procedure';
import type { Change } from '@/records';
import type { BenchDraft, Session } from '@/records/kinds';
import { inBackground } from '@/trouble';
import { pastDate, takePortion } from './chooseLots';

/** Nothing typed, no watch running, no values seen. */
const atRest = {
  typed: '',
  dipSinceMs: undefined,
  stillSinceMs: undefined,
  samples: undefined,
} as const;

/** How long typing pauses before the draft is written. */
const TYPING_PAUSE_MS = 300;

/**
 * A sitting at the Bench: every step is written to the book as it happens, so that it can be left
 * and resumed at any moment.
 */
export function useBench(answer: BenchAnswer, quantity: 'ph' | 'ec') {
  const { acts } = useBook();
  const { act } = useAct();
  const [draft, setDraft] = useState<BenchDraft>(
    () =>
      answer.draft?.body ?? {
        penId: answer.pen.id,
        quantity,
        startedAt: new Date().toISOString(),
        events: [],
        afterCleaning: false,
        typed: '',
      },
  );
  const draftId = useRef(answer.draft?.id);
  /** Writes go one after the other: the second must know the record the first one made. */
  const queue = useRef<Promise<unknown>>(Promise.resolve());
  const typing = useRef<ReturnType<typeof setTimeout>>(undefined);

  const write = (body: BenchDraft | null, more: readonly Change[] = []) => {
    clearTimeout(typing.current);
    const step = queue.current.then(async () => {
      const change: Change<'benchDraft'> = { kind: 'benchDraft', recordId: draftId.current, body };
      const drafts = body === null && !draftId.current ? [] : [change as Change];
      const recordIds = await acts.run({ changes: [...drafts, ...more] }, acts.newActId());
      if (recordIds && !draftId.current && drafts.length > 0) draftId.current = recordIds[0];
      return recordIds;
    });
    queue.current = step;
    return step;
  };
  const change = (patch: Partial<BenchDraft>) => {
    const next = { ...draft, ...patch };
    setDraft(next);
    inBackground('bench', write(next));
  };
  /** Keeps what is typed without writing at every key. */
  const type = (typed: string) => {
    const next = { ...draft, typed };
    setDraft(next);
    clearTimeout(typing.current);
    typing.current = setTimeout(() => inBackground('bench', write(next)), TYPING_PAUSE_MS);
  };
  /** Something happened: the field and the timer start afresh. */
  const add = (...events: BenchEvent[]) =>
    change({ ...atRest, events: [...draft.events, ...events] });

  /** The point again, after what was done about it; a cleaning is booked as care. */
  const again = (
    at: { readonly phase: DipPhase; readonly cupId: string },
    after: 'cleaning' | 'freshPortion' | undefined,
  ) => {
    const event: BenchEvent = { type: 'repeat', ...at, ...(after ? { after } : {}) };
    if (after !== 'cleaning') return add(event);
    const next = { ...draft, ...atRest, events: [...draft.events, event] };
    setDraft(next);
    const care: Change<'careEvent'> = {
      kind: 'careEvent',
      body: {
        penId: draft.penId,
        side: quantity,
        what: 'clean',
        at: new Date().toISOString(),
        note: 'At the Bench, between as found and as left.',
      },
    };
    inBackground('bench', write(next, [care as Change]));
  };

  /** Puts the sitting into the book, with what else was done at its end. */
  const finish = async (outcome: BenchOutcome, more: readonly Change[] = []): Promise<boolean> => {
    const { plan, events, startedAt, afterCleaning, penId } = draft;
    if (!plan) return false;
    const used = answer.lots.filter((lot) => plan.cups.some((cup) => cup.lotId === lot.id));
    const session: Session = {
      penId,
      plan,
      events,
      startedAt,
      finishedAt: new Date().toISOString(),
      afterCleaning,
      outcome,
      pastDateLots: used.filter(pastDate).map(({ id }) => id),
      note: '',
    };
    const poured = (lotId: string) =>
      1 +
      events.filter(
        (event) =>
          event.type === 'repeat' &&
          event.after === 'freshPortion' &&
          plan.cups.some((cup) => cup.id === event.cupId && cup.lotId === lotId),
      ).length;
    const portions = used.flatMap((lot) => takePortion(lot, poured(lot.id)) ?? []);
    clearTimeout(typing.current);
    await queue.current;
    const also = [...portions, ...more] as Change[];
    const { code } = answer.pen.body;
    const done = await act(saveCheck(session, { code, draftId: draftId.current, more: also }));
    return done !== undefined;
  };
  const giveUp = () => write(null);
  return { draft, change, type, add, again, finish, giveUp };
}

export type Bench = ReturnType<typeof useBench>;
