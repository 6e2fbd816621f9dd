import type { DriftAnswer, DriftPoint, PenSide } from '@/book/answers';
import {
  ecAnchorStdURel,
  phAnchorParts,
  phErrorAt,
  toleranceOf,
  type EcAnchor,
  type PhAnchor,
} from '@/core/calibration';
import { accumulatedPh, ecPenStateAt, phDriftStdU, phPenStateAt, probeLife } from '@/core/drift';
import { COVERAGE_FACTOR, makeBudget } from '@/core/uncertainty';
import type { BookState, LiveRecord } from './bookState';
import { breaksOf, probeFittedMs } from './penCare';
import { CROP_PH, ecDueByDrift, phDueByDrift } from './penSides';
import { ecTrackOf, phTrackOf, sessionsOf } from './penTrack';

/** The chart looks this far past today for the forecast's cone, days. */
const CONE_DAYS = 30;
const CONE_STEPS = 6;
const DAY_MS = 86_400_000;

/** How long the dips of each sitting took to stand still. */
function settlesOf(book: BookState, penId: string) {
  return sessionsOf(book, penId, 'ph').flatMap(({ record, atMs }) =>
    record.body.events.flatMap((event) =>
      event.type === 'read' && event.settleS !== undefined
        ? [{ atMs, settleS: event.settleS }]
        : [],
    ),
  );
}

/** What is known of the age of the probe in use: in numbers, and by time for its chart. */
function lifeOf(book: BookState, pen: LiveRecord<'pen'>, nowMs: number) {
  const fittedMs = probeFittedMs(book, pen, 'ph');
  const checks = phTrackOf(book, pen.id).checks.filter(({ atMs }) => atMs >= fittedMs);
  // A single point says nothing of the gain.
  const accumulated = accumulatedPh(checks.filter(({ left }) => left.points.length > 1));
  const settles = settlesOf(book, pen.id).filter(({ atMs }) => atMs >= fittedMs);
  const life = probeLife({
    fittedMs,
    nowMs,
    expectedLifeDays: pen.body.expectedLifeDays,
    accumulated,
    foundOffsetsPh: checks.flatMap(({ found }) => found?.map.offsetPh ?? []),
    settles,
  });
  const slowest = new Map<number, number>();
  for (const { atMs, settleS } of settles)
    slowest.set(atMs, Math.max(settleS, slowest.get(atMs) ?? 0));
  const ageing = {
    gains: accumulated.map(({ atMs, gain }) => ({ atMs, gain })),
    settles: [...slowest].map(([atMs, settleS]) => ({ atMs, settleS })),
  };
  return { life, ageing };
}

const phPoint = (atMs: number, kind: DriftPoint['kind'], anchor: PhAnchor): DriftPoint => ({
  atMs,
  kind,
  error: phErrorAt(CROP_PH, anchor.map),
  expandedU: makeBudget(phAnchorParts(anchor, CROP_PH)).expandedU,
});

const ecPoint = (atMs: number, kind: DriftPoint['kind'], anchor: EcAnchor): DriftPoint => ({
  atMs,
  kind,
  error: anchor.gain - 1,
  expandedU: COVERAGE_FACTOR * ecAnchorStdURel(anchor),
});

/** Found and left of every check, left only where it was adjusted. */
function pointsOf<A>(
  checks: readonly { atMs: number; found?: A | undefined; left: A }[],
  point: (atMs: number, kind: DriftPoint['kind'], anchor: A) => DriftPoint,
): DriftPoint[] {
  return checks.flatMap(({ atMs, found, left }) => [
    ...(found ? [point(atMs, 'found', found)] : []),
    ...(left === found ? [] : [point(atMs, 'left', left)]),
  ]);
}

/** A pen's error through time, where the crops live, with the cone of what it may do next. */
export function driftAnswer(
  book: BookState,
  pen: LiveRecord<'pen'>,
  { quantity }: PenSide,
  nowMs: number,
): DriftAnswer | undefined {
  const ph = quantity === 'ph';
  const points = ph
    ? pointsOf(phTrackOf(book, pen.id).checks, phPoint)
    : pointsOf(ecTrackOf(book, pen.id).checks, ecPoint);
  const last = points.at(-1);
  if (!last) return undefined;
  const driftAt = (atMs: number) => {
    if (ph) {
      const state = phPenStateAt(phTrackOf(book, pen.id), atMs);
      return state.basis === 'checked' ? phDriftStdU(state.spread, CROP_PH) : 0;
    }
    const state = ecPenStateAt(ecTrackOf(book, pen.id), atMs);
    return state.basis === 'checked' ? state.driftStdURel : 0;
  };
  const endMs = Math.max(nowMs, last.atMs) + CONE_DAYS * DAY_MS;
  const cone = Array.from({ length: CONE_STEPS + 1 }, (_, step) => {
    const atMs = last.atMs + ((endMs - last.atMs) * step) / CONE_STEPS;
    return { atMs, expandedU: COVERAGE_FACTOR * driftAt(atMs) };
  });
  const { incidentsMs = [], probesMs = [] } = breaksOf(book, pen.id, quantity);
  return {
    quantity,
    points,
    cone,
    tolerance: toleranceOf(quantity, pen.body.tolerancePolicy),
    incidentsMs: [...incidentsMs, ...probesMs],
    dueByDriftMs: ph ? phDueByDrift(book, pen) : ecDueByDrift(book, pen),
    ...(ph ? lifeOf(book, pen, nowMs) : {}),
  };
}
