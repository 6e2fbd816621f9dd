import fc from 'fast-check';
import { lightFormat } from 'date-fns/lightFormat';
import { dayInWords, dayMs, dayText, instantOf } from './days';

const day = (typed: string) => {
  const ms = dayMs(typed);
  return Number.isNaN(ms) ? 'none' : lightFormat(ms, 'yyyy-MM-dd HH');
};

test.each([
  ['2026-07-31', '2026-07-31 12'],
  ['31/7/2026', '2026-07-31 12'],
  ['31.7.26', '2026-07-31 12'],
  ['31.07.2026', '2026-07-31 12'],
  ['31-7-2026', '2026-07-31 12'],
  ['31 Jul 2026', '2026-07-31 12'],
  [' 31 July 2026 ', '2026-07-31 12'],
  ['July 31, 2026', '2026-07-31 12'],
  // Both could be meant: the day stands first, as on most bottles.
  ['3/4/2026', '2026-04-03 12'],
  // Only one can.
  ['7/31/2026', '2026-07-31 12'],
  // A month means its last day.
  ['2026-07', '2026-07-31 12'],
  ['7/2026', '2026-07-31 12'],
  ['07/26', '2026-07-31 12'],
  ['02/2028', '2028-02-29 12'],
  ['Jul 2026', '2026-07-31 12'],
  ['July 2026', '2026-07-31 12'],
  ['2026/07', '2026-07-31 12'],
])('%s is %s', (typed, told) => {
  expect(day(typed)).toBe(told);
});

test.each(['', '2026', '31', '32/7/2026', '30.2.2026', '31/7/1926', 'soon', '13/2026', '7/226'])(
  '"%s" is no day',
  (typed) => {
    expect(day(typed)).toBe('none');
    expect(dayInWords(typed)).toBe('');
  },
);

test('a day is shown back in words, weekday and all', () => {
  expect(dayInWords('31/7/26')).toBe('Friday 31 July 2026');
});

test('what a record holds opens as it was, whatever day it is', () => {
  const days = fc.date({
    min: new Date(2001, 0, 1),
    max: new Date(2098, 11, 31),
    noInvalidDate: true,
  });
  fc.assert(
    fc.property(days, (at) => {
      const typed = dayText(at.toISOString());
      expect(dayText(instantOf(typed))).toBe(typed);
    }),
  );
});
