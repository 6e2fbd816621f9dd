import { STILL_SPAN_PH, STILL_WINDOW_MS, isStill } from './index';

const policy = { windowMs: STILL_WINDOW_MS, span: STILL_SPAN_PH, resolution: 0.01 };
const every10s = (...shown: number[]) =>
  shown.map((value, at) => ({ atMs: at * 10_000, shown: value }));

test('moving, then 30 s within two digits: still', () => {
  expect(isStill(every10s(6.5, 6.8, 6.95), policy)).toBe(false);
  expect(isStill(every10s(6.5, 6.8, 6.99, 7.01, 7.01, 7.01), policy)).toBe(true);
});

test('a span of exactly two digits counts although 7.03 − 7.01 exceeds 0.02 in floating point', () => {
  expect(7.03 - 7.01 > 0.02).toBe(true);
  expect(isStill(every10s(7.01, 7.02, 7.03, 7.03), policy)).toBe(true);
  expect(isStill(every10s(7.01, 7.02, 7.04, 7.04), policy)).toBe(false);
});

test('three samples over 20 s say nothing yet, and none at all say nothing', () => {
  expect(isStill(every10s(7, 7, 7), policy)).toBe(false);
  expect(isStill([], policy)).toBe(false);
});

test('on a 0.1 display one digit that comes back is still', () => {
  const coarse = { ...policy, resolution: 0.1 };
  expect(isStill(every10s(7, 7.1, 7.1, 7), coarse)).toBe(true);
  // A one-way step is movement.
  expect(isStill(every10s(7, 7, 7, 7.1), coarse)).toBe(false);
  expect(isStill(every10s(7.1, 7, 7, 7), coarse)).toBe(false);
  expect(isStill(every10s(7, 7, 7, 7), coarse)).toBe(true);
  expect(isStill(every10s(7, 7.2, 7, 7.1), { ...policy, resolution: 0.1 })).toBe(false);
});
