import type { DoseAnswer, DoseOutcome, TankColumns } from '@/book/answers';
import { learnFactor, tankWater, type DoseObservation, type WaterEvent } from '@/core/dosing';
import type { RecordId } from '@/records';
import { additionsOf, type TimedAddition } from './additions';
import type { BookState } from './bookState';
import { tankAnswer } from './tankAnswers';
import { tankColumns } from './tankColumns';
import { waterEvents } from './waterEvents';

/** A re-read later than this after a dose says more of the plants than of the dose, ms. */
const REREAD_WITHIN_MS = 6 * 3_600_000;

const isPhDose = ({ record }: TimedAddition) =>
  record.body.what === 'acid' || record.body.what === 'base';

/** Index of the last reading with a pH at or before, or the first after, a moment. */
function phIndexNear({ atMs, ph }: TankColumns, ms: number, side: 'before' | 'after'): number {
  const good = (at: number) => Number.isFinite(ph[at]!);
  if (side === 'before') {
    for (let at = atMs.length - 1; at >= 0; at -= 1) if (atMs[at]! <= ms && good(at)) return at;
    return -1;
  }
  return atMs.findIndex((moment, at) => moment > ms && good(at));
}

/** A dose with the readings before and after it, where both exist. */
function observe(
  columns: TankColumns,
  { record, atMs }: TimedAddition,
  events: readonly WaterEvent[],
) {
  const before = phIndexNear(columns, atMs, 'before');
  const after = phIndexNear(columns, atMs, 'after');
  const { modelChangePh, predictedPh } = record.body;
  if (before < 0 || after < 0 || columns.atMs[after]! - atMs > REREAD_WITHIN_MS) return undefined;
  const [beforePh, afterPh] = [columns.ph[before]!, columns.ph[after]!];
  const names = { id: record.id, revId: record.head.revId, body: record.body };
  const outcome: DoseOutcome = { ...names, atMs, beforePh, afterPh, predictedPh };
  if (modelChangePh === undefined) return { outcome };
  const observation: DoseObservation = {
    atMs,
    predictedChangePh: modelChangePh,
    observedChangePh: afterPh - beforePh,
    beforeStdU: columns.phStdU[before]!,
    afterStdU: columns.phStdU[after]!,
    excluded: record.body.excluded,
    freshWater: tankWater(events, atMs - 1).kind === 'fresh',
  };
  return { outcome, observation };
}

/** All that a dose plan for a tank needs. */
export function doseAnswer(book: BookState, id: RecordId, nowMs: number): DoseAnswer | null {
  const tank = tankAnswer(book, id, nowMs);
  if (!tank) return null;
  const additions = additionsOf(book, id);
  const columns = tankColumns(book, id);
  const filledMs = additions.findLast(({ record }) => record.body.what === 'change')?.atMs;
  const resetMs = tank.body.learnFrom && Date.parse(tank.body.learnFrom);
  const changedMs = Math.max(filledMs ?? -Infinity, resetMs || -Infinity);
  const events = waterEvents(additions);
  const seen = additions.filter(isPhDose).flatMap((dose) => observe(columns, dose, events) ?? []);
  const told = seen.flatMap(({ outcome, observation }) =>
    observation ? [{ outcome, observation }] : [],
  );
  const factor = learnFactor(
    told.map(({ observation }) => observation),
    { nowMs, changedMs },
  );
  const outcomes = told.map(({ outcome }, at) => ({
    ...outcome,
    skipped: factor.skipped.find((skip) => skip.at === at)?.reason,
  }));
  const last = additions.findLast(isPhDose);
  return {
    tank,
    reading: tank.latest?.ph ? tank.latest : undefined,
    water: tankWater(events, nowMs),
    factor,
    outcomes: outcomes.reverse(),
    lastDose: last && {
      what: last.record.body.what === 'base' ? 'base' : 'acid',
      atMs: last.atMs,
      mixedMs: Date.parse(last.record.body.rereadAt ?? last.record.body.at),
    },
  };
}
