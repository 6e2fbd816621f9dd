import { EXACT_PH_MAP, fitPhAnchor, shownPhFor, type PhMap } from '../calibration';
import type { EcPenState, PhPenState } from '../drift';
import { assessEc, assessPh, judgeTank } from './index';

const phPen = { resolutionPh: 0.01, accuracyPh: 0.1, hasAtc: true };
const ecPen = {
  scale: 'mS/cm' as const,
  resolution: 0.01,
  accuracyMsPerCm: 0.1,
  compensation: { alphaPerC: 0.019, referenceC: 25 },
};

function checked(map: PhMap, offsetStdU = 0): PhPenState {
  const points = [7, 4].map((truePh) => ({
    truePh,
    shownPh: shownPhFor(truePh, map),
    standardStdU: 0.011547,
    digitStdU: 0.002887,
    temperatureStdU: 0,
  }));
  const anchor = fitPhAnchor(points, { tempC: 20 });
  return { basis: 'checked', map, anchor, spread: { kind: 'held', offsetStdU, gainStdU: 0 } };
}

describe('a pH reading', () => {
  test('the budget of a fresh pen at pH 6, by hand', () => {
    // digit 0.002887, repeat 0.02, junction 0.02, standards 0.008607, cup digit 0.002152:
    // √(8.33e-6 + 4e-4 + 4e-4 + 7.41e-5 + 4.63e-6) = 0.029783; U = 0.0596.
    const { budget, value } = assessPh({ shownPh: 6, pen: phPen, state: checked(EXACT_PH_MAP) });
    expect(value).toBeCloseTo(6, 9);
    expect(budget.stdU).toBeCloseTo(0.02978, 4);
    expect(budget.parts[0]!.stdU).toBe(0.02);
  });

  test('a pen 0.11 high at pH 5.8 is corrected, and says by how much', () => {
    const map = { offsetPh: 0.09, gain: 0.98 };
    const shownPh = shownPhFor(5.8, map);
    const assessed = assessPh({ shownPh, pen: phPen, state: checked(map) });
    expect(assessed.value).toBeCloseTo(5.8, 9);
    expect(assessed.correction).toBeCloseTo(0.114, 9);
  });

  test('drift leads the budget when it is the largest part', () => {
    const { budget } = assessPh({ shownPh: 6, pen: phPen, state: checked(EXACT_PH_MAP, 0.1) });
    expect(budget.parts[0]).toEqual({ source: 'drift', stdU: 0.1 });
  });

  test('never checked: as shown, the maker’s ±0.1 as a bound, not verified', () => {
    const assessed = assessPh({ shownPh: 6.02, pen: phPen, state: { basis: 'unverified' } });
    expect(assessed).toMatchObject({ value: 6.02, verified: false });
    expect(assessed.budget.parts[0]).toEqual({
      source: 'makersAccuracy',
      stdU: expect.closeTo(0.057735, 6),
    });
  });

  test('without ATC, 10 °C away at pH 5.5 costs 0.05: corrected when the temperature is known', () => {
    const pen = { ...phPen, hasAtc: false };
    const warm = assessPh({ shownPh: 5.5, tempC: 30, pen, state: checked(EXACT_PH_MAP) });
    // 7 − 1.5·293.15/303.15 = 5.5495.
    expect(warm.value).toBeCloseTo(5.5495, 4);
    const unknown = assessPh({ shownPh: 5.5, pen, state: checked(EXACT_PH_MAP) });
    expect(unknown.value).toBeCloseTo(5.5, 9);
    expect(unknown.budget.stdU).toBeGreaterThan(warm.budget.stdU);
  });
});

describe('an EC reading', () => {
  const state: EcPenState = {
    basis: 'checked',
    gain: 0.95,
    anchor: { gain: 0.95, standardStdURel: 0.00577, digitStdURel: 0.002, tempC: 22 },
    driftStdURel: 0,
  };

  test('a cell 5 % low is corrected; matching coefficients need no temperature', () => {
    const result = assessEc({ shown: 1.52, pen: ecPen, state, feedAlphaPerC: 0.019 });
    expect(result.ok && result.value.value).toBeCloseTo(1.6, 9);
  });

  test('a pen with α 0.020 to 20 °C is undone and redone for the feed', () => {
    const pen = { ...ecPen, compensation: { alphaPerC: 0.02, referenceC: 20 } };
    const exact = { ...state, gain: 1 };
    const result = assessEc({ shown: 1.8, tempC: 15, pen, state: exact, feedAlphaPerC: 0.019 });
    // κ15 = 1.8·(0.8/0.9) = 1.6; κ25 = 1.6/(1 − 0.19) = 1.975309.
    expect(result.ok && result.value.value).toBeCloseTo(1.975309, 6);
  });

  test('a pen without compensation asks for the temperature', () => {
    const pen = { ...ecPen, compensation: null };
    const refused = assessEc({ shown: 1.5, pen, state, feedAlphaPerC: 0.019 });
    expect(refused).toEqual({ ok: false, refusal: { reason: 'temperatureNeeded' } });
    const cold = assessEc({ shown: 1.5, tempC: -5, pen, state, feedAlphaPerC: 0.019 });
    expect(cold).toMatchObject({ ok: false, refusal: { reason: 'outOfRange' } });
  });

  test('1500 µS/cm is the same reading as 1.5 mS/cm', () => {
    const micro = { ...ecPen, scale: 'µS/cm' as const, resolution: 10 };
    const a = assessEc({ shown: 1500, tempC: 21, pen: micro, state, feedAlphaPerC: 0.019 });
    const b = assessEc({ shown: 1.5, tempC: 21, pen: ecPen, state, feedAlphaPerC: 0.019 });
    expect(a.ok && b.ok && a.value.value - b.value.value).toBeCloseTo(0, 12);
    expect(a.ok && b.ok && a.value.budget.stdU - b.value.budget.stdU).toBeCloseTo(0, 12);
  });

  test('far from 25 °C the ± grows', () => {
    const at = (tempC: number) => {
      const result = assessEc({ shown: 1.5, tempC, pen: ecPen, state, feedAlphaPerC: 0.019 });
      return result.ok ? result.value.budget.stdU : NaN;
    };
    expect(at(10)).toBeGreaterThan(at(18));
    expect(at(18)).toBeGreaterThan(at(25));
  });
});

describe('judging a tank', () => {
  const band = { low: 5.5, high: 6.5 };
  const assessed = assessPh({ shownPh: 6, pen: phPen, state: checked(EXACT_PH_MAP) });

  test('in band with a checked pen; only probably with one never checked', () => {
    expect(judgeTank(assessed, band).verdict).toBe('in');
    const raw = assessPh({ shownPh: 6, pen: phPen, state: { basis: 'unverified' } });
    expect(judgeTank(raw, band).verdict).toBe('probablyIn');
  });

  test('rain water is too pure to judge', () => {
    expect(judgeTank(assessed, band, 0.05).verdict).toBe('tooPure');
    expect(judgeTank(assessed, band, 0.1).verdict).toBe('in');
  });
});
