import type { BenchEvent } from './benchEvents';
import { lastReadMs, lastWorkedMs, sittingAge, switchesOffMs } from './sittingAge';

const HOUR = 3_600_000;
const START = Date.UTC(2026, 4, 1, 7);
const read = (atMs: number, phase: 'asFound' | 'asLeft' = 'asFound'): BenchEvent => ({
  type: 'read',
  phase,
  cupId: '7',
  shown: 7,
  atMs,
});
const times = { startedMs: START, events: [read(START + 60_000)] };

test.each([
  [0.5, 'going'],
  [1.01, 'going'],
  [1.1, 'left'],
  [24, 'left'],
  [24.1, 'over'],
  [72, 'over'],
] as const)('%p hours after it began a sitting is %s', (hours, age) => {
  expect(sittingAge(times, START + hours * HOUR)).toBe(age);
});

test('going on, or a dip under way, begins its hour anew', () => {
  const resumedMs = START + 3 * HOUR;
  expect(sittingAge({ ...times, resumedMs }, START + 3.5 * HOUR)).toBe('going');
  expect(lastWorkedMs({ ...times, dipSinceMs: START + 2 * HOUR })).toBe(START + 2 * HOUR);
});

test('what was found is dated by its last dip', () => {
  expect(lastReadMs([read(START), read(START + 90_000), { type: 'adjust' }])).toBe(START + 90_000);
  expect(lastReadMs([])).toBeUndefined();
});

test('a pen switches off so many minutes after its last press', () => {
  expect(switchesOffMs(times, 5)).toBe(START + 5 * 60_000);
  const set = { ...times, events: [read(START + HOUR, 'asLeft')] };
  expect(switchesOffMs(set, 5)).toBe(START + HOUR + 5 * 60_000);
  expect(switchesOffMs(times, null)).toBeUndefined();
  expect(switchesOffMs(times, 0)).toBeUndefined();
});
