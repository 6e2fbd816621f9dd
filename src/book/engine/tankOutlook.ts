import { DAY_MS, HOUR_MS, MINUTE_MS } from '@/core/units';
import type { ExpectedNow } from '@/book/answers';
import { hasNumber } from '@/core/readings';
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
import { READINGS_OF_SAMPLE } from './partsOfBook';
import { quickSide } from './quickSide';
import { readingContext } from './readingRow';
import { tankHeldAt } from './tankHeld';
import type { TankId } from '@/records';

/** Points older than this say nothing of where a tank goes now, days. */
const WINDOW_DAYS = 21;

/** What a tank's readings come to since a moment, oldest first; what has no number is left out. */
function pointsSince(book: BookState, tankId: TankId, sinceMs: number) {
  const points: { readonly ph: TankPoint[]; readonly ec: TankPoint[] } = { ph: [], ec: [] };
  for (const reading of book.partSince(READINGS_OF_SAMPLE, `tank/${tankId}`, sinceMs)) {
    const context = readingContext(book, reading);
    if (!context) continue;
    const { atMs } = context;
    if (atMs <= sinceMs) break;
    for (const quantity of ['ph', 'ec'] as const) {
      const read = quickSide(book, reading, { quantity, context });
      if (read && hasNumber(read.standing))
        points[quantity].push({ atMs, value: read.value, stdU: read.expandedU / 2 });
    }
  }
  return { ph: points.ph.reverse(), ec: points.ec.reverse() };
}

/** What is said ahead of a tank needs no newer "now" than this, ms. */
const STEP_MS = MINUTE_MS;

/** The two series of a tank since its last addition, and since what nobody expected of it. */
function recent(book: BookState, tankId: TankId, nowMs: number) {
  const windowMs = Math.floor((nowMs - WINDOW_DAYS * DAY_MS) / HOUR_MS) * HOUR_MS;
  return book.remember(
    `recent/${tankId}`,
    () => {
      const lastMs = additionsOf(book, tankId).at(-1)?.atMs ?? -Infinity;
      const { ph, ec } = pointsSince(book, tankId, Math.max(lastMs, windowMs));
      return { ph: sinceSurprise(ph, 'ph'), ec: sinceSurprise(ec, 'ec') };
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
