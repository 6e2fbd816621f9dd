import { PORTION_ML } from '@/core/lots';
import { nextBenchStep, type BenchEvent, type BenchOutcome } from '@/core/procedure';
import type { Change, DraftId, PenId } from '@/records';
import type { BenchDraft, CareEvent, Lot, Session } from '@/records/kinds';
import { make, revise, type Act, type Known } from './act';

/** A step of a sitting: it is kept as it goes on, with what else was done at that moment. */
export const keepSitting = (
  draftId: DraftId | undefined,
  body: BenchDraft,
  more: readonly Change[] = [],
): Act => ({ changes: [{ kind: 'benchDraft', recordId: draftId, body } as Change, ...more] });

/** A sitting given up before it came to anything. */
export const giveUpSitting = (draftId: DraftId | undefined): Act => ({
  done: { what: 'checkDiscarded' },
  changes: draftId ? [{ kind: 'benchDraft', recordId: draftId, body: null }] : [],
});

/** A sitting begun anew in place of what it was. */
export const beginSittingAnew = (draftId: DraftId | undefined, body: BenchDraft): Act => ({
  done: { what: 'checkBegunAnew' },
  changes: draftId ? [{ kind: 'benchDraft', recordId: draftId, body } as Change] : [],
});

interface KeptFound {
  readonly code: string;
  readonly draftId: DraftId | undefined;
  /** The sitting that is begun in its place. */
  readonly anew: BenchDraft;
  readonly more?: readonly Change[];
}

/** What an old sitting found, as a check of the time it was read; the sitting itself begins anew. */
export const keepFound = (
  session: Session,
  { code, draftId, anew, more = [] }: KeptFound,
): Act => ({
  done: { what: 'foundKept', name: code },
  changes: [
    // The sitting first: the Bench knows it by the first record of an act.
    { kind: 'benchDraft', recordId: draftId, body: anew } as Change,
    make('session', session),
    ...more,
  ],
});

/** A cleaning between as found and as left. `at` is an ISO instant. */
export const cleanedAtBench = (penId: PenId, side: 'ph' | 'ec', at: string): Change =>
  make('careEvent', {
    penId,
    side,
    what: 'clean',
    at,
    note: 'At the Bench, between as found and as left.',
  });

interface Capped {
  readonly penId: PenId;
  /** ISO instant. */
  readonly at: string;
  /** The cap held a stop-gap until now. */
  readonly endsStopGap: boolean;
  /** What the tip is capped with, as the screen wrote it. */
  readonly liquid: string;
}

/**
 * What is booked of a cap: a stop-gap, so that it is not forgotten; and storage solution where it ends
 * one. Otherwise storage solution is the rule and not worth an entry.
 */
export function capTip(storage: boolean, { penId, at, endsStopGap, liquid }: Capped): Change[] {
  if (storage && !endsStopGap) return [];
  const what: CareEvent['what'] = storage ? 'capTopUp' : 'stopGap';
  return [make('careEvent', { penId, side: 'ph', what, at, note: liquid })];
}

interface Finished {
  readonly outcome: BenchOutcome;
  /** ISO instant. */
  readonly finishedAt: string;
  readonly pastDateLots: string[];
}

/** The check a sitting ends as; undefined before it was planned. */
export function sessionOf(draft: BenchDraft, finished: Finished): Session | undefined {
  const { plan, events, startedAt, afterCleaning, penId, note = '' } = draft;
  return plan && { penId, plan, events, startedAt, afterCleaning, note, ...finished };
}

/**
 * The check of the EC side that was read in the same cup, where one bottle serves both. Its portion is
 * counted with the pH side's.
 */
export function checkOfOtherSide(session: Session, also: BenchDraft['also']): Change[] {
  if (!also) return [];
  const { plan, events } = also;
  const end = nextBenchStep(plan, events);
  const outcome = end.kind === 'finish' ? end.outcome : session.outcome;
  return [make('session', { ...session, plan, events, outcome })];
}

/** A lot as the Bench knows it. */
export interface KnownLot extends Known<'lot'> {
  readonly body: Lot;
}

/** Whether an event poured a fresh portion for a cup. */
const freshFor = (event: BenchEvent): string | undefined =>
  event.type === 'repeat' && event.after === 'freshPortion' ? event.cupId : undefined;

/** What of a check tells how much was poured for it. */
type Poured = Pick<Session, 'plan' | 'events' | 'startedAt'>;

/**
 * What a check took from a lot: 20 mL or one sachet for each portion; none of one used before. An EC
 * side read in a buffer that bears a conductivity too stood in the pH side's cup, and took none.
 */
function takenFrom({ plan, events }: Poured, { id, body }: KnownLot): number {
  if (plan.quantity === 'ec' && body.kind === 'buffer') return 0;
  const cups = plan.cups.filter(({ lotId }) => lotId === id);
  const ids = cups.map((cup) => cup.id);
  const fresh = events.filter((event) => ids.includes(freshFor(event) ?? '')).length;
  const begun = cups.some(({ reused }) => !reused) ? 1 : 0;
  return cups.length === 0 ? 0 : (begun + fresh) * (body.form === 'sachet' ? 1 : PORTION_ML);
}

/**
 * What a check does to the lots it was poured from: 20 mL or one sachet off for each portion, one at the
 * beginning and one for each fresh portion after, where somebody said how much there is; and a bottle
 * is open from its first pour on. A portion that was used before takes nothing.
 */
export function portionsTaken(poured: Poured, lots: readonly KnownLot[]): Change[] {
  return lots.flatMap((lot) => {
    const { left, form, openedAt } = lot.body;
    const taken = takenFrom(poured, lot);
    if (taken === 0) return [];
    const opens = form === 'bottle' && openedAt === undefined;
    if (left === undefined && !opens) return [];
    const body = {
      ...lot.body,
      ...(left === undefined ? {} : { left: Math.max(0, left - taken) }),
      ...(opens ? { openedAt: poured.startedAt } : {}),
    };
    return [{ kind: 'lot' as const, recordId: lot.id, parents: [lot.revId], body }];
  });
}

/**
 * What of the Shelf changes when a check in the book says something else, or counts no more: what was
 * not poured from a bottle comes back to it, what was is taken. Bottles stay open as they are.
 */
export function portionsMoved(
  before: Poured,
  after: Poured | undefined,
  lots: readonly KnownLot[],
): Change[] {
  return lots.flatMap((lot) => {
    const { left } = lot.body;
    const more = (after ? takenFrom(after, lot) : 0) - takenFrom(before, lot);
    if (left === undefined || more === 0) return [];
    return [revise('lot', lot, { ...lot.body, left: Math.max(0, left - more) })];
  });
}

interface CleanedAgain extends KeptFound {
  readonly penId: PenId;
  readonly side: 'ph' | 'ec';
  /** ISO instant after the check. */
  readonly cleanedAt: string;
}

/** A check that missed, the cleaning after it, and the check that follows at once, as one act. */
export function cleanAndDipAgain(session: Session, about: CleanedAgain): Act {
  const { penId, side, cleanedAt, code } = about;
  const cleaned = make('careEvent', { penId, side, what: 'clean', at: cleanedAt, note: '' });
  const { changes } = keepFound(session, about);
  return { done: { what: 'checked', name: code }, changes: [...changes, cleaned] };
}

/** A sitting that is finished: its check, what was poured for it, what was done at its end. */
export const saveCheck = (
  session: Session,
  {
    code,
    draftId,
    more,
  }: {
    readonly code: string;
    /** The sitting as it was kept while it went on; it ends with this. */
    readonly draftId: DraftId | undefined;
    readonly more: readonly Change[];
  },
): Act => ({
  done: { what: 'checked', name: code },
  changes: [...giveUpSitting(draftId).changes, make('session', session), ...more],
});
