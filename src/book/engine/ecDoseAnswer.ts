import { HOUR_MS } from '@/core/units';
import type { EcDoseAnswer, TankColumns, WaterShare } from '@/book/answers';
import { learnedGain } from '@/core/dosing';
import { medianOf } from '@/core/statistics';
import type { Tank, TankId } from '@/records';
import { additionsOf, type TimedAddition } from './additions';
import type { BookState } from './bookState';
import { tankColumns } from './tankColumns';
import { reservoirAnswer } from './tankAnswers';

/** The newest pours say most of the stock as it is mixed now. */
const POURS_COUNTED = 5;
/** A re-read later than this says more of the plants than of the stock, ms. */
const REREAD_WITHIN_MS = 6 * HOUR_MS;

/** The waters of a tank that are still in the book. */
function watersOf(book: BookState, { waters = [] }: Tank): readonly WaterShare[] {
  return waters.flatMap(({ waterId, share }) => {
    const water = book.record('water', waterId)?.body;
    return water ? [{ water, share }] : [];
  });
}

/** What one pour of stock taught: the EC before and after it, nothing else poured between. */
function gainOf(
  columns: TankColumns,
  pour: TimedAddition,
  additions: readonly TimedAddition[],
): number | undefined {
  const { doseMl, tankVolumeL, what } = pour.record.body;
  if (what !== 'stock' || !doseMl || !tankVolumeL) return undefined;
  const has = (at: number) => Number.isFinite(columns.ec[at]!);
  let before = -1;
  let after = -1;
  columns.atMs.forEach((atMs, at) => {
    if (!has(at)) return;
    if (atMs <= pour.atMs) before = at;
    else if (after < 0) after = at;
  });
  if (before < 0 || after < 0) return undefined;
  const [fromMs, toMs] = [columns.atMs[before]!, columns.atMs[after]!];
  if (toMs - pour.atMs > REREAD_WITHIN_MS) return undefined;
  const others = additions.filter(
    (other) => other !== pour && other.atMs > fromMs && other.atMs <= toMs,
  );
  if (others.some(({ record }) => record.body.what !== 'acid' && record.body.what !== 'base'))
    return undefined;
  return learnedGain({
    volumeL: tankVolumeL,
    eachMl: doseMl,
    beforeMsPerCm: columns.ec[before]!,
    afterMsPerCm: columns.ec[after]!,
  });
}

/** All that a correction of a tank's EC needs; null for a tank that is not in the book. */
export function ecDoseAnswer(book: BookState, id: TankId, nowMs: number): EcDoseAnswer | null {
  const tank = reservoirAnswer(book, id, nowMs);
  if (!tank) return null;
  const additions = additionsOf(book, id);
  const columns = tankColumns(book, id);
  const gains = additions.flatMap((pour) => gainOf(columns, pour, additions) ?? []);
  const recent = gains.slice(-POURS_COUNTED);
  return {
    tank,
    reading: tank.latest?.ec ? tank.latest : undefined,
    waters: watersOf(book, tank.body),
    learnedGain:
      recent.length > 0 ? { gainMsPerCm: medianOf(recent), pours: recent.length } : undefined,
  };
}
