import { leavingSentence } from './index';

const DAY_MS = 86_400_000;
const nowMs = new Date(2026, 10, 25, 10).getTime();
const leaving = (more: object) => ({
  slopePerDay: 0.05,
  scatter: 0.02,
  edge: 'high' as const,
  ...more,
});

test('where a tank goes, in a sentence, no surer than it is', () => {
  expect(leavingSentence(leaving({ edge: 'none' }), nowMs)).toBe('Holding still.');
  expect(leavingSentence(leaving({}), nowMs)).toBe('Rising.');
  const atMs = nowMs + 5 * DAY_MS;
  expect(leavingSentence(leaving({ atMs }), nowMs)).toBe(
    'Rising; leaves its band in about 5 days.',
  );
  const bounds = { earliestMs: nowMs + 3 * DAY_MS, latestMs: nowMs + 9 * DAY_MS };
  expect(leavingSentence(leaving({ atMs, ...bounds }), nowMs)).toBe(
    'Rising; leaves its band in about 5 days (3 to 9).',
  );
  expect(leavingSentence(leaving({ edge: 'low', atMs, earliestMs: nowMs }), nowMs)).toBe(
    'Falling; leaves its band in about 5 days, today at the earliest.',
  );
  expect(leavingSentence(leaving({ atMs: nowMs + 200 * DAY_MS }), nowMs)).toBe('Rising slowly.');
  expect(leavingSentence(undefined, nowMs)).toBe('');
});
