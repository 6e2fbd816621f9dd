import { clockJump, JUMP_MS } from './clockWatch';

const MINUTE_MS = 60_000;
const look = (wallMs: number, countedMs: number) => ({ wallMs, countedMs });
const awake = { awake: true };
const asleep = { awake: false };

test('time that goes on is no jump, awake or not', () => {
  expect(clockJump(look(0, 0), look(MINUTE_MS, MINUTE_MS), awake)).toBeUndefined();
  expect(clockJump(look(0, 0), look(90 * MINUTE_MS, 0), asleep)).toBeUndefined();
});

test('a clock set right by a few minutes is no jump', () => {
  expect(clockJump(look(0, 0), look(JUMP_MS, 0), awake)).toBeUndefined();
  expect(clockJump(look(JUMP_MS, 0), look(0, 0), asleep)).toBeUndefined();
});

test('ahead is told only by a page that was awake; back always', () => {
  const ahead = clockJump(look(0, 0), look(120 * MINUTE_MS, MINUTE_MS), awake);
  expect(ahead).toEqual({ byMs: 119 * MINUTE_MS, fromMs: MINUTE_MS, toMs: 120 * MINUTE_MS });
  const back = clockJump(look(120 * MINUTE_MS, 5), look(0, 0), asleep);
  expect(back?.byMs).toBe(-120 * MINUTE_MS);
});
