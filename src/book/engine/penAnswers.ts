import type { PenAnswer, PenDetailAnswer, PenSide, SessionRow, SideError } from '@/book/answers';
import {
  TOLERANCE_EC_REL,
  TOLERANCE_PH,
  ecAnchorStdURel,
  phAnchorParts,
  phErrorAt,
} from '@/core/calibration';
import { ecPenStateAt, phDriftStdU, phPenStateAt } from '@/core/drift';
import { checkDueAtMs, penWord, worstWord } from '@/core/schedule';
import { COVERAGE_FACTOR, makeBudget } from '@/core/uncertainty';
import type { RecordId } from '@/records';
import type { BookState, LiveRecord } from './bookState';
import { ecChecksOf, phChecksOf, sessionsOf, type TimedSession } from './penTrack';

/** Where a pen's error is stated: the middle of what most crops want, pH. */
export const CROP_PH = 6;

/** The facts of a side's newest session. */
function lastOf(sessions: readonly TimedSession[]) {
  const last = sessions.at(-1);
  return { lastCheckMs: last?.atMs, leftOut: last?.record.body.outcome === 'leftOut' };
}

function phSide(book: BookState, pen: LiveRecord<'pen'>, nowMs: number): PenSide | undefined {
  if (!pen.body.ph) return undefined;
  const { checkPolicy: policy, tolerancePolicy } = pen.body;
  const state = phPenStateAt(phChecksOf(book, pen.id), nowMs);
  const { lastCheckMs, leftOut } = lastOf(sessionsOf(book, pen.id, 'ph'));
  const dueAtMs = checkDueAtMs(policy, lastCheckMs);
  const driftStdU = state.basis === 'checked' ? phDriftStdU(state.spread, CROP_PH) : 0;
  const error: SideError | undefined =
    state.basis === 'checked'
      ? {
          atPh: CROP_PH,
          error: phErrorAt(CROP_PH, state.map),
          expandedU: makeBudget([
            ...phAnchorParts(state.anchor, CROP_PH),
            { source: 'drift', stdU: driftStdU },
          ]).expandedU,
        }
      : undefined;
  const word = penWord({
    checked: state.basis === 'checked',
    leftOut,
    driftExpandedU: COVERAGE_FACTOR * driftStdU,
    tolerance: TOLERANCE_PH[tolerancePolicy],
    dueAtMs,
    nowMs,
  });
  return { quantity: 'ph', state, word, policy, lastCheckMs, dueAtMs, error };
}

function ecSide(book: BookState, pen: LiveRecord<'pen'>, nowMs: number): PenSide | undefined {
  if (!pen.body.ec) return undefined;
  const { checkPolicy: policy, tolerancePolicy } = pen.body;
  const state = ecPenStateAt(ecChecksOf(book, pen.id), nowMs);
  const { lastCheckMs, leftOut } = lastOf(sessionsOf(book, pen.id, 'ec'));
  const dueAtMs = checkDueAtMs(policy, lastCheckMs);
  const checked = state.basis === 'checked';
  const driftStdU = checked ? state.driftStdURel : 0;
  const error: SideError | undefined = checked
    ? {
        error: state.gain - 1,
        expandedU: COVERAGE_FACTOR * Math.hypot(ecAnchorStdURel(state.anchor), driftStdU),
      }
    : undefined;
  const word = penWord({
    checked,
    leftOut,
    driftExpandedU: COVERAGE_FACTOR * driftStdU,
    tolerance: TOLERANCE_EC_REL[tolerancePolicy],
    dueAtMs,
    nowMs,
  });
  return { quantity: 'ec', state, word, policy, lastCheckMs, dueAtMs, error };
}

/** One pen with the state of each side at `nowMs`. */
export function penAnswer(book: BookState, pen: LiveRecord<'pen'>, nowMs: number): PenAnswer {
  const sides = [phSide(book, pen, nowMs), ecSide(book, pen, nowMs)].filter((side) => !!side);
  const openBench = book
    .all('benchDraft')
    .filter(({ body }) => body.penId === pen.id)
    .map(({ body }) => body.quantity);
  const word = worstWord(sides.map((side) => side.word));
  return { id: pen.id, revId: pen.head.revId, body: pen.body, word, sides, openBench };
}

/** All pens, by code. */
export function pensAnswer(book: BookState, nowMs: number): readonly PenAnswer[] {
  return [...book.all('pen')]
    .sort((a, b) => a.body.code.localeCompare(b.body.code, 'en', { numeric: true }))
    .map((pen) => penAnswer(book, pen, nowMs));
}

/** A session as a row. */
export function sessionRow(book: BookState, record: LiveRecord<'session'>): SessionRow {
  const penCode = book.record('pen', record.body.penId)?.body.code ?? '?';
  const atMs = Date.parse(record.body.finishedAt);
  const { revId, by } = record.head;
  return { id: record.id, revId, body: record.body, penCode, atMs, by };
}

/** One pen with its sessions, newest first. */
export function penDetailAnswer(
  book: BookState,
  id: RecordId,
  nowMs: number,
): PenDetailAnswer | null {
  const pen = book.record('pen', id);
  if (!pen) return null;
  const sessions = (['ph', 'ec'] as const)
    .flatMap((quantity) => sessionsOf(book, id, quantity))
    .sort((a, b) => b.atMs - a.atMs)
    .map(({ record }) => sessionRow(book, record));
  return { ...penAnswer(book, pen, nowMs), sessions };
}
