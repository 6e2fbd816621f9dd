import fc from 'fast-check';
import { FOLLOW_AHEAD_MS, hybridClock, idSource, idTimeMs } from './index';

const NOW_MS = Date.UTC(2026, 4, 1);
const MINUTE_MS = 60_000;

test('a new id is never below one that was seen, though this device’s clock is behind', () => {
  const clock = hybridClock();
  const theirs = idSource()(NOW_MS + 8 * MINUTE_MS);
  clock.observe(theirs, NOW_MS);
  const mine = clock.makeId(NOW_MS);
  expect(mine > theirs).toBe(true);
  expect(idTimeMs(mine) - (NOW_MS + 8 * MINUTE_MS)).toBe(1);
});

test('an id more than ten minutes ahead pushes nothing', () => {
  const clock = hybridClock();
  const nextYear = idSource()(NOW_MS + 365 * 24 * 60 * MINUTE_MS);
  clock.observe(nextYear, NOW_MS);
  expect(idTimeMs(clock.makeId(NOW_MS))).toBe(NOW_MS);
});

test('after this device’s own clock was a year ahead and is put right, ids are of today again', () => {
  const clock = hybridClock();
  const wrong = clock.makeId(NOW_MS + 365 * 24 * 60 * MINUTE_MS);
  const right = clock.makeId(NOW_MS);
  expect(idTimeMs(right)).toBe(NOW_MS);
  expect(right < wrong).toBe(true);
  // A clock set back by less stays behind what it wrote: order within a device holds.
  const before = clock.makeId(NOW_MS + 5 * MINUTE_MS);
  expect(clock.makeId(NOW_MS) > before).toBe(true);
});

test('something that is no id is not followed', () => {
  const clock = hybridClock();
  clock.observe('ILOU'.repeat(6) + 'IL', NOW_MS);
  expect(idTimeMs(clock.makeId(NOW_MS))).toBe(NOW_MS);
});

test('two devices that hear each other never make an id below what they heard (clocks to 9 min apart)', () => {
  const step = fc.record({
    who: fc.nat(1),
    aheadMin: fc.integer({ min: 0, max: 9 }),
    hears: fc.boolean(),
  });
  fc.assert(
    fc.property(fc.array(step, { maxLength: 60 }), (steps) => {
      const clocks = [hybridClock(), hybridClock()];
      const heard: [string, string] = ['', ''];
      steps.forEach(({ who, aheadMin, hears }, at) => {
        const nowMs = NOW_MS + at * 100;
        const id = clocks[who]!.makeId(nowMs + (who === 0 ? aheadMin * MINUTE_MS : 0));
        expect(id > heard[who]!).toBe(true);
        heard[who] = id;
        if (!hears || idTimeMs(id) > nowMs + FOLLOW_AHEAD_MS) return;
        const other = 1 - who;
        clocks[other]!.observe(id, nowMs);
        if (id > heard[other]!) heard[other] = id;
      });
    }),
    { seed: 11 },
  );
});
