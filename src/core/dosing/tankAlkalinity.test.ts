import { tankWater, type WaterEvent } from './index';

const HOUR_MS = 3_600_000;
const fill = (alkalinityMmolPerL?: number): WaterEvent => ({
  kind: 'change',
  atMs: 0,
  alkalinityMmolPerL,
});
const dose = (hours: number, acidMmolPerL?: number): WaterEvent => ({
  kind: 'dose',
  atMs: hours * HOUR_MS,
  acidMmolPerL,
});
const at = (hours: number, ...events: WaterEvent[]) => tankWater(events, hours * HOUR_MS);

test('a fresh fill has its source’s alkalinity less the acid booked, plus the base, in any order', () => {
  expect(at(1, fill(4))).toEqual({ kind: 'fresh', alkalinityMmolPerL: 4 });
  expect(at(3, dose(2, -0.5), dose(1, 1.5), fill(4))).toEqual({
    kind: 'fresh',
    alkalinityMmolPerL: 3,
  });
});

test('only within 24 hours: at the 24th it still is, after it a feed in use', () => {
  expect(at(24, fill(4)).kind).toBe('fresh');
  expect(at(24.5, fill(4))).toEqual({ kind: 'inUse' });
});

test.each<[string, readonly WaterEvent[]]>([
  ['nothing was ever booked', []],
  ['only doses were booked', [dose(1, 1)]],
  ['its water was never measured', [fill(undefined)]],
  ['a dose of unknown strength went in', [fill(4), dose(1, undefined)]],
  ['nutrients went in', [fill(4), { kind: 'stock', atMs: HOUR_MS }]],
  ['other water went in', [fill(4), { kind: 'water', atMs: HOUR_MS }]],
  ['all of it was paid off', [fill(2), dose(1, 2)]],
])('a feed in use where %s', (_why, events) => {
  expect(at(2, ...events)).toEqual({ kind: 'inUse' });
});

test('what happens after the moment asked for does not count; the newest fill does', () => {
  expect(at(1, fill(4), dose(2, 1))).toEqual({ kind: 'fresh', alkalinityMmolPerL: 4 });
  const again: WaterEvent = { kind: 'change', atMs: 20 * HOUR_MS, alkalinityMmolPerL: 1 };
  expect(at(30, fill(4), dose(2, 1), again)).toEqual({ kind: 'fresh', alkalinityMmolPerL: 1 });
});
