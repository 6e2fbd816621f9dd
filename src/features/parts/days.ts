import { endOfMonth } from 'date-fns/endOfMonth';
import { format } from 'date-fns/format';
import { lightFormat } from 'date-fns/lightFormat';
import { parse } from 'date-fns/parse';

/** A day as people write it, the day before the month where both could be meant. */
const DAYS = [
  'yyyy-M-d',
  'yyyy/M/d',
  'yyyy.M.d',
  'd MMMM yyyy',
  'd MMM yyyy',
  'd MMM yy',
  'MMMM d yyyy',
  'MMM d yyyy',
  'd/M/yy',
  'd/M/yyyy',
  'd.M.yy',
  'd.M.yyyy',
  'd-M-yyyy',
  'M/d/yy',
  'M/d/yyyy',
] as const;

/** A month as bottles print it: good until its last day. */
const MONTHS = [
  'yyyy-M',
  'yyyy/M',
  'yyyy.M',
  'M/yy',
  'M/yyyy',
  'M.yyyy',
  'M-yyyy',
  'MMMM yyyy',
  'MMM yyyy',
  'MMM yy',
] as const;

/** Years that can be meant; anything else is a slip. */
const YEARS = { from: 2000, to: 2099 } as const;

const NOON = { hour: 12 } as const;

/** The first of the forms a text is written in, as its day. */
function writtenAs(text: string, forms: readonly string[]): Date | undefined {
  return forms
    .map((form) => parse(text, form, new Date(YEARS.from, 0)))
    .find((day) => day.getFullYear() >= YEARS.from && day.getFullYear() <= YEARS.to);
}

/**
 * A day as it was typed to the local noon of that day, epoch ms; NaN when it is none. Taken are days
 * and months as people write them and bottles print them; a month means its last day, or its first
 * where a time begins with it.
 */
export function dayMs(typed: string, monthMeans: 'first' | 'last' = 'last'): number {
  const text = typed.trim().replace(/,/g, ' ').replace(/\s+/g, ' ');
  const day = writtenAs(text, DAYS);
  const month = day ?? writtenAs(text, MONTHS);
  if (!month) return NaN;
  const meant = day ?? (monthMeans === 'last' ? endOfMonth(month) : month);
  return new Date(meant.getFullYear(), meant.getMonth(), meant.getDate(), NOON.hour).getTime();
}

/** The instant a typed day stands for; undefined for an empty field. */
export function instantOf(text: string): string | undefined {
  return text === '' ? undefined : new Date(dayMs(text)).toISOString();
}

/** An instant as a calendar day here, as a field takes it. */
export function dayText(instant: string | undefined): string {
  return instant ? lightFormat(instant, 'yyyy-MM-dd') : '';
}

/** A typed day in words, "Friday 31 July 2026"; nothing where it is none. */
export function dayInWords(typed: string, monthMeans: 'first' | 'last' = 'last'): string {
  const ms = dayMs(typed, monthMeans);
  return Number.isNaN(ms) ? '' : format(ms, 'EEEE d MMMM yyyy');
}
