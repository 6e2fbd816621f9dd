import fc from 'fast-check';
import { panned, within, zoomed, type TimeWindow } from './timeWindow';

const DAY_MS = 86_400_000;
const limits: TimeWindow = [0, 100 * DAY_MS];

test('coming closer keeps the moment under the finger where it is', () => {
  const next = zoomed([10 * DAY_MS, 30 * DAY_MS], { factor: 0.5, aroundMs: 15 * DAY_MS, limits });
  // A quarter of the way along before and after.
  expect(next).toEqual([12.5 * DAY_MS, 22.5 * DAY_MS]);
});

test('moving stops at the first reading and at now', () => {
  expect(panned([0, 10 * DAY_MS], -1, limits)).toEqual([0, 10 * DAY_MS]);
  expect(panned([80 * DAY_MS, 90 * DAY_MS], 5, limits)).toEqual([90 * DAY_MS, 100 * DAY_MS]);
});

test('whatever is done, the window lies within its limits and keeps a length', () => {
  const time = fc.double({ min: -50, max: 150, noNaN: true }).map((days) => days * DAY_MS);
  fc.assert(
    fc.property(time, time, fc.double({ min: 0.01, max: 100, noNaN: true }), (a, b, factor) => {
      const window: TimeWindow = [Math.min(a, b), Math.max(a, b)];
      for (const [from, to] of [
        within(window, limits),
        zoomed(window, { factor, aroundMs: a, limits }),
        panned(window, factor, limits),
      ]) {
        expect(from).toBeGreaterThanOrEqual(-1);
        expect(to).toBeLessThanOrEqual(100 * DAY_MS + 1);
        expect(to - from).toBeGreaterThan(DAY_MS / 5);
      }
    }),
    { seed: 3 },
  );
});
