import { axisWriter, clock, dayMonth, dayMonthYear, minutesSeconds, shortDay } from './when';

const at = (text: string) => new Date(text).getTime();
const NOW_MS = at('2026-11-24T09:00:00');

test('a day and a time of day, as people write them', () => {
  expect(clock(at('2026-11-24T07:05:59'))).toBe('07:05');
  expect(clock(at('2026-11-24T00:00:00'))).toBe('00:00');
  expect(dayMonth(at('2026-09-01T12:00:00'))).toBe('1 Sept');
  expect(dayMonthYear(at('2024-02-29T23:59:00'))).toBe('29 Feb 2024');
  expect(shortDay(at('2026-11-24T07:30:00'), NOW_MS)).toBe('Tue 24 Nov');
  expect(shortDay(at('2025-06-01T07:30:00'), NOW_MS)).toBe('Sun 1 Jun 2025');
  expect(minutesSeconds(65.9)).toBe('1:05');
});

test('every month and weekday is called as the browser’s English calls it', () => {
  for (let day = 0; day < 366; day += 1) {
    const ms = new Date(2028, 0, 1 + day, 13, 7).getTime();
    const long = new Date(ms).toLocaleDateString('en-GB', {
      weekday: 'short',
      day: 'numeric',
      month: 'short',
    });
    expect(shortDay(ms, ms)).toBe(long.replace(',', ''));
  }
});

test('an axis tells hours of a day, days of a season, months of years', () => {
  const write = (fromText: string, toText: string) =>
    axisWriter([at(fromText), at(toText)], NOW_MS)(at('2026-05-03T14:05:00'));
  expect(write('2026-05-03T00:00:00', '2026-05-04T00:00:00')).toBe('14:05');
  expect(write('2026-04-01T00:00:00', '2026-06-01T00:00:00')).toBe('3 May');
  expect(write('2024-04-01T00:00:00', '2026-06-01T00:00:00')).toBe('May 2026');
});
