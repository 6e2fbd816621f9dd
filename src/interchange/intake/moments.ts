import { tzOffset } from '@date-fns/tz/tzOffset';
import { DAY_MS, HOUR_MS, MINUTE_MS } from '@/core/units';
import type { DayOrder } from './shape';

const DAY = /^\s*(\d{1,4})([.\-/ ])(\d{1,2})\2(\d{1,4})\.?(?:[T ,]+(\S.*))?$/;
const CLOCK =
  /^\s*(\d{1,2})[:.h](\d{2})(?:[:.](\d{2})(?:[.,]\d+)?)?\s*([ap])?\.?(?:m\.?)?\s*(Z|[+-]\d{2}:?\d{2})?\s*$/i;
/** Seconds or milliseconds since 1970, as loggers count. */
const EPOCH = /^\d{10}(\d{3})?$/;

/** The three numbers of a date as they stand, and what follows them. */
export interface DayParts {
  readonly numbers: readonly [number, number, number];
  /** The first is written with four digits: it can only be the year. */
  readonly yearFirst: boolean;
  readonly rest: string;
}

/** A cell that begins with a date, taken apart; undefined for any other. */
export function dayParts(cell: string): DayParts | undefined {
  const found = DAY.exec(cell);
  if (!found) return undefined;
  const [, first = '', , second = '', third = '', rest = ''] = found;
  return {
    numbers: [Number(first), Number(second), Number(third)],
    yearFirst: first.length > 2,
    rest,
  };
}

const fullYear = (year: number) => (year < 100 ? 2000 + year : year);

/** The day as epoch ms of its midnight in UTC; undefined for a day that no calendar has. */
export function dayUtcMs({ numbers, yearFirst }: DayParts, order: DayOrder): number | undefined {
  const [a, b, c] = numbers;
  const [year, month, day] =
    yearFirst || order === 'ymd' ? [a, b, c] : order === 'dmy' ? [c, b, a] : [c, a, b];
  const ms = Date.UTC(fullYear(year), month - 1, day);
  const back = new Date(ms);
  return back.getUTCMonth() === month - 1 && back.getUTCDate() === day ? ms : undefined;
}

interface Clock {
  readonly ms: number;
  /** Ahead of UTC, minutes, where it is written. */
  readonly offsetMin?: number;
}

/** Two digits of a text as a number; NaN for anything else. */
function pairAt(text: string, at: number): number {
  const [tens, ones] = [text.charCodeAt(at) - 48, text.charCodeAt(at + 1) - 48];
  return tens >= 0 && tens < 10 && ones >= 0 && ones < 10 ? tens * 10 + ones : Number.NaN;
}

/** hh:mm or hh:mm:ss, as nearly every logger writes it; undefined for anything else. */
function plainClock(text: string): Clock | undefined {
  const long = text.length === 8 && text[5] === ':';
  if (text[2] !== ':' || !(long || text.length === 5)) return undefined;
  const [hour, minute, second] = [pairAt(text, 0), pairAt(text, 3), long ? pairAt(text, 6) : 0];
  const holds = hour < 24 && minute < 60 && second < 60;
  return holds ? { ms: hour * HOUR_MS + minute * MINUTE_MS + second * 1000 } : undefined;
}

/** A time of day, with its offset where one is written; undefined for anything else. */
function clockIn(text: string): Clock | undefined {
  const plain = plainClock(text);
  if (plain) return plain;
  const found = CLOCK.exec(text);
  if (!found) return undefined;
  const [, hours = '', minutes = '', seconds = '0', half, zone] = found;
  let hour = Number(hours);
  if (half) {
    if (hour < 1 || hour > 12) return undefined;
    hour = (hour % 12) + (half.toLowerCase() === 'p' ? 12 : 0);
  }
  if (hour > 23 || Number(minutes) > 59 || Number(seconds) > 59) return undefined;
  const ms = hour * HOUR_MS + Number(minutes) * MINUTE_MS + Number(seconds) * 1000;
  return zone ? { ms, offsetMin: offsetIn(zone) } : { ms };
}

function offsetIn(zone: string): number {
  if (/z/i.test(zone)) return 0;
  const minutes = Number(zone.slice(1, 3)) * 60 + Number(zone.slice(-2));
  return zone.startsWith('-') ? -minutes : minutes;
}

/** Whether a cell holds a time of day alone, and no number with decimals. */
export const isClock = (cell: string): boolean => cell.includes(':') && clockIn(cell) !== undefined;

/** Finds how far a zone is ahead of UTC, by its own clock; asked once a day where it does not change. */
function offsetsOf(zone: string): (localMs: number) => number {
  const known = new Map<number, number>();
  const ask = (localMs: number) => {
    const around = tzOffset(zone, new Date(localMs));
    const offset = tzOffset(zone, new Date(localMs - around * MINUTE_MS));
    return Number.isFinite(offset) ? offset : 0;
  };
  const starts = new Map<number, number>();
  const startOf = (day: number): number => {
    const told = starts.get(day) ?? ask(day * DAY_MS);
    starts.set(day, told);
    return told;
  };
  return (localMs) => {
    const day = Math.floor(localMs / DAY_MS);
    const told = known.get(day);
    if (told !== undefined) return Number.isNaN(told) ? ask(localMs) : told;
    const [start, end] = [startOf(day), startOf(day + 1)];
    // The day the clocks are changed is asked anew each time.
    known.set(day, start === end ? start : Number.NaN);
    return start === end ? start : ask(localMs);
  };
}

/** A moment read from a table. */
export interface ReadMoment {
  /** Epoch ms. */
  readonly atMs: number;
  /** No time of day stands there: noon is taken. */
  readonly dayOnly: boolean;
}

/**
 * Reads moments of a zone: from a cell with date and time, or a date and a time apart. Answers null
 * where both cells are empty, undefined where they hold no moment. A time with its own offset keeps it.
 */
export function momentReader(
  zone: string,
  order: DayOrder,
): (dayCell: string, clockCell: string) => ReadMoment | null | undefined {
  const offsetMin = offsetsOf(zone);
  /** The rows of a day bear the same date: it is taken apart once. */
  let last: { readonly cell: string; readonly ms: number } | undefined;
  const dayOf = (cell: string): { ms: number; rest: string } | undefined => {
    if (last?.cell === cell) return { ms: last.ms, rest: '' };
    const parts = dayParts(cell);
    const ms = parts && dayUtcMs(parts, order);
    if (!parts || ms === undefined) return undefined;
    if (parts.rest === '') last = { cell, ms };
    return { ms, rest: parts.rest.trim() };
  };
  return (dayCell, clockCell) => {
    const cell = dayCell.trim();
    if (cell === '' && clockCell.trim() === '') return null;
    const day = dayOf(cell);
    if (!day)
      return EPOCH.test(cell)
        ? { atMs: cell.length === 10 ? Number(cell) * 1000 : Number(cell), dayOnly: false }
        : undefined;
    const written = day.rest || clockCell.trim();
    const clock: Clock | undefined = written ? clockIn(written) : { ms: 12 * HOUR_MS };
    if (!clock) return undefined;
    const localMs = day.ms + clock.ms;
    const offset = clock.offsetMin ?? offsetMin(localMs);
    return { atMs: localMs - offset * MINUTE_MS, dayOnly: !written };
  };
}
