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
