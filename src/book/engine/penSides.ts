import type { PenSide, SideError } from '@/book/answers';
import { phAnchorParts, phErrorAt, toleranceOf } from '@/core/calibration';
import {
  DUE_BY_DRIFT_FROM_CHECKS,
  dueByDriftMs,
  ecPenStateAt,
  phDriftStdU,
  phPenStateAt,
} from '@/core/drift';
import { checkDue, penWord } from '@/core/schedule';
import { COVERAGE_FACTOR, makeBudget } from '@/core/uncertainty';
import type { BookState, LiveRecord } from './bookState';
import { forcingEvents, isResting, runningSoak } from './penCare';
import { ecTrackOf, phTrackOf, sessionsOf } from './penTrack';
import { usesOf } from './penUse';

/** Where a pen's error is stated: the middle of what most crops want, pH. */
export const CROP_PH = 6;

/** The date by own drift on the pH side, once enough checks exist. */
export function phDueByDrift(book: BookState, pen: LiveRecord<'pen'>): number | undefined {
  const track = phTrackOf(book, pen.id);
  const last = track.checks.at(-1);
  if (!last || track.checks.length < DUE_BY_DRIFT_FROM_CHECKS) return undefined;
  const rates = track.ratesAfter(track.checks.length - 1);
  return dueByDriftMs({
    lastCheckMs: last.atMs,
    residual: phErrorAt(CROP_PH, last.left.map),
    tolerance: toleranceOf('ph', pen.body.tolerancePolicy),
    rates: [
      { rate: rates.offset, lever: 1 },
      { rate: rates.gain, lever: CROP_PH - 7 },
    ],
  });
}

/** The same for its EC side. */
export function ecDueByDrift(book: BookState, pen: LiveRecord<'pen'>): number | undefined {
  const track = ecTrackOf(book, pen.id);
  const last = track.checks.at(-1);
  if (!last || track.checks.length < DUE_BY_DRIFT_FROM_CHECKS) return undefined;
  return dueByDriftMs({
    lastCheckMs: last.atMs,
    residual: last.left.gain - 1,
    tolerance: toleranceOf('ec', pen.body.tolerancePolicy),
    rates: [{ rate: track.rateAfter(track.checks.length - 1), lever: 1 }],
  });
}

interface SideFacts {
  readonly quantity: 'ph' | 'ec';
  readonly checked: boolean;
  readonly driftStdU: number;
  readonly tolerance: number;
  readonly ownDriftDueMs: number | undefined;
  readonly nowMs: number;
}

/** Due date, word and times that both kinds of side share. */
function sharedSide(book: BookState, pen: LiveRecord<'pen'>, facts: SideFacts) {
  const { quantity, nowMs, tolerance, driftStdU, checked, ownDriftDueMs } = facts;
  const { checkPolicy: policy, usesAllowed } = pen.body;
  const last = sessionsOf(book, pen.id, quantity).at(-1);
  const uses = usesOf(book, pen.id, quantity);
  const due = checkDue({
    policy,
    usesAllowed,
    lastCheckMs: last?.atMs,
    lastUseMs: uses.at(-1),
    usesSinceCheck: uses.filter((atMs) => atMs > (last?.atMs ?? 0)).length,
    ownDriftDueMs,
    events: forcingEvents(book, pen.id, quantity),
  });
  const soak = runningSoak(book, pen.id, quantity, nowMs);
  const soakUntilMs = soak?.record.body.until && Date.parse(soak.record.body.until);
  const leftOut = last?.record.body.outcome === 'leftOut';
  const word = penWord({
    checked,
    leftOut,
    driftExpandedU: COVERAGE_FACTOR * driftStdU,
    tolerance,
    dueAtMs: 'atMs' in due ? due.atMs : undefined,
    nowMs,
    soakUntilMs: soakUntilMs || undefined,
    resting: isResting(book, pen.id, quantity),
  });
  const dueAtMs = 'atMs' in due ? due.atMs : undefined;
  return {
    word,
    leftOut,
    policy,
    due,
    dueAtMs,
    lastCheckMs: last?.atMs,
    soakUntilMs: soakUntilMs || undefined,
  };
}

/** What a pen's pH side is worth at `nowMs`. */
export function phSide(
  book: BookState,
  pen: LiveRecord<'pen'>,
  nowMs: number,
): PenSide | undefined {
  if (!pen.body.ph) return undefined;
  const state = phPenStateAt(phTrackOf(book, pen.id), nowMs);
  const checked = state.basis === 'checked';
  const driftStdU = checked ? phDriftStdU(state.spread, CROP_PH) : 0;
  const error: SideError | undefined = checked
    ? {
        atPh: CROP_PH,
        error: phErrorAt(CROP_PH, state.map),
        budget: makeBudget([
          ...phAnchorParts(state.anchor, CROP_PH),
          { source: 'drift', stdU: driftStdU },
        ]),
      }
    : undefined;
  const shared = sharedSide(book, pen, {
    quantity: 'ph',
    checked,
    driftStdU,
    tolerance: toleranceOf('ph', pen.body.tolerancePolicy),
    ownDriftDueMs: phDueByDrift(book, pen),
    nowMs,
  });
  return { quantity: 'ph', state, error, ...shared };
}

/** What its EC side is worth. */
export function ecSide(
  book: BookState,
  pen: LiveRecord<'pen'>,
  nowMs: number,
): PenSide | undefined {
  if (!pen.body.ec) return undefined;
  const state = ecPenStateAt(ecTrackOf(book, pen.id), nowMs);
  const checked = state.basis === 'checked';
  const driftStdU = checked ? state.driftStdURel : 0;
  const error: SideError | undefined = checked
    ? {
        error: state.gain - 1,
        budget: makeBudget([
          { source: 'standards', stdU: state.anchor.standardStdURel },
          { source: 'cupDigit', stdU: state.anchor.digitStdURel },
          { source: 'drift', stdU: driftStdU },
        ]),
      }
    : undefined;
  const shared = sharedSide(book, pen, {
    quantity: 'ec',
    checked,
    driftStdU,
    tolerance: toleranceOf('ec', pen.body.tolerancePolicy),
    ownDriftDueMs: ecDueByDrift(book, pen),
    nowMs,
  });
  return { quantity: 'ec', state, error, ...shared };
}
