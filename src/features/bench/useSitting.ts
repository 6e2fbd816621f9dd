import { useEffect, useRef, useState } from 'react';
import { keepSitting, type Act } from '@/acts';
import type { BenchAnswer } from '@/book/answers';
import { useBook } from '@/book/react';
import type { Change, PenId } from '@/records';
import type { BenchDraft } from '@/records/kinds';
import { inBackground } from '@/trouble';
import { AT_REST } from './sittingEvents';

/** A sitting that begins now. */
export const begunNow = (
  penId: PenId,
  quantity: 'ph' | 'ec',
  afterCleaning = false,
): BenchDraft => ({
  penId,
  quantity,
  startedAt: new Date().toISOString(),
  events: [],
  afterCleaning,
  typed: '',
});

/** What a sitting that begins anew does not keep. */
const NOTHING_CHOSEN = {
  plan: undefined,
  also: undefined,
  mode: undefined,
  third: undefined,
  resumedAtMs: undefined,
  lots: undefined,
  note: undefined,
} as const;

/** How long typing pauses before the draft is written. */
const TYPING_PAUSE_MS = 300;

/** The draft of a sitting: written as it changes, one write after the other, and brought back by an undo. */
export function useSitting(answer: BenchAnswer, quantity: 'ph' | 'ec') {
  const { acts } = useBook();
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
  /** Changes the sitting and writes it, with what else goes with that. */
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
  return {
    draft,
    change,
    soon,
    inTurn,
    /** The sitting as it is now, before it is drawn. */
    now: () => latest.current,
    /** The record it is kept in, once there is one. */
    recordId: () => draftId.current,
    forgetRecord: () => {
      draftId.current = undefined;
    },
    /** All that was changed is in the book, or failed. */
    written: async () => {
      clearTimeout(typing.current);
      await queue.current;
    },
    /** Puts another sitting in this one's place, which an undo brings back. */
    replaceBy: (anew: BenchDraft) => {
      before.current = latest.current;
      set({ ...NOTHING_CHOSEN, ...AT_REST, ...anew });
    },
  };
}

export type SittingDraft = ReturnType<typeof useSitting>;
