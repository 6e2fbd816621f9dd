import { DAY_MS } from '@/core/units';
import type { ExpectedNow, TankColumns } from '@/book/answers';
import {
  expectReading,
  forecastLeaving,
  sinceSurprise,
  type Leaving,
  type TankPoint,
} from '@/core/forecast';
import type { RecordId } from '@/records';
import type { Reservoir } from '@/records/kinds';
import { additionsOf } from './additions';
import type { BookState } from './bookState';
import { tankColumns } from './tankColumns';

/** Points older than this say nothing of where a tank goes now, days. */
const WINDOW_DAYS = 21;

/** The readings of one quantity since the last addition. */
function pointsSince(columns: TankColumns, quantity: 'ph' | 'ec', sinceMs: number): TankPoint[] {
  const points: TankPoint[] = [];
  for (let at = columns.atMs.length - 1; at >= 0; at -= 1) {
    const atMs = columns.atMs[at]!;
    if (atMs <= sinceMs) break;
    const value = columns[quantity][at]!;
    const stdU = quantity === 'ph' ? columns.phStdU[at]! : columns.ecStdU[at]!;
    if (Number.isFinite(value)) points.push({ atMs, value, stdU });
  }
  return points.reverse();
}

/** The two series of a tank since its last addition, and since what nobody expected of it. */
function recent(book: BookState, tankId: RecordId, nowMs: number) {
  const columns = tankColumns(book, tankId);
  const lastMs = additionsOf(book, tankId).at(-1)?.atMs ?? -Infinity;
  const sinceMs = Math.max(lastMs, nowMs - WINDOW_DAYS * DAY_MS);
  return {
    ph: sinceSurprise(pointsSince(columns, 'ph', sinceMs), 'ph'),
    ec: sinceSurprise(pointsSince(columns, 'ec', sinceMs), 'ec'),
  };
}

/** When a tank leaves its bands, where there is enough to tell. */
export function leavingOf(
  book: BookState,
  { id, body }: { readonly id: RecordId; readonly body: Reservoir },
  nowMs: number,
): { ph?: Leaving | undefined; ec?: Leaving | undefined } {
  const { ph, ec } = recent(book, id, nowMs);
  const phLeaving = forecastLeaving(ph, body.phBand, nowMs);
  const ecLeaving = forecastLeaving(ec, body.ecBand, nowMs);
  return {
    ph: phLeaving.ok ? phLeaving.value : undefined,
    ec: ecLeaving.ok ? ecLeaving.value : undefined,
  };
}

/** What a tank should show now. */
export function expectedNow(book: BookState, tankId: RecordId, nowMs: number): ExpectedNow {
  const { ph, ec } = recent(book, tankId, nowMs);
  return { ph: expectReading(ph, 'ph', nowMs), ec: expectReading(ec, 'ec', nowMs) };
}
