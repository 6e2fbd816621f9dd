import { DAY_MS } from '@/core/units';
import type { DriftAnswer, DriftCurvePoint, DriftPoint, PenSide } from '@/book/answers';
import {
  accumulatedPh,
  errorAt,
  errorBudget,
  foundOffsets,
  knownOf,
  probeLife,
  stateAfter,
  stateAt,
  type Node,
  type PenTrack,
} from '@/core/drift';
import type { BookState, LiveRecord } from './bookState';
import { incidentsMsOf, probeBornMs, probeFittedMs } from './penCare';
import { cropLever, driftDates } from './penSide';
import { sessionsOf, trackOf } from './penTrack';
import type { PenId } from '@/records';

/** The chart looks this far past today, days. */
const AHEAD_DAYS = 30;

/** Steps of the curve inside a stretch, and ahead. */
const STRETCH_STEPS = 4;
const AHEAD_STEPS = 8;

/** Beyond so many stretches the curve needs no steps inside them: it is drawn closer than a pixel. */
const MANY_STRETCHES = 120;

/** How long the dips of each sitting took to stand still. */
function settlesOf(book: BookState, penId: PenId) {
  return sessionsOf(book, penId, 'ph').flatMap(({ record, atMs }) =>
    record.body.events.flatMap((event) =>
      event.type === 'read' && event.settleS !== undefined
        ? [{ atMs, settleS: event.settleS }]
        : [],
    ),
  );
}

/** What is known of the age of the probe in use: in numbers, and by time for its chart. */
function lifeOf(book: BookState, pen: LiveRecord<'pen'>, track: PenTrack, nowMs: number) {
  const fittedMs = probeFittedMs(book, pen, 'ph');
  const accumulated = accumulatedPh(track, fittedMs);
  const settles = settlesOf(book, pen.id).filter(({ atMs }) => atMs >= fittedMs);
  const life = probeLife({
    fittedMs,
    bornMs: probeBornMs(book, pen, 'ph'),
    nowMs,
    expectedLifeDays: pen.body.expectedLifeDays,
    accumulated,
    foundOffsetsPh: foundOffsets(track, fittedMs),
    settles,
  });
  const slowest = new Map<number, number>();
  for (const { atMs, settleS } of settles)
    slowest.set(atMs, Math.max(settleS, slowest.get(atMs) ?? 0));
  const ageing = {
    gains: accumulated.map(({ atMs, gain }) => ({ atMs, gain })),
    settles: [...slowest].map(([atMs, settleS]) => ({ atMs, settleS })),
  };
  const slopeSeen = track.checks.some(({ found, atMs }) => atMs >= fittedMs && found.length > 1);
  return { life, ageing, slopeSeen };
}

/** Found and left of every check as known at that moment; left only where it was adjusted. */
function pointsOf(track: PenTrack, lever: number): readonly DriftPoint[] {
  const point = (node: Node, kind: DriftPoint['kind']): DriftPoint => {
    const state = stateAfter(track, knownOf(track.bank, node), node.atMs);
    const { expandedU } = errorBudget(state, lever);
    return { atMs: node.atMs, kind, error: errorAt(state, lever), expandedU };
  };
  return track.bank.nodes.flatMap((node, at) => {
    const event = track.events[node.event];
    if (event?.kind !== 'check' || event.found.length + event.left.length === 0) return [];
    if (node.found) return event.found.length > 0 ? [point(node, 'found')] : [];
    const adjusted = node.ends && track.bank.nodes[at - 1]?.event === node.event;
    return adjusted && event.left.length > 0 ? [point(node, 'left')] : [];
  });
}

/** The pen's error with its ± as known now, from its first moment to a while ahead. */
function curveOf(track: PenTrack, lever: number, endMs: number): readonly DriftCurvePoint[] {
  const at = (atMs: number): DriftCurvePoint => {
    const state = stateAt(track, atMs);
    const { expandedU } = errorBudget(state, lever);
    return { atMs, error: errorAt(state, lever), expandedU };
  };
  const lastMs = track.lastDipMs ?? endMs;
  const past = track.stretches().filter(({ fromMs }) => fromMs < lastMs);
  const steps = past.length > MANY_STRETCHES ? 1 : STRETCH_STEPS;
  const between = past.flatMap(({ fromMs, toMs }) =>
    Array.from({ length: steps + 1 }, (_, step) =>
      // A hair before its end: what was found, not what was left.
      at(Math.min(fromMs + ((toMs - fromMs) * step) / steps, toMs - 1)),
    ),
  );
  const ahead = Array.from({ length: AHEAD_STEPS + 1 }, (_, step) =>
    at(lastMs + ((endMs - lastMs) * step) / AHEAD_STEPS),
  );
  return [...between, ...ahead];
}

/** A pen's error through time, where the crops live, with what it may do next. */
export function driftAnswer(
  book: BookState,
  pen: LiveRecord<'pen'>,
  { quantity, tolerance }: PenSide,
  nowMs: number,
): DriftAnswer | undefined {
  const track = trackOf(book, pen.id, quantity);
  if (track?.lastDipMs === undefined) return undefined;
  const lever = cropLever(quantity);
  const { ownMs, adjustedMs } = driftDates(book, pen.id, { quantity: track.quantity, nowMs });
  const endMs = Math.max(nowMs, track.lastDipMs) + AHEAD_DAYS * DAY_MS;
  return {
    quantity,
    points: pointsOf(track, lever),
    curve: curveOf(track, lever, endMs),
    tolerance,
    incidentsMs: incidentsMsOf(book, pen.id, quantity),
    dueByDriftMs: ownMs,
    dueIfAdjustedMs: adjustedMs,
    ...(quantity === 'ph' ? lifeOf(book, pen, track, nowMs) : {}),
  };
}
