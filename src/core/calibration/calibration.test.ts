import fc from 'fast-check';
import {
  ecAnchorOf,
  fitPhAnchor,
  phAnchorParts,
  pointVariance,
  varianceAt,
  phErrorAt,
  phPointOf,
  shownPhFor,
  truePhFor,
  withinTolerance,
  type PhPoint,
} from './index';

const point = (truePh: number, shownPh: number): PhPoint => ({
  truePh,
  shownPh,
  standardStdU: 0.0115,
  digitStdU: 0.0029,
  temperatureStdU: 0.001,
});

describe('the pH map', () => {
  test('correction inverts the display for every usable pen', () => {
    const ph = fc.double({ min: 2, max: 12, noNaN: true });
    const offset = fc.double({ min: -3, max: 3, noNaN: true });
    const gain = fc.double({ min: 0.5, max: 1.2, noNaN: true });
    fc.assert(
      fc.property(ph, offset, gain, (p, offsetPh, g) => {
        expect(truePhFor(shownPhFor(p, { offsetPh, gain: g }), { offsetPh, gain: g })).toBeCloseTo(
          p,
          9,
        );
      }),
    );
  });

  test('by hand: shows 7.11 in 7.02 and 4.15 in 4.00', () => {
    // gain = (7.11 − 4.15)/(7.02 − 4.00) = 2.96/3.02 = 0.980132; offset = 7.11 − 7 − 0.980132·0.02.
    const { map } = fitPhAnchor([point(7.02, 7.11), point(4, 4.15)], { tempC: 20 });
    expect(map.gain).toBeCloseTo(0.980132, 6);
    expect(map.offsetPh).toBeCloseTo(0.090397, 6);
    expect(phErrorAt(5.8, map)).toBeCloseTo(0.114238, 5);
  });

  test('one point gives the offset alone and keeps the gain that was known', () => {
    const { map } = fitPhAnchor([point(7, 7.08)], { tempC: 25, knownGain: 0.97 });
    expect(map).toEqual({ gain: 0.97, offsetPh: expect.closeTo(0.08, 12) });
  });

  test('three points on a line leave no residual; one off the line does', () => {
    const straight = [4, 7, 10].map((p) => point(p, shownPhFor(p, { offsetPh: 0.05, gain: 0.98 })));
    expect(fitPhAnchor(straight, { tempC: 25 }).residualRmsPh).toBeCloseTo(0, 9);
    const bent = [point(4, 4.1), point(7, 7), point(10, 10.1)];
    expect(fitPhAnchor(bent, { tempC: 25 }).residualRmsPh).toBeGreaterThan(0.05);
  });

  test('nothing to fit is a programmer’s mistake', () => {
    expect(() => fitPhAnchor([], { tempC: 20 })).toThrow(RangeError);
  });

  test('the same buffer twice is one point: its mean error, and the gain stays unknown', () => {
    const anchor = fitPhAnchor([point(7, 7), point(7, 7.1)], { tempC: 20 });
    expect(anchor.map.gain).toBe(1);
    expect(anchor.map.offsetPh).toBeCloseTo(0.05, 12);
    // Three pH away the unknown gain of 0.03 costs 0.09; see UNKNOWN_GAIN_STD_U.
    const parts = phAnchorParts(anchor, 4);
    expect(parts.find(({ source }) => source === 'gainUnknown')?.stdU).toBeCloseTo(0.09, 12);
  });
});

describe('what a check leaves uncertain', () => {
  test('the quadratic is the sum of Lagrange’s weights squared, for any two points', () => {
    const ph = fc.double({ min: 2, max: 12, noNaN: true });
    const u = fc.double({ min: 0, max: 0.1, noNaN: true });
    fc.assert(
      fc.property(ph, u, u, (at, u7, u4) => {
        const [w7, w4] = [(at - 4) / 3, (7 - at) / 3];
        const variance = varianceAt(
          pointVariance([7, 4], (i) => [u7, u4][i]!),
          at,
        );
        expect(variance).toBeCloseTo((w7 * u7) ** 2 + (w4 * u4) ** 2, 9);
      }),
    );
  });

  test('equal errors at 4, 7 and 10 come through at 7 as u²/3, and grow outwards', () => {
    const variance = pointVariance([4, 7, 10], () => 0.03);
    expect(varianceAt(variance, 7)).toBeCloseTo(0.0003, 12);
    expect(varianceAt(variance, 10)).toBeCloseTo(0.0009 * (1 / 3 + 1 / 2), 12);
  });

  test('one point costs gain: 0.03 for each pH away from the buffer', () => {
    const anchor = fitPhAnchor([point(7, 7.02)], { tempC: 20 });
    const gainPart = phAnchorParts(anchor, 5.5).find((part) => part.source === 'gainUnknown');
    expect(gainPart?.stdU).toBeCloseTo(0.045, 12);
  });

  test('±0.02 buffers at pH 6 between 7 and 4: 0.0115·√(4/9 + 1/9) = 0.00857', () => {
    const anchor = fitPhAnchor([point(7, 7), point(4, 4)], { tempC: 20 });
    const standards = phAnchorParts(anchor, 6).find((part) => part.source === 'standards');
    expect(standards?.stdU).toBeCloseTo(0.00857, 4);
  });
});

describe('cups', () => {
  test('a 7.00 cup at 20.5 °C is 7.018, its tolerance rectangular', () => {
    const cup = {
      buffer: { kind: 'technical-7.00', nominalPh: 7 },
      tolerancePh: 0.02,
      tempC: 20.5,
      shownPh: 7.11,
      resolutionPh: 0.01,
    } as const;
    const result = phPointOf(cup);
    expect(result.ok && result.value.truePh).toBeCloseTo(7.018, 6);
    expect(result.ok && result.value.standardStdU).toBeCloseTo(0.011547, 6);
    expect(phPointOf({ ...cup, tempC: 60 }).ok).toBe(false);
  });

  test('an EC pen with α 0.020 showing 1.43 in 1.413 at 15 °C is exact, not 1 % high', () => {
    const result = ecAnchorOf({
      standard: { nominalMsPerCm: 1.413 },
      toleranceRel: 0.01,
      tempC: 15,
      shownMsPerCm: 1.43375,
      resolutionMsPerCm: 0.01,
      compensation: { alphaPerC: 0.02, referenceC: 25 },
    });
    expect(result.ok && result.value.gain).toBeCloseTo(1, 6);
  });
});

describe('tolerance in whole digits', () => {
  const at = (shown: number, target: number, tolerance: number, resolution: number) =>
    withinTolerance({ shown, target, tolerance, resolution }).within;

  test('0.05 on a 0.01 pen allows five digits, not six', () => {
    expect(at(7.07, 7.02, 0.05, 0.01)).toBe(true);
    expect(at(7.08, 7.02, 0.05, 0.01)).toBe(false);
  });

  test('never tighter than one digit: 7.1 passes on a 0.1 pen, 7.2 does not', () => {
    expect(at(7.1, 7.02, 0.05, 0.1)).toBe(true);
    expect(at(7.2, 7.02, 0.05, 0.1)).toBe(false);
  });
});
