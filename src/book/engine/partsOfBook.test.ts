import { READINGS_OF_SIDE, SESSIONS_OF_SIDE, monthOf, monthSpan } from './partsOfBook';

const read = (takenAt: string) => ({ takenAt }) as Parameters<typeof READINGS_OF_SIDE.order>[0];
const checked = (finishedAt: string) =>
  ({ finishedAt }) as Parameters<typeof SESSIONS_OF_SIDE.order>[0];

test('moments sort by time, also where one is told to the millisecond and the other is not', () => {
  const times = [
    '2026-01-06T00:00:00.500Z',
    '2026-01-06T00:00:00Z',
    '2026-01-06T00:00:01Z',
    '2026-01-06T00:00:00.250Z',
  ];
  const sorted = ['2026-01-06T00:00:00Z', times[3], times[0], times[2]];
  expect([...times].sort((a, b) => READINGS_OF_SIDE.order(read(a), read(b)))).toEqual(sorted);
  expect([...times].sort((a, b) => SESSIONS_OF_SIDE.order(checked(a), checked(b)))).toEqual(sorted);
});

test('a month is that of UTC, from its first to its last moment', () => {
  expect(monthOf('2026-12-31T23:59:59.999Z')).toBe('2026-12');
  const { fromMs, toMs } = monthSpan('2026-12');
  expect(new Date(fromMs).toISOString()).toBe('2026-12-01T00:00:00.000Z');
  expect(new Date(toMs).toISOString()).toBe('2026-12-31T23:59:59.999Z');
});
