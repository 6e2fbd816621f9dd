import { HOUR_MS } from '@/core/units';
import type { PenSide } from '@/book/answers';
import { isWithin, ISOPOTENTIAL_PH, type Quantity, type Tolerance } from '@/core/calibration';
import {
  PEN_MODEL,
  dueByDriftMs,
  dueIfAdjustedMs,
  errorAt,
  errorBudget,
  probabilityOut,
  stateAt,
  type PenState,
} from '@/core/drift';
import { checkDue, penWord } from '@/core/schedule';
import type { BookState, LiveRecord } from './bookState';
import { houseDays } from './houseDays';
import { disagreementOf } from './pensInOneTank';
import { forcingEvents, isResting, runningSoak } from './penCare';
import { repeatStdUOf, sessionsOf, sideTolerance, trackOf } from './penTrack';
import { lastUseOf, usesSince } from './penUse';
import type { PenId } from '@/records';

/** Where a pen's error is stated: the middle of what most crops want, pH. */
export const CROP_PH = 6;

/** The same as a lever on the pen's line: 0 for EC, whose error is alike everywhere. */
export const cropLever = (quantity: Quantity) =>
  quantity === 'ph' ? CROP_PH - ISOPOTENTIAL_PH : 0;

/** Dates in whole days need no newer "now" than this, ms. */
const DATES_STEP_MS = HOUR_MS;

interface Asked {
  readonly quantity: Quantity;
  readonly nowMs: number;
}

/** The dates by own drift: as it is, and as if it were adjusted. Worked out once an hour. */
export function driftDates(
  book: BookState,
  penId: PenId,
  { quantity, nowMs }: Asked,
): { readonly ownMs?: number | undefined; readonly adjustedMs?: number | undefined } {
  const hour = Math.ceil(nowMs / DATES_STEP_MS);
  return book.remember(`driftDates/${penId}/${quantity}/${hour}`, () => {
    const pen = book.record('pen', penId);
    const track = trackOf(book, penId, quantity);
    if (!pen || !track) return {};
    const rule = { lever: cropLever(quantity), tolerance: sideTolerance(pen, quantity) };
    const adjustedMs = dueIfAdjustedMs(track, rule, hour * DATES_STEP_MS);
    return { ownMs: dueByDriftMs(track, rule), adjustedMs };
  });
}

/** Whether the pen is likelier out of its tolerance than in it, where the crops live. */
function isOff(state: PenState, tolerance: Tolerance): boolean {
  const lever = cropLever(state.quantity);
  const error = errorAt(state, lever);
  return !isWithin(error, tolerance) && probabilityOut(state, { lever, tolerance }) > 0.5;
}

/** When a side is due, and why. */
function dueOf(
  book: BookState,
  pen: LiveRecord<'pen'>,
  {
    quantity,
    state,
    tolerance,
    ownDriftDueMs,
  }: Asked & {
    readonly state: PenState;
    readonly tolerance: Tolerance;
    readonly ownDriftDueMs: number | undefined;
  },
) {
  const { checkPolicy: policy, usesAllowed } = pen.body;
  const lastCheckMs = sessionsOf(book, pen.id, quantity).at(-1)?.atMs;
  return checkDue({
    policy,
    days: houseDays(book),
    usesAllowed,
    lastCheckMs,
    lastUseMs: lastUseOf(book, pen.id, quantity),
    usesSinceCheck: usesSince(book, {
      penId: pen.id,
      side: quantity,
      sinceMs: lastCheckMs ?? 0,
    }),
    ownDriftDueMs,
    events: forcingEvents(book, pen.id, quantity),
    isOff: state.standing === 'checked' && isOff(state, tolerance),
    disagrees: disagreementOf(book, pen.id, quantity),
  });
}

/** What one side of a pen is worth at `nowMs`; undefined where it has no such side. */
export function penSide(
  book: BookState,
  pen: LiveRecord<'pen'>,
  { quantity, nowMs }: Asked,
): PenSide | undefined {
  const track = trackOf(book, pen.id, quantity);
  if (!track) return undefined;
  const state = stateAt(track, nowMs);
  const lever = cropLever(quantity);
  const tolerance = sideTolerance(pen, quantity);
  const budget = errorBudget(state, lever);
  const checked = state.standing !== 'unverified';
  const { ownMs, adjustedMs } = driftDates(book, pen.id, { quantity, nowMs });
  const due = dueOf(book, pen, { quantity, nowMs, state, tolerance, ownDriftDueMs: ownMs });
  const last = sessionsOf(book, pen.id, quantity).at(-1);
  const leftOut = last?.record.body.outcome === 'leftOut';
  const soak = runningSoak(book, pen.id, quantity, nowMs)?.record;
  const soakUntilMs = soak?.body.until ? Date.parse(soak.body.until) : undefined;
  const dueAtMs = 'atMs' in due ? due.atMs : undefined;
  const word = penWord({
    checked,
    broken: state.standing === 'broken',
    unknown: budget.expandedU > PEN_MODEL[quantity].unknownAbove,
    leftOut,
    eventDue: due.reason === 'event',
    expandedU: budget.expandedU,
    trustedBelow: PEN_MODEL[quantity].trustedBelow,
    dueAtMs,
    nowMs,
    soakUntilMs,
    resting: isResting(book, pen.id, quantity),
    gone: pen.body.gone !== undefined,
  });
  return {
    quantity,
    state,
    repeatStdU: repeatStdUOf(book, pen.id, quantity),
    tolerance,
    error: checked
      ? { atPh: quantity === 'ph' ? CROP_PH : undefined, error: errorAt(state, lever), budget }
      : undefined,
    word,
    leftOut,
    policy: pen.body.checkPolicy,
    due,
    // What is gone is due for nothing.
    dueAtMs: pen.body.gone ? undefined : dueAtMs,
    ifAdjustedMs: pen.body.gone ? undefined : adjustedMs,
    lastCheckMs: last?.atMs,
    lastCheckBy: last && { by: last.record.head.by, device: last.record.head.device },
    soakUntilMs,
    soak: soak && { id: soak.id, revId: soak.head.revId, body: soak.body },
  };
}
