import { lightFormat } from 'date-fns/lightFormat';
import { parseISO } from 'date-fns/parseISO';

/** A calendar day as typed to the local noon of that day, epoch ms; NaN when it is none. */
export function dayMs(text: string): number {
  return /^\d{4}-\d{2}-\d{2}$/.test(text) ? parseISO(`${text}T12:00:00`).getTime() : NaN;
}

/** The instant a typed day stands for; undefined for an empty field. */
export function instantOf(text: string): string | undefined {
  return text === '' ? undefined : new Date(dayMs(text)).toISOString();
}

/** An instant as a calendar day here. */
export function dayText(instant: string | undefined): string {
  return instant ? lightFormat(instant, 'yyyy-MM-dd') : '';
}
