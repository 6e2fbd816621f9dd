import { clock, waitingOf } from './index';

const nowMs = Date.UTC(2026, 4, 20, 10);
const later = nowMs + 5 * 60_000;
const mixing = { body: { rereadAt: new Date(later).toISOString() } };

test('while it mixes that is said, whatever else waits; then the second reading, then nothing', () => {
  expect(waitingOf({ mixing, readAgainMs: later }, nowMs)?.sentence).toBe(
    `Mixing until ${clock(later)}.`,
  );
  expect(waitingOf({ readAgainMs: later }, nowMs)?.sentence).toBe(
    `Read it again at ${clock(later)}.`,
  );
  expect(waitingOf({ mixing, readAgainMs: later }, later)?.sentence).toBe('Read it once more.');
  expect(waitingOf({ mixing }, later)).toBeUndefined();
  expect(waitingOf({}, nowMs)).toBeUndefined();
});

test('a dose that has mixed and was not read after: the number from before is no verdict of now', () => {
  const dosed = { ...mixing, atMs: nowMs - 60_000 };
  const before = { atMs: nowMs - 3_600_000 };
  expect(waitingOf({ mixing: dosed, latest: before }, later)).toEqual({
    sentence: 'Dosed since, and mixed.',
    advice: 'Read it again: this was before the dose.',
  });
  expect(waitingOf({ mixing: dosed, latest: before }, nowMs)?.sentence).toMatch(/^Mixing until/);
  expect(waitingOf({ mixing: dosed, latest: { atMs: later } }, later)).toBeUndefined();
});
