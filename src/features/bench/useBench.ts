import { useEffect, useRef, useState } from 'react';
import {
  beginSittingAnew,
  cleanAndDipAgain,
  cleanedAtBench,
  endSoak,
  giveUpSitting,
  keepFound,
  keepSitting,
  portionsTaken,
  saveCheck,
  sessionOf,
  type Act,
} from '@/acts';
import type { BenchAnswer } from '@/book/answers';
import { useAct, useBook } from '@/book/react';
import { lastReadMs, type BenchEvent, type BenchOutcome, type DipPhase } from '@/core/procedure';
import type { Change } from '@/records';
import type { BenchDraft } from '@/records/kinds';
import { inBackground } from '@/trouble';
import { pastDate } from './chooseLots';

/** Nothing typed, no watch running, no values seen. */
const atRest = {
  typed: '',
  dipSinceMs: undefined,
  stillSinceMs: undefined,
  samples: undefined,
} as const;

/** A sitting that begins now. */
const begunNow = (penId: string, quantity: 'ph' | 'ec', afterCleaning = false): BenchDraft => ({
  penId,
  quantity,
  startedAt: new Date().toISOString(),
  events: [],
  afterCleaning,
  typed: '',
});

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
    () => answer.draft?.body ?? begunNow(answer.pen.id, quantity, answer.movedSince !== undefined),
  );
  /** The sitting as it is now, before it is drawn: two things within one frame both count. */
  const latest = useRef(draft);
  const draftId = useRef(answer.draft?.id);
  /** Writes go one after the other: the second must know the record the first one made. */
  const queue = useRef<Promise<unknown>>(Promise.resolve());
  const typing = useRef<ReturnType<typeof setTimeout>>(undefined);

  /** What stood here before it was begun anew: an undo brings it back. */
  const before = useRef<BenchDraft>(undefined);
  useEffect(
    () =>
      acts.subscribe(() => {
        if (acts.current()?.kind !== 'takenBack' || !before.current) return;
        latest.current = before.current;
        before.current = undefined;
        setDraft(latest.current);
      }),
    [acts],
  );

  const inTurn = (make: () => Act) => {
    clearTimeout(typing.current);
    const step = queue.current.then(async () => {
      const done = make();
      if (done.changes.length > 0) {
        const recordIds = await acts.run(done, acts.newActId());
        if (recordIds) draftId.current ??= recordIds[0];
      }
    });
    queue.current = step;
    return step;
  };
  const set = (patch: Partial<BenchDraft>): BenchDraft => {
    latest.current = { ...latest.current, ...patch };
    setDraft(latest.current);
    return latest.current;
  };
  const change = (patch: Partial<BenchDraft>, more: readonly Change[] = []) => {
    const next = set(patch);
    inBackground(
      'bench',
      inTurn(() => keepSitting(draftId.current, next, more)),
    );
  };
  /** Keeps what is typed without writing at every key. */
  const type = (typed: string) => {
    set({ typed });
    clearTimeout(typing.current);
    typing.current = setTimeout(() => change({}), TYPING_PAUSE_MS);
  };
  const happened = (events: readonly BenchEvent[], more: readonly Change[] = []) =>
    change({ ...atRest, events: [...latest.current.events, ...events] }, more);
  /** Something happened: the field and the timer start afresh. */
  const add = (...events: BenchEvent[]) => happened(events);

  /** The point again, after what was done about it; a cleaning is booked as care. */
  const again = (
    at: { readonly phase: DipPhase; readonly cupId: string },
    after: 'cleaning' | 'freshPortion' | undefined,
  ) => {
    const event: BenchEvent = { type: 'repeat', ...at, ...(after ? { after } : {}) };
    // A confirmation that missed is mended by setting the point anew, not by looking once more.
    const anew: BenchEvent[] =
      at.phase === 'confirm' ? [{ type: 'repeat', phase: 'asLeft', cupId: at.cupId }] : [];
    const cleaned = cleanedAtBench(draft.penId, quantity, new Date().toISOString());
    happened([event, ...anew], after === 'cleaning' ? [cleaned] : []);
  };

  /** Puts the sitting into the book, with what else was done at its end. */
  const finish = async (
    outcome: BenchOutcome,
    more: readonly Change[] = [],
    note = '',
  ): Promise<boolean> => {
    clearTimeout(typing.current);
    await queue.current;
    const { plan } = latest.current;
    const used = answer.lots.filter((lot) => plan?.cups.some((cup) => cup.lotId === lot.id));
    const session = sessionOf(latest.current, {
      outcome,
      finishedAt: new Date().toISOString(),
      pastDateLots: used.filter(pastDate).map(({ id }) => id),
      note,
    });
    if (!session) return false;
    const { code } = answer.pen.body;
    const soak = answer.pen.sides.find((side) => side.quantity === quantity)?.soak;
    // A probe that was checked stands in its soak no longer.
    const ended = soak ? endSoak(soak, soak.body, session.finishedAt).changes : [];
    const also = [...portionsTaken(session, used), ...ended, ...more];
    const done = await act(saveCheck(session, { code, draftId: draftId.current, more: also }));
    return done !== undefined;
  };
  const giveUp = () => inTurn(() => giveUpSitting(draftId.current));
  /** Goes on with a sitting that was left. */
  const resume = () => change({ ...atRest, resumedAtMs: Date.now() });
  const switchedOff = (losesPoints: boolean) =>
    add({ type: 'switchedOff', losesPoints, atMs: Date.now() });
  const anewWith = (make: (anew: BenchDraft) => Act, more: Partial<BenchDraft> = {}) => {
    const anew = { ...begunNow(draft.penId, quantity), ...more };
    before.current = latest.current;
    inBackground(
      'bench',
      inTurn(() => make(anew)),
    );
    set({ plan: undefined, resumedAtMs: undefined, lots: undefined, ...atRest, ...anew });
  };
  const beginAnew = () => anewWith((anew) => beginSittingAnew(draftId.current, anew));
  /** Books what an old sitting found, for the time it was read, and begins anew. */
  const keepWhatWasFound = (outcome: BenchOutcome) => {
    const readMs = lastReadMs(latest.current.events);
    const session = sessionOf(latest.current, {
      outcome,
      finishedAt: new Date(readMs ?? Date.now()).toISOString(),
      pastDateLots: [],
    });
    const { code } = answer.pen.body;
    const used = answer.lots.filter((lot) => session?.plan.cups.some((c) => c.lotId === lot.id));
    if (!session) return;
    const more = portionsTaken(session, used);
    anewWith((anew) => keepFound(session, { code, draftId: draftId.current, anew, more }));
  };
  /** Keeps a check that missed, books the cleaning, and goes on with a fresh check in the same cups. */
  const cleanedDipAgain = (outcome: BenchOutcome) => {
    const { plan, lots } = latest.current;
    const used = answer.lots.filter((lot) => plan?.cups.some((cup) => cup.lotId === lot.id));
    const nowMs = Date.now();
    const session = sessionOf(latest.current, {
      outcome,
      finishedAt: new Date(nowMs).toISOString(),
      pastDateLots: used.filter(pastDate).map(({ id }) => id),
    });
    if (!session) return;
    const about = {
      code: answer.pen.body.code,
      penId: draft.penId,
      side: quantity,
      cleanedAt: new Date(nowMs + 1).toISOString(),
      more: portionsTaken(session, used),
    };
    anewWith((anew) => cleanAndDipAgain(session, { ...about, draftId: draftId.current, anew }), {
      plan,
      lots,
      afterCleaning: true,
    });
  };
  return {
    draft,
    change,
    type,
    add,
    again,
    finish,
    giveUp,
    resume,
    switchedOff,
    beginAnew,
    keepWhatWasFound,
    cleanedDipAgain,
  };
}

export type Bench = ReturnType<typeof useBench>;
