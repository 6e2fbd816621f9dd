import { fitPhAnchor, shownPhFor, type PhMap } from '../calibration';
import {
  DAY_MS,
  DUE_CAP_DAYS,
  accumulatedPh,
  dueByDriftMs,
  incrementsOf,
  phDriftStdU,
  phLineFor,
  phPenStateAt,
  makePhTrack,
  probeLife,
  segmentAt,
  type PhCheck,
} from './index';

const points = (map: PhMap, truePhs: readonly number[]) =>
  truePhs.map((truePh) => ({
    truePh,
    shownPh: shownPhFor(truePh, map),
    standardStdU: 0.01,
    digitStdU: 0.003,
    temperatureStdU: 0.001,
  }));
const anchor = (map: PhMap) => fitPhAnchor(points(map, [7, 4]), { tempC: 20 });
const exact = anchor({ offsetPh: 0, gain: 1 });
const found = (day: number, offsetPh: number, gain = 1, more: Partial<PhCheck> = {}): PhCheck => ({
  atMs: day * DAY_MS,
  found: anchor({ offsetPh, gain }),
  left: exact,
  ...more,
});

describe('a known incident', () => {
  const checks = [found(0, 0), found(20, 0.4)];
  const offsetAt = (day: number, incidents: number[]) => {
    const track = makePhTrack(checks, { incidentsMs: incidents.map((at) => at * DAY_MS) });
    const state = phPenStateAt(track, day * DAY_MS);
    if (state.basis !== 'checked') throw new Error('expected a checked state');
    return [state.map.offsetPh, phDriftStdU(state.spread, 7)] as const;
  };

  test('puts the jump at its time, and the ± no longer holds half the change', () => {
    expect(offsetAt(10, [])[0]).toBeCloseTo(0.2, 9);
    const [before, uBefore] = offsetAt(11, [12]);
    const [after, uAfter] = offsetAt(13, [12]);
    expect(before).toBeCloseTo(0, 9);
    expect(after).toBeCloseTo(0.4, 9);
    // Held from day 0 by the prior 0.003/day: 0.003·11/√3; towards day 20 its own 0.02/day: 0.02·7/√3.
    expect(uBefore).toBeCloseTo(0.01905, 4);
    expect(uAfter).toBeCloseTo(0.08083, 4);
  });

  test('with two, either may have been it: half way between them', () => {
    const [offset, u] = offsetAt(10, [8, 12]);
    expect(offset).toBeCloseTo(0.2, 9);
    expect(u).toBeCloseTo(0.2, 9);
  });

  test('a new probe breaks the line and tells nothing of the rate', () => {
    const breaks = { probesMs: [15 * DAY_MS] };
    const track = makePhTrack(checks, breaks);
    expect(phPenStateAt(track, 18 * DAY_MS)).toMatchObject({
      map: { offsetPh: expect.closeTo(0.4, 9) },
    });
    expect(track.ratesAfter(1).offset.increments).toBe(0);
  });

  test('outside the interval it changes nothing', () => {
    expect(offsetAt(10, [25])[0]).toBeCloseTo(0.2, 9);
    expect(segmentAt(checks, [30 * DAY_MS], 25 * DAY_MS)).toMatchObject({ kind: 'held', from: 1 });
  });
});

test('a check after cleaning tells nothing of the rate', () => {
  const checks = [found(0, 0), found(7, 0.02), found(14, 0.3, 1, { afterCleaning: true })];
  expect(incrementsOf(checks, ({ map }) => map.offsetPh).map(({ change }) => change)).toEqual([
    expect.closeTo(0.02, 9),
  ]);
});

test('a pen that adjusts in two pieces is corrected by the piece its display lies in', () => {
  // Below 7 exact; above 7 it shows 0.1 more for each 3 pH.
  const bent = [7, 4, 10].map((truePh) => ({
    truePh,
    shownPh: truePh === 10 ? 10.1 : truePh,
    standardStdU: 0.01,
    digitStdU: 0.003,
    temperatureStdU: 0.001,
  }));
  const left = fitPhAnchor(bent, { tempC: 25, pieces: true });
  const state = phPenStateAt(makePhTrack([{ atMs: 0, left }]), 0);
  if (state.basis !== 'checked') throw new Error('expected a checked state');
  expect(phLineFor(state, 5.8).map).toEqual({ offsetPh: 0, gain: 1 });
  expect(phLineFor(state, 8.55).map.gain).toBeCloseTo(3.1 / 3, 9);
  expect(fitPhAnchor(bent, { tempC: 25 }).residualRmsPh).toBeGreaterThan(0);
});

describe('ageing', () => {
  test('the accumulated gain is the product of what was lost between adjustments', () => {
    const steps = accumulatedPh([found(0, 0), found(30, 0.05, 0.97), found(60, 0.04, 0.98)]);
    expect(steps).toHaveLength(2);
    expect(steps[1]).toMatchObject({
      gain: expect.closeTo(0.97 * 0.98, 9),
      offsetPh: expect.closeTo(0.09, 9),
      increments: 2,
    });
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

  test.each([
    ['wornGain', { accumulated: [{ atMs: 1, gain: 0.89, offsetPh: 0, increments: 6 }] }],
    ['slowSettling', { settles: settles(30, 95) }],
    ['bigOffsets', { foundOffsetsPh: [0.1, -0.55, 0.6] }],
    ['age', { expectedLifeDays: 180 }],
  ])('%s is said by name', (reason, more) => {
    const { warnings } = probeLife({ ...facts, ...more });
    expect(warnings.map((warning) => warning.reason)).toEqual([reason]);
  });
});

describe('due by own drift', () => {
  const steady = { perDay: 0.003, sigmaPerSqrtDay: 0, increments: 6 };
  const input = { lastCheckMs: 0, residual: 0.01, tolerance: 0.05 };

  /* By hand: (0.05 − 0.01)/2 = 0.02 = 0.003·t/√3, so t = 11.547 days. */
  test('a steady drift of 0.003 a day from 0.01 off fills 0.05 on day 11.5', () => {
    const due = dueByDriftMs({ ...input, rates: [{ rate: steady, lever: 1 }] });
    expect(due / DAY_MS).toBeCloseTo(11.547, 3);
  });

  /* By hand: 0.0004 = 3e-6·t² + 2.5e-5·t gives t = (−2.5e-5 + √(6.25e-10 + 4.8e-9))/6e-6 = 8.11. */
  test('scatter brings it forward', () => {
    const rate = { ...steady, sigmaPerSqrtDay: 0.005 };
    expect(dueByDriftMs({ ...input, rates: [{ rate, lever: 1 }] }) / DAY_MS).toBeCloseTo(8.109, 2);
  });

  test('never beyond 90 days, never before one, however still or far off the pen', () => {
    const none = { perDay: 0, sigmaPerSqrtDay: 0, increments: 6 };
    expect(dueByDriftMs({ ...input, rates: [{ rate: none, lever: 1 }] })).toBe(
      DUE_CAP_DAYS * DAY_MS,
    );
    const off = dueByDriftMs({ ...input, residual: 0.2, rates: [{ rate: steady, lever: 1 }] });
    expect(off).toBe(DAY_MS);
  });
});
