import { DAY_MS, HOUR_MS } from '@/core/units';
import type { CareStop, PenAnswer, StopAbout } from '@/book/answers';
import { PEN_WORDS_WORST_FIRST } from '@/core/schedule';
import type { BookState, LiveRecord } from './bookState';
import { careDueAnswer } from './careDueAnswer';
import { houseDays } from './houseDays';
import { careOf, probeFittedMs } from './penCare';
import type { PenId } from '@/records';

/** A stop with whether it is behind today. */
export type Made = StopAbout & { readonly done: boolean };

/** Care that can wait falls on a check day; it waits so long for one, days. */
const WAITS_FOR_CHECK_DAYS = 7;

/** A cap gets its drops about this often, days. Trade practice. */
const CAP_DAYS = 7;

/** A battery is renewed at the latest after this long, days: before it leaks. Trade practice. */
const BATTERY_DAYS = 365;

interface Today {
  readonly nowMs: number;
  /** When today and tomorrow begin, where the house stands. */
  readonly dayMs: number;
  readonly nextDayMs: number;
}

/** When today and tomorrow begin, where the house stands. */
export const todayOf = (book: BookState, nowMs: number): Today =>
  book.remember(
    'today',
    () => {
      const days = houseDays(book);
      return { nowMs, dayMs: days.startOfDayMs(nowMs), nextDayMs: days.dayAfterMs(nowMs, 1) };
    },
    { at: nowMs },
  );

/** The earliest day a check of a pen falls due; undefined where none has a date. */
export function checkDueMs({ sides }: PenAnswer): number | undefined {
  const dues = sides.flatMap(({ dueAtMs }) => dueAtMs ?? []);
  return dues.length > 0 ? Math.min(...dues) : undefined;
}

/** What care a pen is due for and when, whatever else the day brings. */
export function careDates(
  book: BookState,
  pen: PenAnswer,
  nowMs: number,
): readonly { readonly what: CareStop; readonly dueMs: number }[] {
  const hourMs = Math.ceil(nowMs / HOUR_MS) * HOUR_MS;
  return book.remember(`careDates/${pen.id}`, () => careDatesAt(book, pen.id, hourMs), {
    at: hourMs,
  });
}

function careDatesAt(book: BookState, penId: PenId, nowMs: number) {
  const record = book.record('pen', penId);
  if (!record) return [];
  const dates = careDueAnswer(book, record, nowMs).flatMap(({ side, cleanAtMs, soakAtMs }) => [
    ...(cleanAtMs === undefined
      ? []
      : [{ what: side === 'ph' ? ('cleanPh' as const) : ('cleanEc' as const), dueMs: cleanAtMs }]),
    ...(soakAtMs === undefined ? [] : [{ what: 'soak' as const, dueMs: soakAtMs }]),
  ]);
  return [...dates, ...capDate(book, record), batteryDate(book, record)];
}

/** When a pen gets its next battery: a year after the last, else after it was bought or written down. */
function batteryDate(book: BookState, { id, body, revisions }: LiveRecord<'pen'>) {
  const changedMs = (['ph', 'ec'] as const).map(
    (side) =>
      careOf(book, id, side).findLast(({ record }) => record.body.what === 'battery')?.atMs ?? 0,
  );
  const bought = body.papers?.boughtOn ? Date.parse(body.papers.boughtOn) : NaN;
  const written = Date.parse(revisions[0]!.at);
  const lastMs = Math.max(...changedMs);
  const sinceMs = lastMs > 0 ? lastMs : Number.isFinite(bought) ? bought : written;
  return { what: 'battery' as const, dueMs: houseDays(book).dayAfterMs(sinceMs, BATTERY_DAYS) };
}

/** When the cap of a pH probe gets its next drops; nothing where the tip is kept dry. */
function capDate(book: BookState, record: LiveRecord<'pen'>) {
  const { ph } = record.body;
  if (!ph || ph.wetting?.by === 'dry') return [];
  const wet = careOf(book, record.id, 'ph').findLast(({ record: { body } }) =>
    ['capTopUp', 'soak', 'stopGap'].includes(body.what),
  );
  const sinceMs = wet?.atMs ?? probeFittedMs(book, record, 'ph');
  return [{ what: 'cap' as const, dueMs: houseDays(book).dayAfterMs(sinceMs, CAP_DAYS) }];
}

/** The care a pen is due for today as one stop; on the day of a check where one is near. */
function careStops(book: BookState, pen: PenAnswer, today: Today, isCheckDay: boolean): Made[] {
  const nextCheckMs = checkDueMs(pen);
  const due = careDates(book, pen, today.nowMs).filter(({ dueMs }) => {
    if (dueMs >= today.nextDayMs) return false;
    const waits = nextCheckMs !== undefined && nextCheckMs - dueMs <= WAITS_FOR_CHECK_DAYS * DAY_MS;
    return isCheckDay || !waits;
  });
  if (due.length === 0) return [];
  const what = due.map((each) => each.what);
  const dueMs = Math.min(...due.map((each) => each.dueMs));
  return [{ kind: 'care', pen, what, dueMs, done: false }];
}

/**
 * The stops of the pens, the least trusted first: a check that is due or was made today, and after it
 * the care that falls on this day; soaks that run or ended. A pen that rests has none.
 */
export function penStops(book: BookState, pens: readonly PenAnswer[], nowMs: number): Made[] {
  const today = todayOf(book, nowMs);
  const urgency = (pen: PenAnswer) => PEN_WORDS_WORST_FIRST.indexOf(pen.word);
  return [...pens]
    .sort((a, b) => urgency(a) - urgency(b))
    .flatMap((pen): Made[] => {
      if (pen.word === 'resting') return [];
      const soaking = pen.sides.find((side) => side.soakUntilMs !== undefined);
      if (pen.word === 'soaking' && soaking?.soakUntilMs)
        return [{ kind: 'soak', pen, endMs: soaking.soakUntilMs, done: false }];
      const done = pen.word === 'ready';
      const checkedToday = pen.sides.some((side) => (side.lastCheckMs ?? 0) >= today.dayMs);
      const isCheckDay = !done || checkedToday;
      const dueMs = checkDueMs(pen) ?? nowMs;
      const overdueDays = Math.max(0, Math.round((today.dayMs - dueMs) / DAY_MS));
      const check: Made[] = isCheckDay ? [{ kind: 'pen', pen, overdueDays, done }] : [];
      const unchecked = pen.word === 'unverified';
      return [...check, ...(unchecked ? [] : careStops(book, pen, today, isCheckDay))];
    });
}
