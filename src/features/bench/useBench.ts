import { useEffect, useRef, useState } from 'react';
import {
  beginSittingAnew,
  cleanAndDipAgain,
  checkOfOtherSide,
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
import {
  lastReadMs,
  mirrored,
  type BenchEvent,
  type BenchOutcome,
  type DipPhase,
} from '@/core/procedure';
import type { Change, PenId } from '@/records';
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
const begunNow = (penId: PenId, quantity: 'ph' | 'ec', afterCleaning = false): BenchDraft => ({
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
  const { acts, client } = useBook();
  const { act } = useAct();
  const { code } = answer.pen.body;
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
        return recordIds !== undefined;
      }
      return true;
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
    before.current = undefined;
    const next = set(patch);
    inBackground(
      'bench',
      inTurn(() => keepSitting(draftId.current, next, more)),
    );
  };
  /** Keeps what is typed without writing at every key. */
  const soon = (patch: Partial<BenchDraft>) => {
    set(patch);
    clearTimeout(typing.current);
    typing.current = setTimeout(() => change({}), TYPING_PAUSE_MS);
  };
  const type = (typed: string) => soon({ typed });
  const writeNote = (note: string) => soon({ note });
  /** The EC side in the same cup, as it is typed. */
  const typeAlso = (typed: string) => {
    const { also } = latest.current;
    if (also) soon({ also: { ...also, typed } });
  };
  /** What happened, to both sides where one cup serves both; a reading is the pH side's own. */
  const withEvents = (events: readonly BenchEvent[], alsoRead: readonly BenchEvent[] = []) => {
    const { plan, also, events: before } = latest.current;
    if (!also || !plan) return { events: [...before, ...events] };
    const own = events.flatMap((event) =>
      event.type === 'read' ? [event] : mirrored(event, { plan }),
    );
    const others = [...events.flatMap((event) => mirrored(event, also)), ...alsoRead];
    return {
      events: [...before, ...own],
      also: { ...also, typed: '', events: [...also.events, ...others] },
    };
  };
  const happened = (events: readonly BenchEvent[], more: readonly Change[] = []) =>
    change({ ...atRest, ...withEvents(events) }, more);
  /** Something happened: the field and the timer start afresh. */
  const add = (...events: BenchEvent[]) => happened(events);
  /** A reading of the one side and, in the same cup, of the other. */
  const read = (event: BenchEvent, alsoRead: readonly BenchEvent[]) =>
    change({ ...atRest, ...withEvents([event], alsoRead) });
  /** Something is kept with the dip, which goes on as it was. */
  const noteEvent = (event: BenchEvent) => change(withEvents([event]));

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

  /**
   * The check the sitting ends as, and what it does to lots and soak. They are asked anew: another
   * check, here or elsewhere, may have poured from the same bottle since this one was opened.
   */
  const endedAs = async (outcome: BenchOutcome, finishedMs: number) => {
    clearTimeout(typing.current);
    await queue.current;
    const { plan } = latest.current;
    const { lots, pen } = (await client.bench(draft.penId, quantity, Date.now())) ?? answer;
    const used = lots.filter((lot) => plan?.cups.some((cup) => cup.lotId === lot.id));
    const session = sessionOf(latest.current, {
      outcome,
      finishedAt: new Date(finishedMs).toISOString(),
      pastDateLots: used.filter(pastDate).map(({ id }) => id),
    });
    const soak = pen.sides.find((side) => side.quantity === quantity)?.soak;
    // A probe that was checked stands in its soak no longer.
    const ended = session && soak ? endSoak(soak, soak.body, session.finishedAt).changes : [];
    const alsoChecked = session ? checkOfOtherSide(session, latest.current.also) : [];
    return (
      session && { session, more: [...portionsTaken(session, used), ...ended, ...alsoChecked] }
    );
  };
  /** Puts the sitting into the book, with what else was done at its end. */
  const finish = async (outcome: BenchOutcome, more: readonly Change[] = []): Promise<boolean> => {
    const ends = await endedAs(outcome, Date.now());
    if (!ends) return false;
    const also = [...ends.more, ...more];
    const about = { code, draftId: draftId.current, more: also };
    return (await act(saveCheck(ends.session, about))) !== undefined;
  };
  const giveUp = async () => {
    if (await inTurn(() => giveUpSitting(draftId.current))) draftId.current = undefined;
  };
  /** Goes on with a sitting that was left. */
  const resume = () => change({ ...atRest, resumedAtMs: Date.now() });
  const switchedOff = (losesPoints: boolean) =>
    add({ type: 'switchedOff', losesPoints, atMs: Date.now() });

  const beginning = useRef(false);
  /** Begins anew once that is in the book: pressed twice it is one act, and where it fails all stays. */
  const anewWith = async (
    make: (anew: BenchDraft) => Promise<Act | undefined>,
    more: Partial<BenchDraft> = {},
  ) => {
    if (beginning.current) return;
    beginning.current = true;
    try {
      // The record of the sitting must be known first.
      await queue.current;
      const anew = { ...begunNow(draft.penId, quantity), ...more };
      const begun = await make(anew);
      if (!begun || !(await inTurn(() => begun))) return;
      before.current = latest.current;
      const nothing = {
        plan: undefined,
        also: undefined,
        mode: undefined,
        third: undefined,
        resumedAtMs: undefined,
        lots: undefined,
        note: undefined,
      };
      set({ ...nothing, ...atRest, ...anew });
    } finally {
      beginning.current = false;
    }
  };
  const beginAnew = () =>
    anewWith((anew) => Promise.resolve(beginSittingAnew(draftId.current, anew)));
  /** Books what an old sitting found, for the time it was read, and begins anew. */
  const keepWhatWasFound = (outcome: BenchOutcome) =>
    anewWith(async (anew) => {
      const ends = await endedAs(outcome, lastReadMs(latest.current.events) ?? Date.now());
      const about = { code, draftId: draftId.current, anew };
      return ends && keepFound(ends.session, { ...about, more: ends.more });
    });
  /** Keeps a check that missed, books the cleaning, and goes on with a fresh check in the same cups. */
  const cleanedDipAgain = (outcome: BenchOutcome) => {
    const { plan, lots, mode, also } = latest.current;
    return anewWith(
      async (anew) => {
        const nowMs = Date.now();
        const ends = await endedAs(outcome, nowMs);
        const cleanedAt = new Date(nowMs + 1).toISOString();
        const about = { code, penId: draft.penId, side: quantity, cleanedAt, anew };
        return (
          ends &&
          cleanAndDipAgain(ends.session, {
            ...about,
            draftId: draftId.current,
            more: ends.more,
          })
        );
      },
      {
        plan,
        lots,
        mode,
        ...(also ? { also: { ...also, events: [], typed: '' } } : {}),
        afterCleaning: true,
      },
    );
  };
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
