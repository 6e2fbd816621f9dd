import type { TankColumns } from '@/book/answers';
import { bandSteps, countIn, pointsIn, spanDomain, stepsInScale } from './historyModel';

const DAY_MS = 86_400_000;
const days = (...list: number[]) => Float64Array.from(list, (day) => day * DAY_MS);

test('a span reaches back from now; all of it to the first reading', () => {
  const columns = { atMs: days(0, 50, 99) } as TankColumns;
  const nowMs = 100 * DAY_MS;
  expect(spanDomain(columns, 'week', nowMs)[0]).toBe(93 * DAY_MS);
  expect(spanDomain(columns, 'all', nowMs)[0]).toBe(0);
  expect(spanDomain(columns, 'all', nowMs)[1]).toBeGreaterThan(nowMs);
  // A tank read a minute ago still has a day of axis.
  const young = { atMs: Float64Array.of(nowMs - 60_000) } as TankColumns;
  expect(spanDomain(young, 'all', nowMs)[0]).toBe(nowMs - DAY_MS);
});

test('only points inside, with U as twice the standard uncertainty, in the scale shown', () => {
  const atMs = days(0, 1, 2, 3);
  const values = Float64Array.of(1, NaN, 1.4, 1.5);
  const stdU = Float64Array.of(0.01, 0.01, 0.02, 0.01);
  const shown = Float64Array.of(1, 1, 1.38, 1.5);
  const points = pointsIn(atMs, { values, stdU, shown, scale: 'µS/cm' }, [
    0.5 * DAY_MS,
    2.5 * DAY_MS,
  ]);
  expect(points).toEqual([
    { atMs: 2 * DAY_MS, value: 1400, expandedU: 40, shown: expect.closeTo(1380, 9) },
  ]);
});

test('the band steps where it changed and covers all time before', () => {
  const low = Float64Array.of(5.5, 5.5, 5.8);
  const high = Float64Array.of(6.5, 6.5, 6.4);
  const steps = bandSteps(days(0, 1, 2), { low, high }, { low: 5.8, high: 6.4 });
  expect(steps.map(({ low: l, high: h }) => [l, h])).toEqual([
    [5.5, 6.5],
    [5.8, 6.4],
  ]);
  expect(steps[0]!.fromMs).toBeLessThan(0);
  expect(steps[1]!.fromMs).toBe(2 * DAY_MS);
  expect(stepsInScale(steps, 'CF')[0]).toMatchObject({ low: 55, high: 65 });
  const none = { low: new Float64Array(), high: new Float64Array() };
  expect(bandSteps(days(), none, { low: 1, high: 2 })).toMatchObject([{ low: 1, high: 2 }]);
});

test('of years of readings only those that can be told apart are drawn, the extremes among them', () => {
  const n = 20_000;
  const atMs = Float64Array.from({ length: n }, (_, at) => at * 3_600_000);
  const values = Float64Array.from({ length: n }, (_, at) => 6 + 0.3 * Math.sin(at / 7));
  values[12_345] = 9;
  values[777] = 3;
  const domain = [0, n * 3_600_000] as const;
  const points = pointsIn(atMs, { values }, domain);
  expect(points.length).toBeLessThanOrEqual(1600);
  expect(Math.max(...points.map(({ value }) => value))).toBe(9);
  expect(Math.min(...points.map(({ value }) => value))).toBe(3);
  expect(points.every(({ atMs: at }, i) => i === 0 || at > points[i - 1]!.atMs)).toBe(true);
  expect(countIn(atMs, values, domain)).toBe(n);
});
