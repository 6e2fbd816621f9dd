import { daysIn } from './houseDays';

const ms = (instant: string) => Date.parse(instant);

test('a check of Monday morning is due the next Monday at midnight, where the house stands', () => {
  const days = daysIn('Europe/Amsterdam');
  // Monday 25 May 2026, 07:40 in Amsterdam (UTC+2).
  const checkedMs = ms('2026-05-25T05:40:00Z');
  expect(days.dayAfterMs(checkedMs, 7)).toBe(ms('2026-05-31T22:00:00Z'));
});

test('a week across the change of summer time has an hour less or more, and ends at midnight', () => {
  const days = daysIn('Europe/Amsterdam');
  // Summer time begins on Sunday 29 March 2026 and ends on Sunday 25 October 2026.
  expect(days.dayAfterMs(ms('2026-03-23T06:40:00Z'), 7)).toBe(ms('2026-03-29T22:00:00Z'));
  expect(days.dayAfterMs(ms('2026-10-19T05:40:00Z'), 7)).toBe(ms('2026-10-25T23:00:00Z'));
});

test('another zone, and one that nobody knows', () => {
  const noon = ms('2026-05-25T12:00:00Z');
  expect(daysIn('Pacific/Auckland').startOfDayMs(noon)).toBe(ms('2026-05-25T12:00:00Z'));
  expect(daysIn('America/Los_Angeles').startOfDayMs(noon)).toBe(ms('2026-05-25T07:00:00Z'));
  expect(daysIn('Nowhere/Atlantis').startOfDayMs(noon)).toBe(ms('2026-05-25T00:00:00Z'));
});
