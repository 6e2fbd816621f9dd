import { DAY_MS, HOUR_MS, MINUTE_MS } from '@/core/units';
import type { ExpectedNow, TankColumns } from '@/book/answers';
import {
  expectReading,
  forecastLeaving,
  sinceSurprise,
  type Leaving,
  type TankPoint,
} from '@/core/forecast';
import { isReservoir } from '@/records/kinds';
import { additionsOf } from './additions';
import type { BookState } from './bookState';
import { recentColumns } from './tankColumns';
import { tankHeldAt } from './tankHeld';
import type { TankId } from '@/records';

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

/** What is said ahead of a tank needs no newer "now" than this, ms. */
const STEP_MS = MINUTE_MS;

/** The two series of a tank since its last addition, and since what nobody expected of it. */
function recent(book: BookState, tankId: TankId, nowMs: number) {
  const windowMs = Math.floor((nowMs - WINDOW_DAYS * DAY_MS) / HOUR_MS) * HOUR_MS;
  return book.remember(
    `recent/${tankId}`,
    () => {
      const columns = recentColumns(book, tankId, windowMs);
      const lastMs = additionsOf(book, tankId).at(-1)?.atMs ?? -Infinity;
      const sinceMs = Math.max(lastMs, windowMs);
      return {
        ph: sinceSurprise(pointsSince(columns, 'ph', sinceMs), 'ph'),
        ec: sinceSurprise(pointsSince(columns, 'ec', sinceMs), 'ec'),
      };
    },
    { at: windowMs },
  );
}

/** When a tank leaves its bands, where there is enough to tell. */
export function leavingOf(
  book: BookState,
  tankId: TankId,
  nowMs: number,
): { ph?: Leaving | undefined; ec?: Leaving | undefined } {
  const atMs = Math.ceil(nowMs / STEP_MS) * STEP_MS;
  return book.remember(
    `leaving/${tankId}`,
    () => {
      const tank = book.record('tank', tankId);
      const held = tank && tankHeldAt(book, tank, atMs);
      if (!held || !isReservoir(held)) return {};
      const { ph, ec } = recent(book, tankId, atMs);
      const phLeaving = forecastLeaving(ph, held.phBand, atMs);
      const ecLeaving = forecastLeaving(ec, held.ecBand, atMs);
      return {
        ph: phLeaving.ok ? phLeaving.value : undefined,
        ec: ecLeaving.ok ? ecLeaving.value : undefined,
      };
    },
    { at: atMs },
  );
}

/** What a tank should show now. */
export function expectedNow(book: BookState, tankId: TankId, nowMs: number): ExpectedNow {
  const atMs = Math.ceil(nowMs / STEP_MS) * STEP_MS;
  return book.remember(
    `expected/${tankId}`,
    () => {
      const { ph, ec } = recent(book, tankId, atMs);
      return { ph: expectReading(ph, 'ph', atMs), ec: expectReading(ec, 'ec', atMs) };
    },
    { at: atMs },
  );
}
