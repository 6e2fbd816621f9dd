import fc from 'fast-check';
import { fitPhAnchor, shownPhFor, type PhMap, type PhPoint } from '../calibration';
import {
  DAY_MS,
  driftRate,
  ecPenStateAt,
  makeEcTrack,
  makePhTrack,
  phDriftStdU,
  phPenStateAt,
  widenedStdU,
  type PhCheck,
} from './index';

const anchor = (map: PhMap) => {
  const points: PhPoint[] = [7, 4].map((truePh) => ({
    truePh,
    shownPh: shownPhFor(truePh, map),
    standardStdU: 0.01,
    digitStdU: 0.003,
    temperatureStdU: 0.001,
  }));
  return fitPhAnchor(points, { tempC: 20 });
};
const exact = anchor({ offsetPh: 0, gain: 1 });
const check = (day: number, found: PhMap | undefined): PhCheck => ({
  atMs: day * DAY_MS,
  found: found && anchor(found),
  left: exact,
});

describe('between two checks', () => {
  const drifted = { offsetPh: 0.4, gain: 0.98 };
  const checks = [check(0, undefined), check(20, drifted)];

  test('a quarter of the way the pen is a quarter off; u = |Δ|·√(f(1 − f))', () => {
    const state = phPenStateAt(makePhTrack(checks), 5 * DAY_MS);
    if (state.basis !== 'checked') throw new Error('expected a checked state');
    expect(state.map.offsetPh).toBeCloseTo(0.1, 9);
    expect(state.map.gain).toBeCloseTo(0.995, 9);
    // At pH 6: Δ = 0.4 − 0.02·(−1) = 0.42; √(0.25·0.75) = 0.4330; product 0.18187.
    expect(phDriftStdU(state.spread, 6)).toBeCloseTo(0.18187, 5);
  });

  test('beside a check the drift part is nothing, midway it is half the change', () => {
    const at = (day: number) => {
      const state = phPenStateAt(makePhTrack(checks), day * DAY_MS);
      return state.basis === 'checked' ? phDriftStdU(state.spread, 7) : NaN;
    };
    expect(at(0)).toBe(0);
    expect(at(10)).toBeCloseTo(0.2, 9);
  });

  test('no drift found: the readings between keep their values', () => {
    const still = [check(0, undefined), check(20, { offsetPh: 0, gain: 1 })];
    const state = phPenStateAt(makePhTrack(still), 7 * DAY_MS);
    expect(state).toMatchObject({
      map: { offsetPh: expect.closeTo(0, 9), gain: expect.closeTo(1, 9) },
    });
  });
});

describe('around the record', () => {
  test('before the first check a pen is unverified', () => {
    expect(phPenStateAt(makePhTrack([check(3, undefined)]), 0)).toEqual({ basis: 'unverified' });
    expect(ecPenStateAt(makeEcTrack([]), 0)).toEqual({ basis: 'unverified' });
  });

  test('after the newest check nothing is corrected forward; the spread only grows', () => {
    const checks = [check(0, undefined), check(20, { offsetPh: 0.4, gain: 0.98 })];
    const uAt = (day: number) => {
      const state = phPenStateAt(makePhTrack(checks), day * DAY_MS);
      if (state.basis !== 'checked') throw new Error('expected a checked state');
      expect(state.map.offsetPh).toBeCloseTo(0, 9);
      return phDriftStdU(state.spread, 5.8);
    };
    fc.assert(
      fc.property(
        fc.integer({ min: 20, max: 200 }),
        fc.integer({ min: 0, max: 60 }),
        (day, more) => {
          expect(uAt(day + more)).toBeGreaterThanOrEqual(uAt(day));
        },
      ),
    );
  });

  test('a check adjusted without reading as found breaks the line: hold and widen up to it', () => {
    const checks = [check(0, undefined), check(20, undefined)];
    const state = phPenStateAt(makePhTrack(checks), 10 * DAY_MS);
    // Prior 0.003/day over 10 days as a rectangle: 0.03/√3 = 0.01732.
    expect(state).toMatchObject({
      spread: { kind: 'held', offsetStdU: expect.closeTo(0.01732, 5) },
    });
  });
});

describe('rates', () => {
  const weekly = (changes: number[]) =>
    changes.map((change) => ({ change, intervalMs: 7 * DAY_MS }));

  test('one dry-out among calm weeks hardly moves the rate', () => {
    const calm = driftRate(weekly([0.02, 0.03, 0.02, 0.025, 0.02, 0.03]), 0.003);
    const dryOut = driftRate(weekly([0.02, 0.03, 0.02, 0.025, 0.02, 1.5]), 0.003);
    expect(dryOut.perDay).toBeCloseTo(calm.perDay, 3);
  });

  test('few increments never promise less drift than the prior', () => {
    expect(driftRate(weekly([0, 0]), 0.003).perDay).toBe(0.003);
    expect(driftRate(weekly([0, 0, 0, 0, 0]), 0.003).perDay).toBe(0);
    expect(driftRate([], 0.003)).toEqual({ perDay: 0.003, sigmaPerSqrtDay: 0, increments: 0 });
  });

  test('widening by hand: r 0.01, s 0.02, nine days: √(0.0027 + 0.0036) = 0.07937', () => {
    const rate = { perDay: 0.01, sigmaPerSqrtDay: 0.02, increments: 6 };
    expect(widenedStdU(rate, 9 * DAY_MS)).toBeCloseTo(0.07937, 5);
    expect(widenedStdU(rate, -DAY_MS)).toBe(0);
  });

  test('an EC pen found 6 % low: a third of the way it is 2 % low', () => {
    const at = (gain: number) => ({ gain, standardStdURel: 0.006, digitStdURel: 0.002, tempC: 20 });
    const checks = [
      { atMs: 0, left: at(1) },
      { atMs: 30 * DAY_MS, found: at(0.94), left: at(1) },
    ];
    const state = ecPenStateAt(makeEcTrack(checks), 10 * DAY_MS);
    expect(state).toMatchObject({ gain: expect.closeTo(0.98, 9) });
    // 0.06·√(1/3·2/3)/0.98 = 0.02886.
    expect(state.basis === 'checked' && state.driftStdURel).toBeCloseTo(0.02886, 4);
  });
});
