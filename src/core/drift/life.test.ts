import { DAY_MS } from '../units';
import type { Dip } from '../calibration';
import {
  DUE_CAP_DAYS,
  accumulatedPh,
  daysWithin,
  disagreement,
  dueByDriftMs,
  dueIfAdjustedMs,
  foundOffsets,
  makePenTrack,
  probabilityOut,
  probeLife,
  stateAt,
  type PenCheck,
  type PenEvent,
} from './index';

const dip = (truePh: number, off: number): Dip => ({
  lever: truePh - 7,
  difference: off,
  variance: 1e-5,
  bends: false,
  lot: { key: String(truePh), value: String(truePh), stdU: 0.002 },
});
/** Found with an offset and a gain deviation, adjusted to nothing. */
const found = (day: number, offset: number, gain: number, adjusts = true): PenCheck => ({
  kind: 'check',
  atMs: day * DAY_MS,
  found: [dip(7, offset), dip(4, offset - 3 * gain)],
  adjusted: adjusts ? { offset: true, gain: true, bend: false } : undefined,
  left: adjusts ? [dip(7, 0), dip(4, 0)] : [],
  afterCleaning: false,
});
const trackOf = (events: readonly PenEvent[]) =>
  makePenTrack({ quantity: 'ph', accuracy: 0.1, repeatStdU: 0.015, firstUseMs: 0, events });

describe('ageing', () => {
  test('the accumulated gain is the product of what was lost between adjustments', () => {
    const steps = accumulatedPh(
      trackOf([found(0, 0, 0), found(30, 0.05, -0.03), found(60, 0.04, -0.02)]),
      0,
    );
    expect(steps).toHaveLength(2);
    const [first, second] = steps;
    // 0.97 and 0.98 as single dips tell them: drawn a third of the way to what is usual.
    expect(first!.gain).toBeGreaterThan(0.97);
    expect(first!.gain).toBeLessThan(0.985);
    expect(second!.gain).toBeGreaterThan(0.97 * 0.98);
    expect(second!.gain).toBeLessThan(first!.gain - 0.01);
    expect(second!.offsetPh).toBeCloseTo(0.08, 1);
  });

  test('a slope that stands low and stays so is no ageing', () => {
    const steps = accumulatedPh(trackOf([0, 30, 60].map((day) => found(day, 0, -0.1, false))), 0);
    expect(steps).toHaveLength(2);
    steps.forEach(({ gain }) => expect(gain).toBeCloseTo(1, 1));
    expect(Math.min(...steps.map(({ gain }) => gain))).toBeGreaterThan(0.97);
  });

  test('what came before a new probe is not its ageing', () => {
    const events: PenEvent[] = [
      found(0, 0, 0),
      found(30, 0.05, -0.05),
      { kind: 'newProbe', atMs: 31 * DAY_MS },
      found(40, 0, 0),
      found(70, 0, -0.02),
    ];
    const steps = accumulatedPh(trackOf(events), 31 * DAY_MS);
    expect(steps).toHaveLength(1);
    expect(steps[0]!.gain).toBeGreaterThan(0.975);
    expect(steps[0]!.gain).toBeLessThan(0.99);
  });

  test('offsets as found, by time', () => {
    const offsets = foundOffsets(trackOf([found(0, 0.2, 0), found(30, -0.6, 0)]), 0);
    expect(offsets).toEqual([expect.closeTo(0.2, 1), expect.closeTo(-0.6, 1)]);
  });

  const facts = {
    fittedMs: 0,
    nowMs: 200 * DAY_MS,
    accumulated: [],
    foundOffsetsPh: [],
    settles: [],
  };
  const settles = (first: number, later: number) => [
    ...[1, 10, 20].map((day) => ({ atMs: day * DAY_MS, settleS: first })),
    ...[150, 170, 190].map((day) => ({ atMs: day * DAY_MS, settleS: later })),
  ];

  test('a sound probe has nothing to warn of', () => {
    expect(probeLife({ ...facts, settles: settles(30, 60) })).toMatchObject({
      ageDays: 200,
      warnings: [],
      settleTimes: 2,
    });
  });

  test('bought before it was fitted it is older; what it does is counted from its fitting', () => {
    const life = probeLife({ ...facts, bornMs: -100 * DAY_MS, settles: settles(30, 60) });
    expect(life).toMatchObject({ ageDays: 300, settleTimes: 2 });
  });

  test.each([
    ['wornGain', { accumulated: [{ atMs: 1, gain: 0.89, offsetPh: 0 }] }],
    ['slowSettling', { settles: settles(30, 95) }],
    ['bigOffsets', { foundOffsetsPh: [0.1, -0.55, 0.6] }],
    ['age', { expectedLifeDays: 180 }],
  ])('%s is said by name, and only it', (reason, more) => {
    const { warnings } = probeLife({ ...facts, ...more });
    expect(warnings.map((warning) => warning.reason)).toEqual([reason]);
  });

  test('just inside each limit nothing is said', () => {
    const inside = {
      accumulated: [{ atMs: 1, gain: 0.9, offsetPh: 0 }],
      settles: settles(30, 90),
      foundOffsetsPh: [0.5, -0.5, 0.51],
      expectedLifeDays: 200,
    };
    expect(probeLife({ ...facts, ...inside }).warnings).toEqual([]);
    const steps = [10, 20, 30].map((day) => ({
      atMs: day * DAY_MS,
      gain: 1 - day / 1000,
      offsetPh: 0,
    }));
    expect(probeLife({ ...facts, accumulated: steps }).gainTrend?.slope).toBeCloseTo(-0.001, 9);
    expect(probeLife({ ...facts, accumulated: steps.slice(0, 1) }).gainTrend).toBeUndefined();
  });
});

describe('due by own drift', () => {
  const rule = (half: number) => ({ lever: -1, tolerance: { low: -half, high: half } });
  const calm = Array.from({ length: 12 }, (_, week) => found(7 * week, 0.001, 0, false));
  const wild = Array.from({ length: 12 }, (_, week) => found(7 * week, week % 2 ? 0.1 : -0.1, 0));

  test('later for a calm pen, sooner for a restless one, at most ninety days, at least one', () => {
    const days = (events: readonly PenEvent[], half: number) =>
      dueByDriftMs(trackOf(events), rule(half))! / DAY_MS - 77;
    expect(days(calm, 0.05)).toBeGreaterThan(days(wild, 0.05));
    expect(days(calm, 0.1)).toBeGreaterThan(days(calm, 0.05));
    expect(days(wild, 0.001)).toBe(1);
    expect(days(calm, 5)).toBe(DUE_CAP_DAYS);
  });

  test('the last whole day before more than 1 in 20 is out', () => {
    const track = trackOf(calm);
    const known = track.knownAt(track.ends.length - 1);
    const days = daysWithin(track, known, rule(0.05));
    const out = (day: number) => probabilityOut(stateAt(track, (77 + day) * DAY_MS), rule(0.05));
    expect(out(days)).toBeLessThanOrEqual(0.05);
    expect(out(days + 1)).toBeGreaterThan(0.05);
  });

  test('if adjusted now it is later for a pen that stands off, and counts from now', () => {
    const off = Array.from({ length: 6 }, (_, week) => found(7 * week, 0.045, 0, false));
    const track = trackOf(off);
    const nowMs = 40 * DAY_MS;
    const [as, anew] = [
      dueByDriftMs(track, rule(0.05))!,
      dueIfAdjustedMs(track, rule(0.05), nowMs)!,
    ];
    expect(as / DAY_MS).toBe(36);
    expect(anew / DAY_MS - 40).toBeGreaterThan(3);
    expect(dueIfAdjustedMs(trackOf([]), rule(0.05), nowMs)).toBeUndefined();
  });

  test('of EC the tolerance is relative', () => {
    const ec = (difference: number): PenCheck => ({
      ...found(0, 0, 0, false),
      found: [{ ...dip(7, 0), lever: 0, difference }],
    });
    const state = (difference: number) =>
      stateAt(
        makePenTrack({ quantity: 'ec', accuracy: 0, repeatStdU: 0.008, events: [ec(difference)] }),
        0,
      );
    const out = (difference: number) =>
      probabilityOut(state(difference), { lever: 0, tolerance: { low: -0.03, high: 0.03 } });
    expect(out(0)).toBeLessThan(0.01);
    expect(out(Math.log(1.03))).toBeGreaterThan(0.3);
    expect(out(-0.2)).toBeGreaterThan(0.99);
  });
});

test('two pens disagree beyond 2.5 of the difference’s own ±; the less sure one is to blame', () => {
  const at = (second: number) =>
    disagreement({ value: 6, stdU: 0.03 }, { value: second, stdU: 0.04 });
  // √(0.03² + 0.04²) = 0.05, times 2.5 = 0.125.
  expect(at(6.12)).toMatchObject({ tooLarge: false, stdU: expect.closeTo(0.05, 12) });
  expect(at(6.13)).toMatchObject({ tooLarge: true, lessSure: 'second' });
  expect(at(5.87)).toMatchObject({ tooLarge: true, difference: expect.closeTo(0.13, 12) });
  expect(disagreement({ value: 6, stdU: 0.3 }, { value: 5, stdU: 0.1 }).lessSure).toBe('first');
});
