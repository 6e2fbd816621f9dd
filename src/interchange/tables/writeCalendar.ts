import ical from 'ical-generator';
import { MINUTE_MS } from '@/core/units';

/** Something that is due on a day. */
export interface DueDay {
  /** The same for the same thing for ever: a calendar then moves its entry instead of doubling it. */
  readonly uid: string;
  /** Any moment of the day, epoch ms. */
  readonly atMs: number;
  readonly title: string;
  readonly text: string;
}

/** So much of an id as a calendar may show. */
const DOMAIN = 'book.invalid';

/**
 * Due days as a calendar file. Each time it is made its entries count higher, so that taken in again
 * they update what is there. `nowMs` stamps it. Source: RFC 5545, 3.8.7.4 (sequence).
 */
export function writeCalendar(days: readonly DueDay[], name: string, nowMs: number): string {
  const calendar = ical({ name, prodId: { company: 'Zolder', product: 'Book', language: 'EN' } });
  const sequence = Math.floor(nowMs / MINUTE_MS);
  for (const { uid, atMs, title, text } of days)
    calendar.createEvent({
      id: `${uid}@${DOMAIN}`,
      start: new Date(atMs),
      allDay: true,
      stamp: new Date(nowMs),
      sequence,
      summary: title,
      description: text,
    });
  return calendar.toString();
}
