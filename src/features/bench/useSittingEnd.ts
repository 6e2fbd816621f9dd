import { useRef } from 'react';
import {
  beginSittingAnew,
  checkOfOtherSide,
  cleanAndDipAgain,
  endSoak,
  giveUpSitting,
  keepFound,
  portionsTaken,
  saveCheck,
  sessionOf,
  type Act,
} from '@/acts';
import type { BenchAnswer } from '@/book/answers';
import { useAct, useBook } from '@/book/react';
import { lastReadMs, type BenchOutcome } from '@/core/procedure';
import type { Change } from '@/records';
import type { BenchDraft } from '@/records/kinds';
import { pastDate } from './chooseLots';
import { begunNow, type SittingDraft } from './useSitting';

/** The ways a sitting ends: as a check, given up, or with another one in its place. */
export function useSittingEnd(sitting: SittingDraft, answer: BenchAnswer, quantity: 'ph' | 'ec') {
  const { client } = useBook();
  const { act } = useAct();
  const { code } = answer.pen.body;
  const { penId } = sitting.draft;

  /**
   * The check the sitting ends as, and what it does to lots and soak. They are asked anew: another
   * check, here or elsewhere, may have poured from the same bottle since this one was opened.
   */
  const endedAs = async (outcome: BenchOutcome, finishedMs: number) => {
    await sitting.written();
    const draft = sitting.now();
    const { plan } = draft;
    const { lots, pen } = (await client.bench(penId, quantity, Date.now())) ?? answer;
    const used = lots.filter((lot) => plan?.cups.some((cup) => cup.lotId === lot.id));
    const session = sessionOf(draft, {
      outcome,
      finishedAt: new Date(finishedMs).toISOString(),
      pastDateLots: used.filter(pastDate).map(({ id }) => id),
    });
    if (!session) return undefined;
    const soak = pen.sides.find((side) => side.quantity === quantity)?.soak;
    // A probe that was checked stands in its soak no longer.
    const ended = soak ? endSoak(soak, soak.body, session.finishedAt).changes : [];
    const other = checkOfOtherSide(session, draft.also);
    return { session, more: [...portionsTaken(session, used), ...ended, ...other] };
  };
  /** Puts the sitting into the book, with what else was done at its end. */
  const finish = async (outcome: BenchOutcome, more: readonly Change[] = []): Promise<boolean> => {
    const ends = await endedAs(outcome, Date.now());
    if (!ends) return false;
    const about = { code, draftId: sitting.recordId(), more: [...ends.more, ...more] };
    return (await act(saveCheck(ends.session, about))) !== undefined;
  };
  const giveUp = async () => {
    if (await sitting.inTurn(() => giveUpSitting(sitting.recordId()))) sitting.forgetRecord();
  };

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
      await sitting.written();
      const anew = { ...begunNow(penId, quantity), ...more };
      const begun = await make(anew);
      if (begun && (await sitting.inTurn(() => begun))) sitting.replaceBy(anew);
    } finally {
      beginning.current = false;
    }
  };
  const beginAnew = () =>
    anewWith((anew) => Promise.resolve(beginSittingAnew(sitting.recordId(), anew)));
  /** Books what an old sitting found, for the time it was read, and begins anew. */
  const keepWhatWasFound = (outcome: BenchOutcome) =>
    anewWith(async (anew) => {
      const readMs = lastReadMs(sitting.now().events);
      const ends = await endedAs(outcome, readMs ?? Date.now());
      const about = { code, draftId: sitting.recordId(), anew };
      return ends && keepFound(ends.session, { ...about, more: ends.more });
    });
  /** Keeps a check that missed, books the cleaning, and goes on with a fresh check in the same cups. */
  const cleanedDipAgain = (outcome: BenchOutcome) => {
    const { plan, lots, mode, also } = sitting.now();
    const cups = {
      plan,
      lots,
      mode,
      ...(also ? { also: { ...also, events: [], typed: '' } } : {}),
    };
    return anewWith(
      async (anew) => {
        const nowMs = Date.now();
        const ends = await endedAs(outcome, nowMs);
        const cleanedAt = new Date(nowMs + 1).toISOString();
        const about = { code, penId, side: quantity, cleanedAt, anew, draftId: sitting.recordId() };
        return ends && cleanAndDipAgain(ends.session, { ...about, more: ends.more });
      },
      { ...cups, afterCleaning: true },
    );
  };
  return { finish, giveUp, beginAnew, keepWhatWasFound, cleanedDipAgain };
}
